/** A complex number: real and imaginary part. */
export type C = readonly [re: number, im: number];

export const real = (re: number): C => [re, 0];
export const add = (a: C, b: C): C => [a[0] + b[0], a[1] + b[1]];
export const sub = (a: C, b: C): C => [a[0] - b[0], a[1] - b[1]];
export const mul = (a: C, b: C): C => [a[0] * b[0] - a[1] * b[1], a[0] * b[1] + a[1] * b[0]];
export function div(a: C, b: C): C {
  const size = b[0] * b[0] + b[1] * b[1];
  return [(a[0] * b[0] + a[1] * b[1]) / size, (a[1] * b[0] - a[0] * b[1]) / size];
}
export const by = (a: C, factor: number): C => [a[0] * factor, a[1] * factor];
/** With its real part not below nothing. */
export function root([re, im]: C): C {
  const size = Math.hypot(re, im);
  const half = Math.sqrt(Math.max(0, (size - re) / 2));
  return [Math.sqrt(Math.max(0, (size + re) / 2)), im < 0 ? -half : half];
}
export function exp([re, im]: C): C {
  const size = Math.exp(re);
  return [size * Math.cos(im), size * Math.sin(im)];
}
