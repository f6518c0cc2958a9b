import { frequencies } from '../line/plane';
import { bandsOf, firstEcho, type Band, type FirstEcho } from './first-echo';
import {
  fitGuess,
  reducedChiSquared,
  SEARCHING,
  WEIGHING,
  type Fit,
  type Measured,
  type Pains,
  type Prediction,
} from './fit-guess';
import { predictSweep } from './predict-sweep';
import { withChanges, type Change, type Guess } from './guess';
import type { Checkpoint } from './grow';
import { asEnds, asTaps, INNER_KINDS, LAST_KINDS, pairsAsTaps, supposedAnew } from './kinds';
import { cableParameters, changeParameters, lossBySkin, type Prior } from './parameter';
import { placeBest } from './place-best';
import { plainly } from './plainly';
import { noiseOf } from './sweep-noise';

/** A reflection over frequency, as measured. */
export interface Reflection {
  readonly hz: readonly number[];
  readonly re: Float64Array;
  readonly im: Float64Array;
  readonly referenceOhm: number;
}

export interface GrownSweep {
  readonly fit: Fit;
  /** Longest delay, there and back, that the spacing of the points can tell; so often as what was found needs it. */
  readonly rangeS: number;
  /** Two echoes nearer than this are hard to tell apart. */
  readonly resolutionS: number;
  readonly refit: (guess: Guess) => Fit;
  /** The first echo that a fit leaves unexplained; null where there is none. */
  readonly leftBy: (fit: Fit) => FirstEcho | null;
}

const MOST_CHANGES = 6;
/** Points that are fitted one by one while the search finds its way, and for what is told: more tell no more. */
const SEARCHED_POINTS = 150;
const WEIGHED_POINTS = 250;
/** What a search may cost, in values that are fitted; and how few and how many fits that may be. */
const MOST_FITTED = 80_000;
const [LEAST_FITS, MOST_FITS] = [50, 220];
/** So many times what noise and the model leave over is much: something is there that is not explained. */
export const MUCH_LEFT = 4;
/** No cable has more skin effect, 1/√s: a wire of a tenth of a millimetre in 50 ohm has 900. */
export const MOST_SKIN = 1500;
/** A line with as many changes is rather one whose end was seen too near; and so many ranges too near it may be. */
const MANY_CHANGES = 4;
/** So many times what noise makes of it, and a fit is none, wherever it is off. */
const NO_FIT = 100;
export const isFit = (fit: Fit): boolean => reducedChiSquared(fit) < NO_FIT;
const FOLDS = [1, 2];
/** From thick coaxial to thin pair, 1/√s. Generic. */
const FOLDED_SKINS = [60, 110, 180, 300];
/** One more change has to explain more than noise would let it, by so much. */
const LEAST_GAIN = 40;

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
  const { hz } = sweep;
  const count = hz.length;
  const [lowest = 0, highest = 1] = [hz[0], hz.at(-1)];
  const rangeS = (count - 1) / (highest - lowest);
  const resolutionS = 1 / (highest - lowest);
  const whole = pointsOf(sweep, count);
  const bands = bandsOf(hz);
  const sd = noiseOf(bands[0] as Band, whole.values);
  const fitterOver = ({ values, prediction }: Points) => {
    const to = values.length;
    const measured: Measured = { values, weights: new Float64Array(to).fill(1 / sd), from: 0, to };
    const fitted = (guess: Guess, pains: Pains) =>
      fitGuess(
        guess,
        [...cableParameters(prior), ...changeParameters(guess, resolutionS, reachOf(guess))],
        measured,
        prediction,
        pains,
      );
    return { measured, prediction, fitted };
  };
  const searched = fitterOver(pointsOf(sweep, SEARCHED_POINTS));
  const weighed = fitterOver(pointsOf(sweep, WEIGHED_POINTS));
  const allowed = MOST_FITTED / searched.measured.to;
  let left = Math.max(LEAST_FITS, Math.min(MOST_FITS, allowed));
  const fitted = (guess: Guess) => {
    left -= 1;
    return searched.fitted(guess, SEARCHING);
  };
  const leftBy = ({ guess }: Fit): FirstEcho | null => {
    const predicted = whole.prediction.values(guess, 2 * count);
    const over = whole.values.map((one, n) => one - (predicted[n] as number));
    return firstEcho(bands, over, predicted, sd, guess.line);
  };
  const growFrom = (first: Fit, told: Checkpoint): Fit => {
    let now = first;
    for (let round = 0; round < MOST_CHANGES && left > 0; round += 1) {
      told(round / MOST_CHANGES);
      const next = nextOf(now);
      if (!next) break;
      now = next;
    }
    return now;
  };
  const plain = fitted(start);
  const grown = growFrom(plain, checkpoint);
  const first = isOff(grown) ? leftBy(plain) : null;
  // Where much is left over, the first echo may be of a short branch, whose two ends look like one.
  const fit = (first ? branches(first) : []).reduce((best, branch) => {
    checkpoint(1);
    const placedThere = first && left > 0 ? placed(plain.guess, branch, first) : null;
    const other = placedThere ? growFrom(fitted(placedThere), () => {}) : best;
    return plainly(other) < plainly(best) ? other : best;
  }, grown);
  const found = beyond(fit);
  return {
    fit: found,
    rangeS: reachOf(found.guess),
    resolutionS,
    refit: (guess) => weighed.fitted(guess, WEIGHING),
    leftBy,
  };

  /** As many times the range as the furthest change needs. */
  function reachOf({ line: { changes } }: Guess): number {
    return rangeS * Math.max(1, Math.ceil((changes.at(-1)?.delayS ?? 0) / rangeS));
  }

  /**
   * What lies behind the range is seen nearer by as much as the range is, though with the loss and the phases of
   * its own way: where it takes many places to explain that, or they do not, it is supposed further away.
   */
  function beyond(near: Fit): Fit {
    const echo = leftBy(plain);
    const { changes } = near.guess.line;
    const isOdd = changes.length >= MANY_CHANGES || near.guess.line.loss.skin > MOST_SKIN;
    if (!echo || start.line.changes.length > 0 || !(isOdd || isOff(near))) return near;
    return FOLDS.reduce((best, folds) => {
      checkpoint(1);
      left = Math.max(left, LEAST_FITS);
      const change: Change = {
        kind: 'end',
        delayS: echo.delayS + folds * rangeS,
        size: 0,
        stubS: 0,
      };
      // So far away, an echo of another loss stands at another delay.
      const far = FOLDED_SKINS.flatMap((skin) => {
        const { line } = plain.guess;
        const loss = lossBySkin(skin, prior.resistance.mean, line.loss.dielectric);
        const guess = { ...plain.guess, line: { ...line, loss } };
        const one = placed(guess, { before: [], place: 0, change }, echo);
        return one ? [fitted(one)] : [];
      }).reduce<Fit | null>((one, next) => lower(next, one), null);
      const other = far && growFrom(far, () => {});

      const isPlain =
        other && other.guess.line.changes.length < MANY_CHANGES && !isOff(other) && isFit(other);
      return isPlain && plainly(other) < plainly(best) - LEAST_GAIN ? other : best;
    }, near);
  }

  function isOff(fit: Fit): boolean {
    const echo = leftBy(fit);
    return echo !== null && echo.ratio > MUCH_LEFT;
  }

  /** A fit with what explains most of its first echo; null where nothing does. */
  function nextOf(now: Fit): Fit | null {
    const { guess } = now;
    const echo = leftBy(now);
    if (!echo) return null;
    const { delayS } = echo;
    const { changes } = guess.line;
    const tried = [
      ...candidates(changes, delayS).map((one) => placed(guess, one, echo)),
      ...[...asTaps(changes, delayS), ...supposedAnew(changes), ...asEnds(changes)].map((list) =>
        withChanges(guess, list),
      ),
    ].flatMap((one) => (one ? [fitted(one)] : []));
    const best = tried.reduce<Fit | null>((least, one) => lower(one, least), null);
    if (!best || plainly(best) > plainly(now) - LEAST_GAIN) return null;
    return pairsAsTaps(best.guess.line.changes).reduce((least, list) => {
      const one = fitted(withChanges(best.guess, list));
      return plainly(one) < plainly(least) + LEAST_GAIN ? one : least;
    }, best);
  }

  /** The new change near to where it was seen; its phase tells the delay to a part of a wave. */
  function placed(
    guess: Guess,
    { before, place, change }: Candidate,
    { withinS, topHz }: FirstEcho,
  ): Guess | null {
    const step = 1 / (8 * topHz);
    const steps = Math.min(40, Math.ceil(withinS / step));
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
      searched.measured,
      searched.prediction,
    );
  }
}

