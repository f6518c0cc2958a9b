import { frequencies } from '../line/plane';
import { echoTransform } from './echoes';
import { fitGuess, SEARCHING, WEIGHING, type Fit, type Measured } from './fit-guess';
import { predictSweep } from './predict-sweep';
import { withChanges, type Change, type Guess } from './guess';
import type { Checkpoint } from './grow';
import { asTaps, INNER_KINDS, kindsBefore, LAST_KINDS, pairsAsTaps, supposedAnew } from './kinds';
import { cableParameters, changeParameters, type Prior } from './parameter';
import { placeBest } from './place-best';
import { plainly } from './plainly';

/** A reflection over frequency, as measured. */
export interface Reflection {
  readonly hz: readonly number[];
  readonly re: Float64Array;
  readonly im: Float64Array;
  readonly referenceOhm: number;
}

export interface GrownSweep {
  readonly fit: Fit;
  /** Longest delay, there and back, that the spacing of the points can tell. */
  readonly rangeS: number;
  /** Two echoes nearer than this are hard to tell apart. */
  readonly resolutionS: number;
  readonly refit: (guess: Guess) => Fit;
}

const MOST_CHANGES = 6;
/** Less than this is not told of: connectors and cables stray by as much. */
const LEAST_REFLECTION = 0.006;
/** What no model predicts, of what it does predict. */
const MODEL_SHARE = 0.02;
/** Of the greatest, what is taken first where it comes earlier. */
const NEARLY = 0.3;
/** One more change has to explain more than noise would let it, by so much. */
const LEAST_GAIN = 40;
/** Between two draws of noise a quarter of the echoes is below this, in a part's deviation. */
const LOWER_QUARTER = Math.sqrt(2 * Math.log(4 / 3));

/**
 * Explains a reflection over frequency: the first great echo that is left in the transformed residual is
 * supposed to be a change, all are fitted together in the frequencies, and so on. What goes to and fro
 * between changes comes later than each of them, so that they are found first.
 */
export function growSweep(
  sweep: Reflection,
  start: Guess,
  prior: Prior,
  checkpoint: Checkpoint,
): GrownSweep {
  const { hz, re, im, referenceOhm } = sweep;
  const count = hz.length;
  const [lowest = 0, highest = 1] = [hz[0], hz.at(-1)];
  const rangeS = (count - 1) / (highest - lowest);
  const resolutionS = 1 / (highest - lowest);
  const prediction = predictSweep(frequencies(hz), referenceOhm);
  const values = new Float64Array(2 * count);
  values.set(re);
  values.set(im, count);
  const { echoesOf, noiseShare } = echoTransform(count, 1 / rangeS);
  const { sizes, delaysS } = echoesOf(values);
  // Most delays of a line hold no echo: the lower quarter is noise.
  const floor = sizes.slice().sort()[sizes.length >> 2] ?? 0;
  const sd = Math.max(1e-5, floor / LOWER_QUARTER / noiseShare);
  const weights = new Float64Array(2 * count).fill(1 / sd);
  const measured: Measured = { values, weights, from: 0, to: 2 * count };
  const fitted = (guess: Guess, pains = SEARCHING) =>
    fitGuess(
      guess,
      [...cableParameters(prior), ...changeParameters(guess, resolutionS, rangeS)],
      measured,
      prediction,
      pains,
    );
  let now = fitted(start);
  for (let round = 0; round < MOST_CHANGES; round += 1) {
    checkpoint(round / MOST_CHANGES);
    const predicted = prediction.values(now.guess, 2 * count);
    const left = echoesOf(values.map((one, n) => one - (predicted[n] as number)));
    const place = firstOf(left.sizes, echoesOf(predicted).sizes, noiseShare * sd);
    if (place < 0) break;
    const delayS = delaysS[place] as number;
    const { guess } = now;
    const { changes } = guess.line;
    const tried = [
      ...candidates(changes, delayS).map((one) => placed(guess, one)),
      ...[...asTaps(changes, delayS), ...supposedAnew(changes), ...asEnds(changes)].map((list) =>
        withChanges(guess, list),
      ),
    ].flatMap((one) => (one ? [fitted(one)] : []));
    const best = tried.reduce<Fit | null>(
      (least, one) => (!least || plainly(one) < plainly(least) ? one : least),
      null,
    );
    if (!best || plainly(best) > plainly(now) - LEAST_GAIN) break;
    now = pairsAsTaps(best.guess.line.changes).reduce((least, list) => {
      const one = fitted(withChanges(best.guess, list));
      return plainly(one) < plainly(least) + LEAST_GAIN ? one : least;
    }, best);
  }
  return { fit: now, rangeS, resolutionS, refit: (guess) => fitted(guess, WEIGHING) };

  /** The new change near to where it was seen; its phase tells the delay to a part of a wave. */
  function placed(guess: Guess, { before, place, change }: Candidate): Guess | null {
    const step = 1 / (8 * highest);
    const steps = Math.min(40, Math.ceil(resolutionS / step));
    const least = before[place - 1]?.delayS ?? 0;
    const most = before[place]?.delayS ?? Infinity;
    const delaysS = Array.from(
      { length: 2 * steps + 1 },
      (_, trial) => change.delayS + (trial - steps) * step,
    ).filter((delayS) => delayS >= least && delayS <= most);
    return placeBest(
      withChanges(guess, before),
      change.kind,
      delaysS,
      (delayS, size) => withChanges(guess, before.toSpliced(place, 0, { ...change, delayS, size })),
      measured,
      prediction,
    );
  }
}

/** One more change, and where it goes among those that are supposed before. */
interface Candidate {
  readonly before: readonly Change[];
  readonly place: number;
  readonly change: Change;
}

/** One more change at a delay, in the kinds that it and the one before it may be of. */
function candidates(changes: readonly Change[], delayS: number): Candidate[] {
  const behind = changes.findIndex((change) => change.delayS > delayS);
  const last = behind < 0;
  return (last ? kindsBefore(changes) : [changes]).flatMap((before) =>
    (last ? LAST_KINDS : INNER_KINDS).map((kind) => ({
      before,
      place: last ? changes.length : behind,
      change: { kind, delayS, size: 0, stubS: 0 },
    })),
  );
}

/** The last change as the end of the line. */
function asEnds(changes: readonly Change[]): (readonly Change[])[] {
  const last = changes.at(-1);
  return last && last.kind !== 'tap' ? [[...changes.slice(0, -1), { ...last, kind: 'end' }]] : [];
}

/** The first place that stands out nearly as much as any; −1 where nothing does. Repeats come later. */
function firstOf(left: Float64Array, known: Float64Array, noise: number): number {
  const ratios = new Float64Array(left.length);
  for (let n = 0; n < left.length; n += 1) {
    let near = 0;
    for (let m = Math.max(0, n - 8); m <= Math.min(left.length - 1, n + 8); m += 1)
      near = Math.max(near, known[m] as number);
    const least = Math.max(5 * noise, LEAST_REFLECTION, MODEL_SHARE * near);
    ratios[n] = (left[n] as number) / least;
  }
  const most = ratios.reduce((one, other) => Math.max(one, other), 0);
  if (most < 1) return -1;
  const first = ratios.findIndex((ratio) => ratio > Math.max(1, NEARLY * most));
  // Up its slope to where it is highest.
  let best = first;
  while ((ratios[best + 1] ?? 0) > (ratios[best] as number)) best += 1;
  return best;
}
