/**
 * Points of the complex frequency plane, 1/s; and any complex value at each of them. What goes through all of
 * them names real and imaginary parts one by one, and takes the arrays out of the planes before it begins:
 * pairs of them took three times as long, arrays looked up at every point half as long again.
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
  const { re: aRe, im: aIm } = a;
  const { re: bRe, im: bIm } = b;
  const out = blank(aRe.length);
  const { re, im } = out;
  for (let k = 0; k < re.length; k += 1) {
    const x = aRe[k] as number;
    const y = aIm[k] as number;
    const u = bRe[k] as number;
    const v = bIm[k] as number;
    re[k] = x * u - y * v;
    im[k] = x * v + y * u;
  }
  return out;
}

/** The first and so much of the second. */
export function plus(a: Plane, by: number, b: Plane): Plane {
  const { re: aRe, im: aIm } = a;
  const { re: bRe, im: bIm } = b;
  const out = blank(aRe.length);
  const { re, im } = out;
  for (let k = 0; k < re.length; k += 1) {
    re[k] = (aRe[k] as number) + by * (bRe[k] as number);
    im[k] = (aIm[k] as number) + by * (bIm[k] as number);
  }
  return out;
}

export function addTo({ re, im }: Plane, by: number, { re: moreRe, im: moreIm }: Plane): void {
  for (let k = 0; k < re.length; k += 1) {
    re[k] = (re[k] as number) + by * (moreRe[k] as number);
    im[k] = (im[k] as number) + by * (moreIm[k] as number);
  }
}

export const scaled = ({ re, im }: Plane, by: number): Plane =>
  scaleIn({ re: re.slice(), im: im.slice() }, by);

/** A plane that nobody else has, times a number: no other is made. */
export function scaleIn(out: Plane, by: number): Plane {
  const { re, im } = out;
  for (let k = 0; k < re.length; k += 1) {
    re[k] = (re[k] as number) * by;
    im[k] = (im[k] as number) * by;
  }
  return out;
}

/** A plane that nobody else has, times another. */
export function multiplyIn(out: Plane, by: Plane): Plane {
  const { re, im } = out;
  const { re: byRe, im: byIm } = by;
  for (let k = 0; k < re.length; k += 1) {
    const x = re[k] as number;
    const y = im[k] as number;
    const u = byRe[k] as number;
    const v = byIm[k] as number;
    re[k] = x * u - y * v;
    im[k] = x * v + y * u;
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
