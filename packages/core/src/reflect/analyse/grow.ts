import type { BenchTrace } from './bench-trace';
import { firstMisfit, type Misfit } from './misfit';
import { fitGuess, SEARCHING, type Fit } from './fit-guess';
import { withChanges, type Change, type Guess } from './guess';
import { asTaps, INNER_KINDS, kindsBefore, LAST_KINDS, supposedAnew } from './kinds';
import {
  cableParameters,
  changeParameters,
  launchParameters,
  shapeParameters,
  teeParameters,
  type Parameter,
  type Prior,
} from './parameter';
import { placeBest } from './place-best';
import { plainly } from './plainly';

/** A guess that was fitted to a trace up to where the trace leaves it. */
export interface Grown {
  readonly fit: Fit;
  readonly misfit: Misfit | null;
  /** How many samples, from the first on, it was fitted to. */
  readonly to: number;
}

const MOST_CHANGES = 8;
/** Guesses that are followed side by side, and fits that are tried before the rest is left unexplained. */
const FOLLOWED = 2;
const MOST_TRIES = 30;
const LEAST_TRIES = 14;
const EASY_SAMPLES = 8000;
const MOST_WINDOWS = 12;
/** Edges behind a misfit that are looked at to find out what it is: a near neighbour may follow. */
const REACHES_EDGES = [3, 12];
/** Of the way to it: the further it is, the more a change is smeared. */
const REACH_SHARE = 0.2;

/** What a search has to do with. */
export interface Search {
  readonly prior: Prior;
  readonly bench: BenchTrace;
  /** Fits that may still be tried. */
  left: number;
}

/** Called now and then with the share that is done; what it throws ends the work. */
export type Checkpoint = (share: number) => void;

/**
 * Explains a trace from its beginning on: the launch is fitted to what stands before the first
 * misfit, a change is supposed there, fitted together with all before it, and so on. What goes to and
 * fro between the changes already supposed is predicted, and so is never taken for a change of its own.
 *
 * @param agreedS from the first sample on, so much of the trace is explained already
 * @param most fits that may be tried
 */
export function grow(
  start: Guess,
  prior: Prior,
  bench: BenchTrace,
  checkpoint: Checkpoint,
  agreedS = 0,
  most = MOST_TRIES,
): Grown {
  // Long traces take long for each try.
  const tries = Math.round(most * Math.min(1, EASY_SAMPLES / bench.count));
  const search: Search = { prior, bench, left: Math.max(Math.min(most, LEAST_TRIES), tries) };
  // The best few are followed: which of them is right may show only further on.
  const until = Math.max(launchEndOf(start, bench), Math.floor(agreedS / bench.intervalS));
  let front = [settle(start, search, until, true)];
  for (let round = 0; round < MOST_CHANGES; round += 1) {
    checkpoint(round / MOST_CHANGES);
    const best = front[0] as Grown;
    if (!best.misfit || search.left <= 0) break;
    const next = front.flatMap((one) => nextOf(one, search)).filter((one) => further(one, best));
    if (next.length === 0) break;
    front = distinct(next.sort((a, b) => (further(a, b) ? -1 : 1)))
      .slice(0, FOLLOWED)
      .map((one) =>
        one.fit.guess.line.changes.length > 1 ? settle(one.fit.guess, search, one.to, true) : one,
      );
  }
  return front[0] as Grown;
}

/**
 * Of those with the same kinds of changes, the first. What the last change is shows only in what lies
 * behind it: up or down is all that counts of it.
 */
function distinct(list: readonly Grown[]): Grown[] {
  const kinds = ({ fit: { guess } }: Grown) =>
    guess.line.changes
      .map(({ kind, size }, index, { length }) =>
        index < length - 1 || kind === 'tap' ? kind : size > 0 ? 'up' : 'down',
      )
      .join();
  return list.filter(
    (one, index) => list.findIndex((other) => kinds(other) === kinds(one)) === index,
  );
}

/** First sample after the launch that no edge of it reaches. */
export function launchEndOf({ launch }: Guess, bench: BenchTrace): number {
  const end = (launch.atS + (launch.widthS ?? 0)) / bench.intervalS + 2.5 * bench.edge + 2;
  return Math.min(bench.count, Math.ceil(end));
}

const rangeOf = ({ count, intervalS }: BenchTrace): number => count * intervalS;

/** All that is fitted of a guess to a trace. */
export function parametersOf(
  guess: Guess,
  prior: Prior,
  bench: BenchTrace,
  shape: boolean,
): Parameter[] {
  const rangeS = rangeOf(bench);
  return [
    ...launchParameters(guess, rangeS),
    ...(shape ? shapeParameters(guess) : []),
    ...teeParameters(guess),
    ...cableParameters(prior),
    ...changeParameters(guess, bench.edge * bench.intervalS, rangeS),
  ];
}

/** Fits up to a place, and looks where the trace leaves it. */
export function fitTo(
  guess: Guess,
  prior: Prior,
  bench: BenchTrace,
  to: number,
  shape: boolean,
  pains = SEARCHING,
): Grown {
  const fit = fitGuess(
    guess,
    parametersOf(guess, prior, bench, shape),
    { ...bench.measured, to },
    bench.prediction,
    pains,
  );
  return { fit, misfit: misfitOf(fit.guess, bench), to };
}