const lower = (one: Fit, other: Fit | null): Fit =>
  other && plainly(other) <= plainly(one) ? other : one;

/** Some of a reflection's points, evenly: all real parts, then all imaginary ones, and what predicts them. */
interface Points {
  readonly values: Float64Array;
  readonly prediction: Prediction;
}

/**
 * @param dense so many are taken one by one, from the lowest on; above, the fewer the higher: what comes
 * from far away stands in the lowest alone
 */
function pointsOf({ hz, re, im, referenceOhm }: Reflection, dense: number): Points {
  const taken: number[] = [];
  for (let k = 0; k < hz.length; k += Math.max(1, Math.floor(k / dense))) taken.push(k);
  const values = new Float64Array(2 * taken.length);
  for (const [place, k] of taken.entries()) {
    values[place] = re[k] as number;
    values[taken.length + place] = im[k] as number;
  }
  const points = frequencies(taken.map((k) => hz[k] as number));
  return { values, prediction: predictSweep(points, referenceOhm) };
}

/** One more change, and where it goes among those that are supposed before. */
interface Candidate {
  readonly before: readonly Change[];
  readonly place: number;
  readonly change: Change;
}

/** One more change at a delay; behind all others, with those before it in every kind that they may be. */
function candidates(changes: readonly Change[], delayS: number): Candidate[] {
  const behind = changes.findIndex((change) => change.delayS > delayS);
  const last = behind < 0;
  return (last ? supposedAnew(changes) : [changes]).flatMap((before) =>
    (last ? LAST_KINDS : INNER_KINDS).map((kind) => ({
      before,
      place: last ? before.length : behind,
      change: { kind, delayS, size: 0, stubS: 0 },
    })),
  );
}

/** Branches that are too short for their two ends to be told apart, in resolutions. */
const SHORT_BRANCHES = [0.25, 0.5, 0.9, 1.4];

/** A short branch where the first echo was seen: of its two ends together it has a place in their middle. */
const branches = ({ delayS, withinS }: FirstEcho): Candidate[] =>
  SHORT_BRANCHES.map((share) => ({
    before: [],
    place: 0,
    change: {
      kind: 'tap',
      delayS: delayS - (share * withinS) / 2,
      size: 0,
      stubS: share * withinS,
    },
  }));
