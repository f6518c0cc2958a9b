import { blank, type Plane } from './plane';

/** What a source puts out, with its edges: a ramp, smoothed by a bell and by one pole. */
export interface Launch {
  readonly kind: 'pulse' | 'step';
  /** Of the source with nothing connected. */
  readonly amplitudeV: number;
  /** The middle of its first edge. */
  readonly atS: number;
  /** From the middle of one edge to that of the other; of a step, null. */
  readonly widthS: number | null;
  readonly rampS: number;
  /** Standard deviation of the bell. */
  readonly bellS: number;
  readonly poleS: number;
}

/** From 10 to 90 % of an edge that a bell smooths, in the bell's standard deviations. */
export const RISE_OF_A_BELL = 2.5631;
/** The same of one pole, in its time constants. */
const RISE_OF_A_POLE = Math.log(9);
/** And of a ramp, in its length. */
const RISE_OF_A_RAMP = 0.8;

/** From 10 to 90 % of an edge; the parts of it add as the squares of their own. */
export function riseOf({ rampS, bellS, poleS }: Launch): number {
  return Math.hypot(RISE_OF_A_RAMP * rampS, RISE_OF_A_BELL * bellS, RISE_OF_A_POLE * poleS);
}

/** The launch in the complex frequency plane, volt seconds. */
export function launchSpectrum(launch: Launch, plane: Plane): Plane {
  const out = blank(plane.re.length);
  const { amplitudeV, atS, widthS, rampS, bellS, poleS } = launch;
  for (let k = 0; k < plane.re.length; k += 1) {
    const a = plane.re[k] as number;
    const b = plane.im[k] as number;
    // exp(−s·at + s²·bell²/2)
    const grown = amplitudeV * Math.exp(-a * atS + ((a * a - b * b) * bellS * bellS) / 2);
    const angle = -b * atS + a * b * bellS * bellS;
    const re = grown * Math.cos(angle);
    const im = grown * Math.sin(angle);
    // What it is multiplied by, and divided by: of a ramp, 2 sinh(s·ramp/2) over s·ramp.
    let xRe = 1;
    let xIm = 0;
    let overRe = a;
    let overIm = b;
    if (rampS > 0) {
      const x = (a * rampS) / 2;
      const y = (b * rampS) / 2;
      xRe = 2 * Math.sinh(x) * Math.cos(y);
      xIm = 2 * Math.cosh(x) * Math.sin(y);
      overRe = rampS * (a * a - b * b);
      overIm = 2 * rampS * a * b;
    }
    if (poleS > 0) {
      const before = overRe;
      overRe = before * (1 + a * poleS) - overIm * b * poleS;
      overIm = before * b * poleS + overIm * (1 + a * poleS);
    }
    if (widthS !== null) {
      const shrunk = Math.exp(-a * widthS);
      const endRe = 1 - shrunk * Math.cos(b * widthS);
      const endIm = shrunk * Math.sin(b * widthS);
      const before = xRe;
      xRe = before * endRe - xIm * endIm;
      xIm = before * endIm + xIm * endRe;
    }
    const size2 = overRe * overRe + overIm * overIm;
    const timesRe = (xRe * overRe + xIm * overIm) / size2;
    const timesIm = (xIm * overRe - xRe * overIm) / size2;
    out.re[k] = re * timesRe - im * timesIm;
    out.im[k] = re * timesIm + im * timesRe;
  }
  return out;
}

/**
 * By what share a launch grows at every point when it is moved a little, to the first order: the logarithm
 * of what it is made of, part by part.
 */
export function launchSlope(launch: Launch, moved: Launch, plane: Plane): Plane {
  const out = blank(plane.re.length);
  const taller = moved.amplitudeV / launch.amplitudeV - 1;
  const laterS = moved.atS - launch.atS;
  const bell = (moved.bellS ** 2 - launch.bellS ** 2) / 2;
  const pole = moved.poleS - launch.poleS;
  const ramp = moved.rampS ** 2 - launch.rampS ** 2;
  const widerS = (moved.widthS ?? 0) - (launch.widthS ?? 0);
  for (let k = 0; k < plane.re.length; k += 1) {
    const a = plane.re[k] as number;
    const b = plane.im[k] as number;
    let re = taller - a * laterS + bell * (a * a - b * b);
    let im = -b * laterS + bell * 2 * a * b;
    if (pole !== 0) {
      const more = dividedBy(a, b, 1 + a * launch.poleS, b * launch.poleS);
      re -= pole * more.re;
      im -= pole * more.im;
    }
    if (ramp !== 0) {
      const more = rampSlope(a, b, launch.rampS);
      re += ramp * more.re;
      im += ramp * more.im;
    }
    if (widerS !== 0 && launch.widthS !== null) {
      // s e^(−s w) over 1 − e^(−s w)
      const shrunk = Math.exp(-a * launch.widthS);
      const x = shrunk * Math.cos(b * launch.widthS);
      const y = -shrunk * Math.sin(b * launch.widthS);
      const more = dividedBy(a * x - b * y, a * y + b * x, 1 - x, -y);
      re += widerS * more.re;
      im += widerS * more.im;
    }
    out.re[k] = re;
    out.im[k] = im;
  }
  return out;
}

/** Ramps shorter than this many periods are told by the first term of their series. */
const SHORT = 0.01;

/** Of the logarithm of sinh(x) over x, x = s·ramp/2, by the ramp's square: s/(4 ramp) (coth x − 1/x), at none s²/24. */
function rampSlope(a: number, b: number, rampS: number): { re: number; im: number } {
  const x = (a * rampS) / 2;
  const y = (b * rampS) / 2;
  if (Math.hypot(x, y) < SHORT) return { re: (a * a - b * b) / 24, im: (2 * a * b) / 24 };
  const growing = Math.cosh(x);
  const growth = Math.sinh(x);
  const along = Math.cos(y);
  const turned = Math.sin(y);
  const coth = dividedBy(growing * along, growth * turned, growth * along, growing * turned);
  const one = dividedBy(1, 0, x, y);
  const re = coth.re - one.re;
  const im = coth.im - one.im;
  return { re: (a * re - b * im) / (4 * rampS), im: (a * im + b * re) / (4 * rampS) };
}

function dividedBy(re: number, im: number, byRe: number, byIm: number) {
  const all = byRe * byRe + byIm * byIm;
  return { re: (re * byRe + im * byIm) / all, im: (im * byRe - re * byIm) / all };
}

/** A launch at no time, whose edges a bell smooths: what an instrument with some rise puts out. */
export const smoothLaunch = (amplitudeV: number, riseS: number, widthS: number | null): Launch => ({
  kind: widthS === null ? 'step' : 'pulse',
  amplitudeV,
  atS: 0,
  widthS,
  rampS: 0,
  bellS: riseS / RISE_OF_A_BELL,
  poleS: 0,
});
