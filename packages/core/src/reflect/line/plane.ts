/** Points of the complex frequency plane, 1/s; and any complex value at each of them. */
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
    const [aRe, aIm] = [a.re[k] as number, a.im[k] as number];
    const [bRe, bIm] = [b.re[k] as number, b.im[k] as number];
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

export const scaled = (plane: Plane, by: number): Plane => plus(blank(plane.re.length), by, plane);

/** The quotient, point by point. */
export function over(a: Plane, b: Plane): Plane {
  const out = blank(a.re.length);
  for (let k = 0; k < a.re.length; k += 1) {
    const [aRe, aIm] = [a.re[k] as number, a.im[k] as number];
    const [bRe, bIm] = [b.re[k] as number, b.im[k] as number];
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
