import type { Trace } from '../../formats/captures';
import type { Prediction, Measured } from './fit-guess';
import { predictTrace } from './predict-trace';
import type { Survey } from './survey';
import { RISE_OF_A_BELL } from '../line/launch';

/** A trace made ready to be explained: as few samples as its edges allow, from its first on. */
export interface BenchTrace {
  readonly measured: Measured;
  readonly prediction: Prediction;
  /** Of one of these samples. */
  readonly sd: number;
  readonly intervalS: number;
  /** The instrument's time at which the grid's own begins. */
  readonly fromS: number;
  readonly count: number;
  /** An edge in samples. */
  readonly edge: number;
  /** Volts that are too few to be told of. */
  readonly leastV: number;
}

/** As few to an edge still tell all that is in it. */
const SAMPLES_AN_EDGE = 5;
/** Points of the grid to an edge, so that it does not ring. */
const FINE_AN_EDGE = 3;
/** Of the launch: the impedance of a cable strays by about as much along the way. */
const LEAST_SHARE = 0.01;
const MOST_POINTS = 32_768;
/** Of the quiet line before the launch, so many edges are kept. */
const QUIET_EDGES = 60;

export function benchTrace(trace: Trace, survey: Survey, riseS: number): BenchTrace {
  const { volts, intervalS, fromS } = trace;
  const untilS = stirredUntil(trace, survey, riseS);
  const quiet = Math.max(24, Math.ceil((QUIET_EDGES * riseS) / intervalS));
  const first = Math.max(0, survey.launchIndex - quiet);
  const last = Math.min(volts.length, Math.ceil((untilS - fromS) / intervalS));
  const wanted = Math.max(1, Math.floor(riseS / SAMPLES_AN_EDGE / intervalS));
  const folded = Math.max(wanted, Math.ceil((last - first) / MOST_POINTS));
  const count = Math.floor((last - first) / folded);
  const values = new Float64Array(count);
  const weights = new Float64Array(count);
  const sd = survey.noiseV / Math.sqrt(folded);
  const cut = new Uint8Array(volts.length);
  for (const { from, to } of survey.clipped) cut.fill(1, from, to);
  for (let n = 0; n < count; n += 1) {
    let sum = 0;
    let lost = false;
    for (let m = first + n * folded; m < first + (n + 1) * folded; m += 1) {
      sum += volts[m] as number;
      lost ||= cut[m] === 1;
    }
    values[n] = sum / folded;
    weights[n] = lost ? 0 : 1 / sd;
  }
  const coarseS = intervalS * folded;
  const finer = Math.min(8, Math.max(1, Math.ceil((FINE_AN_EDGE * coarseS) / riseS)));
  return {
    measured: { values, weights, from: 0, to: count },
    prediction: predictTrace(
      coarseS,
      finer,
      folded > 1 ? { kind: 'mean', overS: coarseS } : { kind: 'none' },
    ),
    sd,
    intervalS: coarseS,
    fromS: fromS + (first + (folded - 1) / 2) * intervalS,
    count,
    edge: Math.max(1, Math.round(riseS / coarseS)),
    leastV: LEAST_SHARE * Math.abs(survey.launchV),
  };
}

/** Samples of a coarse trace, and of a fine one from which it is worth the trouble. */
const COARSE_SAMPLES = 330;
const WORTH = 4;
/** From one coarse sample to the next, in deviations of the bell that smooths them: all is still in them. */
const SPACING = 2;
/** Points of the grid to a coarse sample: beyond them the bell leaves nothing. */
const FINE_A_SAMPLE = 3;
/** Of a bell that is folded with, so many deviations are taken. */
const BELL_REACH = 4;

/**
 * The same trace smoothed by a bell, with as many samples as its length allows: what lies far apart is found
 * in it much faster. Null where there is little to gain.
 */
