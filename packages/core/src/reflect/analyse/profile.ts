import { bellOf } from '../line/bell';
import { gridOf, sizeFor } from '../line/grid';
import { RISE_OF_A_BELL, launchSpectrum } from '../line/launch';
import { LOSSLESS } from '../line/line';
import { inputImpedance, type InputImpedance } from '../line/input-impedance';
import { keepMedia } from '../line/medium';
import { blank, frequencies, over, times, type Plane } from '../line/plane';
import { reflectionAgainst, slopeOf, teeShare, valueOf } from '../line/ratio';
import type { BenchTrace } from './bench-trace';
import { spreadOf, type Fit } from './fit-guess';
import { lineOf, type GuessedLine } from './guess';
import { layerPeeling } from './layer-peeling';
import type { Reflection } from './sweep-points';

/** The impedance along a line, step by step of its delay, as if it had no loss. */
export interface ImpedanceProfile {
  /** There and back; the first is that of the line's near end. */
  readonly stepS: number;
  readonly ohm: Float64Array;
  /** Standard uncertainty, ohms: by what is left of the trace, and by the cable’s own impedance. */
  readonly ohmU: Float64Array;
  /** What is shorter than this, there and back, is smeared. */
  readonly smearS: number;
}

const MOST_STEPS = 1000;
/** Where little of the launch is, little is told: of its step's own spectrum. */
const LEAST_OF_LAUNCH = 0.02;
/** Deviation of the bell that smooths what comes back, in rises of the launch. */
const BELL_RISES = 0.63;
/** Of the highest frequency of a sweep, the bell leaves e to the minus this. */
const AT_HIGHEST = 4;
/** Before the end of a line, so many deviations are left out: the end is no impedance of the cable. */
const BEFORE_END = 3;
const FAR = 20;

/** What a step’s trace tells: the fitted line without its loss, and what is left of the trace besides. */
export function profileOfTrace(
  fit: Fit,
  { measured, prediction, intervalS, count }: BenchTrace,
  riseS: number,
): ImpedanceProfile {
  const { guess } = fit;
  const { launch, line, tee } = guess;
  const sdS = BELL_RISES * riseS;
  const grid = gridOf(sizeFor(1.2 * count), intervalS);
  const predicted = prediction.values(guess, count);
  const left = Float64Array.from({ length: count }, (_, n) =>
    (measured.weights[n] as number) > 0
      ? (measured.values[n] as number) - (predicted[n] as number)
      : 0,
  );
  const volts = grid.toPlane(left);
  const sent = launchSpectrum(launch, grid.plane);
  const seen = inputImpedance(lineOf(line), keepMedia(grid.plane)).near[0] as InputImpedance;
  const bell = bellOf(grid.plane, sdS);
  // How much what comes back changes with what stands at the tee.
  const turn = over(
    slopeOf(reflectionAgainst(line.impedanceOhm), seen, grid.plane).num,
    slopeOf(teeShare(tee), seen, grid.plane).num,
  );
  const least = LEAST_OF_LAUNCH * launch.amplitudeV;
  const source = times(divided(volts, sent, grid.plane, least), turn);
  const [extra, model] = [new Float64Array(grid.size), new Float64Array(grid.size)];
  grid.toTime(times(source, bell), times(losslessOf(line, grid.plane), bell), extra, model);
  const untilS = count * intervalS - launch.atS;
  return profileOf(line, model, extra, intervalS, untilS, sdS, spreadOf(fit, 'impedance'));
}

/**
 * A spectrum over what was sent, held down where that is little beside a step's own, of so many volts.
 *
 * Source: Wiener's inverse filter.
 */
function divided(volts: Plane, sent: Plane, s: Plane, leastV: number): Plane {
  const out = blank(s.re.length);
  for (let k = 0; k < out.re.length; k += 1) {
    const sRe = sent.re[k] as number;
    const sIm = sent.im[k] as number;
    const vRe = volts.re[k] as number;
    const vIm = volts.im[k] as number;
    const step = (leastV * leastV) / ((s.re[k] as number) ** 2 + (s.im[k] as number) ** 2);
    const all = sRe * sRe + sIm * sIm + step;
    out.re[k] = (vRe * sRe + vIm * sIm) / all;
    out.im[k] = (vIm * sRe - vRe * sIm) / all;
  }
  return out;
}