/** Fits up to a place, looks where the trace leaves it, and goes on from there until nothing moves. */
export function settle(
  start: Guess,
  { prior, bench }: Search,
  until: number,
  withShape = false,
): Grown {
  // Its edges are known well enough once a change was fitted with them; they are seen to once a round.
  const shape = start.line.changes.length <= 1 || withShape;
  const attempt = (guess: Guess, to: number): Grown => fitTo(guess, prior, bench, to, shape);
  let now = attempt(start, Math.min(bench.count, until));
  for (let round = 0; round < MOST_WINDOWS; round += 1) {
    const { misfit, to } = now;
    if (!misfit && to === bench.count) break;
    const agreed = misfit?.index ?? bench.count;
    if (agreed > to) {
      const next = attempt(now.fit.guess, agreed);
      if ((next.misfit?.index ?? bench.count) < agreed - bench.edge) break;
      now = next;
      continue;
    }
    // More of the trace may yet agree: only what is left although it was fitted is a misfit.
    const reach = agreed + Math.max(8 * bench.edge, 2 * (misfit?.span ?? 0));
    const next = attempt(now.fit.guess, Math.min(bench.count, reach));
    if ((next.misfit?.index ?? bench.count) < next.to) break;
    now = next;
  }
  return now;
}

export function misfitOf(guess: Guess, bench: BenchTrace): Misfit | null {
  const predicted = bench.prediction.values(guess, bench.count);
  const { values, weights } = bench.measured;
  const residual = predicted.map((volt, n) => (values[n] as number) - volt);
  const from = Math.floor(guess.launch.atS / bench.intervalS) - 2 * bench.edge;
  return firstMisfit(residual, predicted, weights, bench.sd, bench.edge, from, bench.leastV);
}

/**
 * What explains a misfit best: a change there, with one kind or another of the one before it. More of
 * the trace is looked at only where little of it does not tell.
 */
export function nextOf(now: Grown, search: Search): Grown[] {
  const { misfit } = now;
  if (!misfit) return [now];
  const { bench } = search;
  const { guess } = now.fit;
  const { changes } = guess.line;
  const delayS = (misfit.index + misfit.span / 2) * bench.intervalS - guess.launch.atS;
  const behind = changes.findIndex((change) => change.delayS > delayS);
  const last = behind < 0;
  const place = last ? changes.length : behind;
  // Where one kind explains all that is left, the next ones are not tried.
  const kinds = last ? LAST_KINDS.map((kind) => [kind]) : [INNER_KINDS];
  const reaches = [
    ...REACHES_EDGES.map((edges) => edges * bench.edge),
    Math.round((REACH_SHARE * delayS) / bench.intervalS),
  ].map((samples) => misfit.index + Math.max(samples, 2 * misfit.span));
  const found: Grown[] = [];
  let furthest = 0;
  const consider = (from: Guess | null, reach: number) => {
    if (!from || search.left <= 0) return;
    search.left -= 1;
    const next = settle(from, search, Math.max(reach, now.to));
    if (plainly(next.fit) === Infinity) return;
    found.push(next);
    furthest = Math.max(furthest, next.misfit?.index ?? Infinity);
  };
  const placed = (lists: readonly (readonly Change[])[], reach: number) => {
    for (const group of kinds) {
      if (found.some((one) => !one.misfit && one.to === bench.count)) return;
      for (const list of lists)
        for (const kind of group)
          consider(
            placeChange(
              withChanges(guess, list),
              Math.min(place, list.length),
              kind,
              misfit,
              bench,
              reach,
            ),
            reach,
          );
    }
  };
  for (const reach of reaches) {
    placed(last ? kindsBefore(changes) : [changes], reach);
    for (const list of asTaps(changes, delayS)) consider(withChanges(guess, list), reach);
    if (furthest > 2 * reach - misfit.index) return found;
  }
  // Nothing fits: what was supposed before may be something else.
  for (const list of supposedAnew(changes))
    for (const reach of reaches.slice(1)) {
      consider(withChanges(guess, list), reach);
      if (furthest > reach) return found;
      placed([list], reach);
    }
  return found;
}

/** Trials before and behind where a misfit seems to begin, in steps of half an edge. */
const TRIALS = Array.from({ length: 16 }, (_, trial) => trial - 5);

/** One more change about where the trace leaves the guess; null where nothing is explained by one. */
function placeChange(
  guess: Guess,
  place: number,
  kind: Change['kind'],
  { index, span }: Misfit,
  bench: BenchTrace,
  reach: number,
): Guess | null {
  const { changes } = guess.line;
  const least = (changes[place - 1]?.delayS ?? 0) + 0.02 * bench.intervalS;
  const most = Math.min(rangeOf(bench), changes[place]?.delayS ?? Infinity);
  const centre = index * bench.intervalS - guess.launch.atS;
  const step = Math.max(bench.edge / 2, span / 8) * bench.intervalS;
  const delaysS = TRIALS.map((trial) => Math.max(least, centre + trial * step));
  return placeBest(
    guess,
    kind,
    delaysS.filter((delayS) => delayS <= most),
    (delayS, size) =>
      withChanges(guess, changes.toSpliced(place, 0, { kind, delayS, size, stubS: 0 })),
    { ...bench.measured, to: Math.min(bench.count, reach) },
    bench.prediction,
  );
}

/** Whether one explains more of the trace than the other; of equals, better and more plainly. */
function further(one: Grown, other: Grown): boolean {
  const [a, b] = [one.misfit?.index ?? Infinity, other.misfit?.index ?? Infinity];
  return a === b ? plainly(one.fit) < plainly(other.fit) : a > b;
}