export function coarseBench(fine: BenchTrace): BenchTrace | null {
  const by = Math.ceil(fine.count / COARSE_SAMPLES);
  if (by < WORTH) return null;
  const sdSamples = by / SPACING;
  const reach = Math.ceil(BELL_REACH * sdSamples);
  const bell = Float64Array.from({ length: 2 * reach + 1 }, (_, n) =>
    Math.exp(-(((n - reach) / sdSamples) ** 2) / 2),
  );
  const count = Math.floor(fine.count / by);
  const [values, weights] = [new Float64Array(count), new Float64Array(count)];
  const all = bell.reduce((sum, one) => sum + one, 0);
  const squares = bell.reduce((sum, one) => sum + one * one, 0);
  const sd = (fine.sd * Math.sqrt(squares)) / all;
  for (let n = 0; n < count; n += 1) {
    let sum = 0;
    // What hangs over the beginning or the end, or was cut off, is no mean of the whole bell.
    let whole = true;
    for (let m = 0; m <= 2 * reach; m += 1) {
      const at = n * by + m - reach;
      whole &&= (fine.measured.weights[at] ?? 0) > 0;
      sum += (fine.measured.values[at] ?? 0) * (bell[m] as number);
    }
    values[n] = sum / all;
    weights[n] = whole ? 1 / sd : 0;
  }
  const intervalS = by * fine.intervalS;
  const edgeS = Math.hypot(fine.edge * fine.intervalS, RISE_OF_A_BELL * sdSamples * fine.intervalS);
  return {
    measured: { values, weights, from: 0, to: count },
    prediction: predictTrace(intervalS, FINE_A_SAMPLE, {
      kind: 'bell',
      sdS: sdSamples * fine.intervalS,
    }),
    sd,
    intervalS,
    fromS: fine.fromS,
    count,
    edge: Math.max(1, Math.round(edgeS / intervalS)),
    leastV: fine.leastV,
  };
}

/** So many rises after the launch are looked at in any case: some 80 m for an edge of a nanosecond. */
const LOOKED_AT_RISES = 800;
/** After the last that stirs, as much again of the way to it by this share. */
const AFTER_LAST = 0.5;
/** Smeared echoes stand out only of the mean of so many stretches. */
const LONG = 8;
const STRETCHES = 4096;
const STIRS = 6;

/**
 * Until when a long record shows anything: behind it there is only noise about one level, which needs no
 * explaining and would make the rest coarse.
 */
function stirredUntil({ volts, intervalS, fromS }: Trace, survey: Survey, riseS: number): number {
  const endS = fromS + volts.length * intervalS;
  const leastS = survey.atS + LOOKED_AT_RISES * riseS;
  if (leastS >= endS) return endS;
  const stretch = Math.max(Math.ceil(riseS / intervalS), Math.ceil(volts.length / STRETCHES));
  const level = (n: number) => {
    let sum = 0;
    for (let m = n * stretch; m < (n + 1) * stretch; m += 1) sum += volts[m] as number;
    return sum / stretch;
  };
  const count = Math.floor(volts.length / stretch);
  const levels = Float64Array.from({ length: count }, (_, n) => level(n));
  const mean = (from: number, over: number) => {
    let sum = 0;
    for (let n = from; n < from + over; n += 1) sum += levels[n] as number;
    return sum / over;
  };
  const tail = Math.min(count, 4 * LONG);
  const last = mean(count - tail, tail);
  const stirs = (from: number, over: number) =>
    Math.abs(mean(from, over) - last) > (STIRS * survey.noiseV) / Math.sqrt(stretch * over);
  let quiet = count - tail;
  // From the end backwards, for as long as all is one level.
  while (quiet > 0 && !stirs(quiet - 1, 1) && !stirs(quiet - 1, Math.min(LONG, count - quiet)))
    quiet -= 1;
  const stirS = fromS + quiet * stretch * intervalS;
  return Math.min(endS, Math.max(leastS, stirS + AFTER_LAST * (stirS - survey.atS)));
}
