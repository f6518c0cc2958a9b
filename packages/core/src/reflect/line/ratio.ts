import type { InputImpedance } from './input-impedance';
import { blank, type Plane } from './plane';

/**
 * What is told of a line by the volts N and amperes D seen into it: (a N + b D) / ((c + s · perS) N + d D). What
 * grows with s is for a b of nothing alone.
 */
export interface Ratio {
  readonly a: number;
  readonly b: number;
  readonly c: number;
  readonly perS: number;
  readonly d: number;
}

/** Where the trace is taken: a tee between a source, a scope and the line. */
export interface Tee {
  readonly sourceOhm: number;
  readonly scopeOhm: number;
  /** Beside it, of its input and what leads to it, farad. */
  readonly scopeF: number;
}

/** Of a source's own volts, how much stands at the tee. */
export const teeShare = ({ sourceOhm, scopeOhm, scopeF }: Tee): Ratio => ({
  a: 1,
  b: 0,
  c: 1 + sourceOhm / scopeOhm,
  perS: sourceOhm * scopeF,
  d: sourceOhm,
});

/** What comes back over what goes in, against a reference impedance. */
export const reflectionAgainst = (referenceOhm: number): Ratio => ({
  a: 1,
  b: -referenceOhm,
  c: 1,
  perS: 0,
  d: referenceOhm,
});

export function valueOf(
  { a, b, c, perS, d }: Ratio,
  { num, den }: InputImpedance,
  s: Plane,
): Plane {
  const size = num.re.length;
  const out = blank(size);
  for (let k = 0; k < size; k += 1) {
    const nRe = num.re[k] as number;
    const nIm = num.im[k] as number;
    const dRe = den.re[k] as number;
    const dIm = den.im[k] as number;
    const cRe = c + perS * (s.re[k] as number);
    const cIm = perS * (s.im[k] as number);
    const overRe = cRe * nRe - cIm * nIm + d * dRe;
    const overIm = cRe * nIm + cIm * nRe + d * dIm;
    const topRe = a * nRe + b * dRe;
    const topIm = a * nIm + b * dIm;
    const all = overRe * overRe + overIm * overIm;
    out.re[k] = (topRe * overRe + topIm * overIm) / all;
    out.im[k] = (topIm * overRe - topRe * overIm) / all;
  }
  return out;
}

/** What a little more volts (`num`) or amperes (`den`) make of it: (a d − b c) D, or −N, over (c N + d D)². */
export function slopeOf(
  { a, b, c, perS, d }: Ratio,
  { num, den }: InputImpedance,
  s: Plane,
): InputImpedance {
  const size = num.re.length;
  const out: InputImpedance = { num: blank(size), den: blank(size) };
  for (let k = 0; k < size; k += 1) {
    const nRe = num.re[k] as number;
    const nIm = num.im[k] as number;
    const dRe = den.re[k] as number;
    const dIm = den.im[k] as number;
    const cRe = c + perS * (s.re[k] as number);
    const cIm = perS * (s.im[k] as number);
    const overRe = cRe * nRe - cIm * nIm + d * dRe;
    const overIm = cRe * nIm + cIm * nRe + d * dIm;
    const all = (overRe * overRe + overIm * overIm) ** 2 / (a * d - b * c);
    const squareRe = (overRe * overRe - overIm * overIm) / all;
    const squareIm = (-2 * overRe * overIm) / all;
    out.num.re[k] = squareRe * dRe - squareIm * dIm;
    out.num.im[k] = squareRe * dIm + squareIm * dRe;
    out.den.re[k] = squareIm * nIm - squareRe * nRe;
    out.den.im[k] = -squareRe * nIm - squareIm * nRe;
  }
  return out;
}