/** The same of a reflection over evenly spaced frequencies; below the lowest, the fitted line stands in. */
export function profileOfSweep(
  fit: Fit,
  { hz, re, im, referenceOhm }: Reflection,
  rangeS: number,
): ImpedanceProfile {
  const { line } = fit.guess;
  const highest = hz.at(-1) as number;
  const sdS = Math.sqrt(2 * AT_HIGHEST) / (2 * Math.PI * highest);
  const untilS = rangeS / 2;
  const count = Math.ceil(Math.min(4 * MOST_STEPS, (2 * untilS) / sdS));
  const stepS = untilS / count;
  const points = frequencies(hz);
  const seen = inputImpedance(lineOf(line), keepMedia(points)).near[0] as InputImpedance;
  const predicted = valueOf(reflectionAgainst(referenceOhm), seen, points);
  const bell = bellOf(points, sdS);
  const spacing = (highest - (hz[0] as number)) / (hz.length - 1);
  const extra = Float64Array.from({ length: count }, (_, n) => {
    let sum = 0;
    for (let k = 0; k < hz.length; k += 1) {
      const angle = (points.im[k] as number) * n * stepS;
      const x = (re[k] as number) - (predicted.re[k] as number);
      const y = (im[k] as number) - (predicted.im[k] as number);
      sum += (bell.re[k] as number) * (x * Math.cos(angle) - y * Math.sin(angle));
    }
    return 2 * spacing * sum;
  });
  const grid = gridOf(sizeFor(1.2 * count), stepS);
  const model = new Float64Array(grid.size);
  grid.toTime(times(losslessOf(line, grid.plane), bellOf(grid.plane, sdS)), null, model, null);
  return profileOf(line, model, extra, stepS, untilS, sdS, spreadOf(fit, 'impedance'));
}

function losslessOf(line: GuessedLine, plane: Plane): Plane {
  const seen = inputImpedance(lineOf({ ...line, loss: LOSSLESS }), keepMedia(plane))
    .near[0] as InputImpedance;
  return valueOf(reflectionAgainst(line.impedanceOhm), seen, plane);
}

/** @param model and extra: what comes back of an impulse, per second, every `intervalS` */
function profileOf(
  line: GuessedLine,
  model: Float64Array,
  extra: Float64Array,
  intervalS: number,
  untilS: number,
  sdS: number,
  impedanceU: number,
): ImpedanceProfile {
  const end = line.changes.find(({ kind }) => kind === 'end');
  const stopS = Math.min(untilS, end ? end.delayS - BEFORE_END * sdS : Infinity);
  const samples = Math.max(1, Math.min(extra.length, Math.floor(stopS / intervalS)));
  const folded = Math.ceil(samples / MOST_STEPS);
  const count = Math.floor(samples / folded);
  const sums = (list: Float64Array, n: number) => {
    let sum = 0;
    for (let m = n * folded; m < (n + 1) * folded; m += 1) sum += list[m] as number;
    return sum * intervalS;
  };
  const noise = Float64Array.from({ length: count }, (_, n) => sums(extra, n));
  const echoes = noise.map((one, n) => one + sums(model, n));
  const peeled = layerPeeling(echoes, line.impedanceOhm);
  const lost = peeled.findIndex(
    (ohm) => ohm > FAR * line.impedanceOhm || ohm < line.impedanceOhm / FAR,
  );
  const ohm = lost < 0 ? peeled : peeled.slice(0, lost);
  const share = 2 * spreadOfSums(noise);
  const nearU = impedanceU / line.impedanceOhm;
  return {
    stepS: folded * intervalS,
    ohm,
    ohmU: ohm.map((one) => one * Math.hypot(share, nearU)),
    smearS: RISE_OF_A_BELL * sdS,
  };
}

/** Root mean square of what has come back so far: an impedance follows that, not each echo alone. */
function spreadOfSums(echoes: Float64Array): number {
  let [sum, squares] = [0, 0];
  for (const echo of echoes) {
    sum += echo;
    squares += sum * sum;
  }
  return Math.sqrt(squares / echoes.length);
}
