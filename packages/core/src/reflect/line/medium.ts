import type { Loss, Section } from './line';
import { blank, type Plane } from './plane';
import { wireImpedance } from './wire';

/** Of a loss: what a wave's exponent is per second of delay, and the impedance against the lossless one. */
export interface Medium {
  readonly wave: Plane;
  readonly impedance: Plane;
}

/** Dielectric constants are told at 100 MHz, 1/s. */
const REFERENCE = 2e8 * Math.PI;

/** What every loss needs of the points: √s with its real part above nothing, and s in its polar form. */
interface Points {
  readonly plane: Plane;
  readonly root: Plane;
  readonly logSize: Float64Array;
  readonly angle: Float64Array;
}

function pointsOf(plane: Plane): Points {
  const root = blank(plane.re.length);
  const [logSize, angle] = [new Float64Array(plane.re.length), new Float64Array(plane.re.length)];
  for (let k = 0; k < plane.re.length; k += 1) {
    const re = plane.re[k] as number;
    const im = plane.im[k] as number;
    const size = Math.sqrt(re * re + im * im);
    const half = Math.sqrt((size - re) / 2);
    root.re[k] = Math.sqrt((size + re) / 2);
    root.im[k] = im < 0 ? -half : half;
    logSize[k] = Math.log(size / REFERENCE);
    angle[k] = Math.atan2(im, re);
  }
  return { plane, root, logSize, angle };
}

function mediumOf(loss: Loss, { plane, root, logSize, angle }: Points): Medium {
  const size = plane.re.length;
  const metal = wireImpedance(loss, root);
  const [wave, impedance] = [blank(size), blank(size)];
  const bend = (-2 * loss.dielectric) / Math.PI;
  for (let k = 0; k < size; k += 1) {
    const re = plane.re[k] as number;
    const im = plane.im[k] as number;
    const seriesRe = re + (metal.re[k] as number);
    const seriesIm = im + (metal.im[k] as number);
    let acrossRe = re;
    let acrossIm = im;
    if (bend !== 0) {
      // (s / 2π 100 MHz)^bend
      const grown = Math.exp(bend * (logSize[k] as number));
      const turn = bend * (angle[k] as number);
      const byRe = grown * Math.cos(turn);
      const byIm = grown * Math.sin(turn);
      acrossRe = re * byRe - im * byIm;
      acrossIm = re * byIm + im * byRe;
    }
    // γ = √(series · across) and Z = series / γ.
    const productRe = seriesRe * acrossRe - seriesIm * acrossIm;
    const productIm = seriesRe * acrossIm + seriesIm * acrossRe;
    const grown = Math.sqrt(productRe * productRe + productIm * productIm);
    const waveRe = Math.sqrt(Math.max(0, (grown + productRe) / 2));
    const half = Math.sqrt(Math.max(0, (grown - productRe) / 2));
    const waveIm = productIm < 0 ? -half : half;
    wave.re[k] = waveRe;
    wave.im[k] = waveIm;
    impedance.re[k] = (seriesRe * waveRe + seriesIm * waveIm) / grown;
    impedance.im[k] = (seriesIm * waveRe - seriesRe * waveIm) / grown;
  }
  return { wave, impedance };
}

/** What losses make of waves over the same points, kept while lines in a row share most of it. */
export interface Media {
  /** How many points. */
  readonly size: number;
  readonly of: (loss: Loss) => Medium;
  /** What is left of a wave after a piece, there and back. */
  readonly left: (section: Section) => Plane;
}

/** As many as a line of some pieces has, a few times over. */
const MOST_WAYS = 24;
/** A loss, and it with each of its parts a little more. */
const MOST_LOSSES = 4;

const same = (one: Loss, other: Loss): boolean =>
  one.skin === other.skin &&
  one.dielectric === other.dielectric &&
  one.resistance === other.resistance;

export function keepMedia(plane: Plane): Media {
  const size = plane.re.length;
  const points = pointsOf(plane);
  let known: { readonly loss: Loss; readonly medium: Medium }[] = [];
  let ways: { readonly delayS: number; readonly loss: Loss; readonly left: Plane }[] = [];
  const of = (loss: Loss): Medium => {
    const found = known.find((one) => same(one.loss, loss));
    if (found) return found.medium;
    const medium = mediumOf(loss, points);
    known = [{ loss, medium }, ...known.slice(0, MOST_LOSSES - 1)];
    return medium;
  };
  const left = ({ delayS, loss }: Section): Plane => {
    const found = ways.find((one) => one.delayS === delayS && same(one.loss, loss));
    if (found) return found.left;
    const { wave } = of(loss);
    const made = blank(size);
    for (let k = 0; k < size; k += 1) {
      const shrunk = Math.exp(-2 * delayS * (wave.re[k] as number));
      const turn = -2 * delayS * (wave.im[k] as number);
      made.re[k] = shrunk * Math.cos(turn);
      made.im[k] = shrunk * Math.sin(turn);
    }
    ways = [{ delayS, loss, left: made }, ...ways.slice(0, MOST_WAYS - 1)];
    return made;
  };
  return { size, of, left };
}
