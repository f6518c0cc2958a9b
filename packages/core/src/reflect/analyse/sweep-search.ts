import type { Refit } from './alternatives';
import { bandsOf, firstEcho, type Band, type FirstEcho } from './first-echo';
import {
  fitGuess,
  reducedChiSquared,
  SEARCHING,
  WEIGHING,
  type Fit,
  type Measured,
  type Pains,
} from './fit-guess';
import { withChanges, type Change, type Guess } from './guess';
import { asEnds, asTaps, INNER_KINDS, LAST_KINDS, pairsAsTaps, supposedAnew } from './kinds';
import { cableParameters, changeParameters, type Prior } from './parameter';
import { placeBest } from './place-best';
import { plainly } from './plainly';
import { noiseOf } from './sweep-noise';
import { pointsOf, type Points, type Reflection } from './sweep-points';

/** What a reflection is explained with, step by step. */
export interface SweepSearch {
  /** Longest delay, there and back, that the spacing of the points can tell. */
  readonly rangeS: number;
  /** Two echoes nearer than this are hard to tell apart. */
  readonly resolutionS: number;
  /** How many fits may still be spent. */
  readonly left: () => number;
  /** Sees to it that so many are left. */
  readonly allow: (fits: number) => void;
  /** A fit in few of the points, while the search finds its way. */
  readonly fitted: (guess: Guess) => Fit;
  /** A fit in more of them, for what is told. */
  readonly refit: Refit;
  /** The first echo that a fit leaves unexplained; null where there is none. */
  readonly leftBy: (fit: Fit, from?: number) => FirstEcho | null;
  /** Whether much is left over. */
  readonly isOff: (fit: Fit) => boolean;
  /** The new change near to where it was seen; its phase tells the delay to a part of a wave. */
  readonly placed: (guess: Guess, candidate: Candidate, echo: FirstEcho) => Guess | null;
  /** A fit with what explains most of its first echo, so many resolutions behind the port; null where nothing does. */
  readonly nextOf: (now: Fit, from?: number) => Fit | null;
}

/** One more change, and where it goes among those that are supposed before. */
export interface Candidate {
  readonly before: readonly Change[];
  readonly place: number;
  readonly change: Change;
}

/** Points that are fitted one by one while the search finds its way, and for what is told: more tell no more. */
const SEARCHED_POINTS = 150;
const WEIGHED_POINTS = 250;
/** What a search may cost, in values that are fitted; and how few and how many fits that may be. */
const MOST_FITTED = 80_000;
export const LEAST_FITS = 50;
const MOST_FITS = 220;
/** So many times what noise and the model leave over is much: something is there that is not explained. */
export const MUCH_LEFT = 4;
/** One more change has to explain more than noise would let it, by so much. */
export const LEAST_GAIN = 40;
/** So many times what noise makes of it, and a fit is none, wherever it is off. */
const NO_FIT = 100;
export const isFit = (fit: Fit): boolean => reducedChiSquared(fit) < NO_FIT;

export const lower = (one: Fit, other: Fit | null): Fit =>
  other && plainly(other) <= plainly(one) ? other : one;

export function sweepSearch(sweep: Reflection, prior: Prior): SweepSearch {
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
    const fit = (guess: Guess, pains: Pains) =>
      fitGuess(
        guess,
        [
          ...cableParameters(prior),
          ...changeParameters(guess, resolutionS, reachOf(guess, rangeS)),
        ],
        measured,
        prediction,
        pains,
      );
    return { measured, prediction, fit };
  };
  const searched = fitterOver(pointsOf(sweep, SEARCHED_POINTS));
  const weighed = fitterOver(pointsOf(sweep, WEIGHED_POINTS));
  let left = Math.max(LEAST_FITS, Math.min(MOST_FITS, MOST_FITTED / searched.measured.to));
  const fitted = (guess: Guess): Fit => {
    left -= 1;
    return searched.fit(guess, SEARCHING);
  };
  const leftBy = ({ guess }: Fit, from?: number): FirstEcho | null => {
    const predicted = whole.prediction.values(guess, 2 * count);
    const over = whole.values.map((one, n) => one - (predicted[n] as number));
    return firstEcho(bands, over, predicted, sd, guess.line, from);
  };
  const placed: SweepSearch['placed'] = (guess, { before, place, change }, { withinS, topHz }) => {
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
  };
  const nextOf: SweepSearch['nextOf'] = (now, from) => {
    const { guess } = now;
    const echo = leftBy(now, from);
    if (!echo) return null;
    const { changes } = guess.line;
    const tried = [
      ...candidates(changes, echo.delayS).map((one) => placed(guess, one, echo)),
      ...[...asTaps(changes, echo.delayS), ...supposedAnew(changes), ...asEnds(changes)].map(
        (list) => withChanges(guess, list),
      ),
    ].flatMap((one) => (one ? [fitted(one)] : []));
    const best = tried.reduce<Fit | null>((least, one) => lower(one, least), null);
    if (!best || plainly(best) > plainly(now) - LEAST_GAIN) return null;
    return pairsAsTaps(best.guess.line.changes).reduce((least, list) => {
      const one = fitted(withChanges(best.guess, list));
      return plainly(one) < plainly(least) + LEAST_GAIN ? one : least;
    }, best);
  };
  return {
    rangeS,
    resolutionS,
    left: () => left,
    allow: (fits) => (left = Math.max(left, fits)),
    fitted,
    refit: (guess, mostCost) => weighed.fit(guess, { ...WEIGHING, mostCost }),
    leftBy,
    isOff: (fit) => (leftBy(fit)?.ratio ?? 0) > MUCH_LEFT,
    placed,
    nextOf,
  };
}

/** As many times the range as the furthest change needs. */
export const reachOf = ({ line: { changes } }: Guess, rangeS: number): number =>
  rangeS * Math.max(1, Math.ceil((changes.at(-1)?.delayS ?? 0) / rangeS));

/**
 * One more change at a delay. Behind all others, with those before it in every kind that they may be; between
 * them, also as the end that all behind it was taken for.
 */
function candidates(changes: readonly Change[], delayS: number): Candidate[] {
  const behind = changes.findIndex((change) => change.delayS > delayS);
  const at = (kind: Change['kind'], before: readonly Change[], place: number): Candidate => ({
    before,
    place,
    change: { kind, delayS, size: 0, stubS: 0 },
  });
  if (behind < 0)
    return supposedAnew(changes).flatMap((before) =>
      LAST_KINDS.map((kind) => at(kind, before, before.length)),
    );
  return [
    ...INNER_KINDS.map((kind) => at(kind, changes, behind)),
    at('end', changes.slice(0, behind), behind),
  ];
}
