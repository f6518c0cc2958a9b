/**
 * Points of the complex frequency plane, 1/s; and any complex value at each of them. What goes through all of
 * them names real and imaginary parts one by one: taking both out of a pair took three times as long.
 */
export interface Plane {
  readonly re: Float64Array;
  readonly im: Float64Array;
}

export const blank = (size: number): Plane => ({
  re: new Float64Array(size),
  im: new Float64Array(size),
});

/** The product, point by point. */
export function times(a: Plane, b: Plane): Plane {
  const size = a.re.length;
  const out = blank(size);
  for (let k = 0; k < size; k += 1) {
    const aRe = a.re[k] as number;
    const aIm = a.im[k] as number;
    const bRe = b.re[k] as number;
    const bIm = b.im[k] as number;
    out.re[k] = aRe * bRe - aIm * bIm;
    out.im[k] = aRe * bIm + aIm * bRe;
  }
  return out;
}

/** The first and so much of the second. */
export function plus(a: Plane, by: number, b: Plane): Plane {
  const out = blank(a.re.length);
  for (let k = 0; k < a.re.length; k += 1) {
    out.re[k] = (a.re[k] as number) + by * (b.re[k] as number);
    out.im[k] = (a.im[k] as number) + by * (b.im[k] as number);
  }
  return out;
}

export function addTo(out: Plane, by: number, more: Plane): void {
  for (let k = 0; k < out.re.length; k += 1) {
    out.re[k] = (out.re[k] as number) + by * (more.re[k] as number);
    out.im[k] = (out.im[k] as number) + by * (more.im[k] as number);
  }
}

export const scaled = ({ re, im }: Plane, by: number): Plane =>
  scaleIn({ re: re.slice(), im: im.slice() }, by);

/** A plane that nobody else has, times a number: no other is made. */
export function scaleIn(out: Plane, by: number): Plane {
  for (let k = 0; k < out.re.length; k += 1) {
    out.re[k] = (out.re[k] as number) * by;
    out.im[k] = (out.im[k] as number) * by;
  }
  return out;
}

/** A plane that nobody else has, times another. */
export function multiplyIn(out: Plane, by: Plane): Plane {
  for (let k = 0; k < out.re.length; k += 1) {
    const aRe = out.re[k] as number;
    const aIm = out.im[k] as number;
    const bRe = by.re[k] as number;
    const bIm = by.im[k] as number;
    out.re[k] = aRe * bRe - aIm * bIm;
    out.im[k] = aRe * bIm + aIm * bRe;
  }
  return out;
}

/** The quotient, point by point. */
export function over(a: Plane, b: Plane): Plane {
  const out = blank(a.re.length);
  for (let k = 0; k < a.re.length; k += 1) {
    const aRe = a.re[k] as number;
    const aIm = a.im[k] as number;
    const bRe = b.re[k] as number;
    const bIm = b.im[k] as number;
    const all = bRe * bRe + bIm * bIm;
    out.re[k] = (aRe * bRe + aIm * bIm) / all;
    out.im[k] = (aIm * bRe - aRe * bIm) / all;
  }
  return out;
}

/** A plane of plain frequencies, in Hz. */
export function frequencies(hz: readonly number[]): Plane {
  return {
    re: new Float64Array(hz.length),
    im: Float64Array.from(hz, (one) => 2 * Math.PI * one),
  };
}
