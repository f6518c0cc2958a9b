import type { BenchTrace } from './bench-trace';
import { SEARCHING, WEIGHING, type Pains } from './fit-guess';
import { fitTo, launchEndOf, nextOf, settle, type Checkpoint, type Grown } from './grow';
import { withChanges, type Change, type Guess } from './guess';
import { asEnds, asTaps, kindsBefore, LAST_KINDS, supposedAnew } from './kinds';
import type { Looked } from './look-at-trace';
import type { Prior } from './parameter';
import { placeBest } from './place-best';
import { plainly } from './plainly';

/** Before the next place, so many edges and smears of it are left out of what is fitted. */
const CLEAR = { edges: 2, smears: 1 };
/** A place is tried so many half edges to both sides of where it was seen, and by as much as it is smeared. */
const TRIALS = 6;

/**
 * Explains a trace from one place that was plainly seen to the next: up to there all is fitted, then a change
 * is supposed there in each kind that it may be. What is explained already, by what goes to and fro, is none.
 * Between the places loss is all that there is, and it is fitted: no change is spent on it.
 *
 * @param places in the order of their delays
 */
export function growAlong(
  start: Guess,
  prior: Prior,
  bench: BenchTrace,
  places: readonly Looked[],
  checkpoint: Checkpoint,
): Grown {
  const before = (place: Looked | undefined, { launch }: Guess): number =>
    place
      ? Math.floor((launch.atS + place.delayS - CLEAR.smears * place.smearedS) / bench.intervalS) -
        CLEAR.edges * bench.edge
      : bench.count;
  let now = fitTo(
    start,
    prior,
    bench,
    Math.max(launchEndOf(start, bench), before(places[0], start)),
    true,
    WEIGHING,
  );
  // Places too near to each other to be looked at one by one: any of them may be what is there.
  let together: readonly Looked[] = [];
  for (const [index, place] of places.entries()) {
    checkpoint(index / places.length);
    together = [...together, place];
    const to = Math.min(bench.count, before(places[index + 1], now.fit.guess));
    const here = before(together[0], now.fit.guess);
    if (to <= here + 2 * CLEAR.edges * bench.edge) continue;
    const near = together;
    together = [];
    if ((now.misfit?.index ?? bench.count) >= to) continue;
    const fitted = (guess: Guess, pains: Pains) =>
      fitTo(guess, prior, bench, to, guess.line.changes.length <= 1, pains);
    const explains = ({ misfit: one }: Grown) => !one || one.index >= to;
    const { guess } = now.fit;
    const plain = fitted(guess, SEARCHING);
    // What is there may go to and fro between what is supposed already, if that is of other kinds.
    const returns = near.some((one) => mayReturn(guess, one, bench));
    const again = explains(plain) || !returns ? [] : asItIs(guess);
    now = again.length > 0 ? better(bestOf(again, fitted), plain) : plain;
    if (!explains(now))
      now = better(
        bestOf(
          near.flatMap((one) => supposed(guess, one, bench, to)),
          fitted,
        ),
        now,
      );
    // A short piece, or what is there besides, looks like one place.
    if (!explains(now)) {
      const beside = nextOf(now, { prior, bench, left: BESIDE });
      now = better(
        bestOf(
          beside.map(({ fit }) => fit.guess),
          fitted,
        ),
        now,
      );
    }
    // Behind what is not explained, nothing is.
    if (!explains(now)) return now;
  }
  return settle(now.fit.guess, { prior, bench, left: 0 }, bench.count, true);
}

/** So many fits look for one more change beside a place. */
const BESIDE = 10;
/** A first try of a guess, to tell which are worth more. */
const SCREENING: Pains = { rounds: 6, leastGain: 3, leastShare: 0.02 };
/** So many of the best tries are fitted in full. */
const FITTED = 4;

/** The best of some guesses: all are fitted a little, and what comes out best in full. */
function bestOf(
  guesses: readonly Guess[],
  fitted: (guess: Guess, pains: Pains) => Grown,
): Grown | null {
  return guesses
    .map((guess) => fitted(guess, SCREENING))
    .sort((a, b) => weight(a) - weight(b))
    .slice(0, FITTED)
    .map(({ fit }) => fitted(fit.guess, SEARCHING))
    .reduce<Grown | null>((best, one) => (best ? better(one, best) : one), null);
}

/** So often a wave goes through a piece again before what is left of it is too little. */
const MOST_PASSES = 4;
/** An echo is seen up to so many edges from where it is. */
const SEEN_EDGES = 3;

/** Whether a wave that goes to and fro between the changes of a guess may come back when something is seen. */
function mayReturn({ line }: Guess, { delayS, smearedS }: Looked, bench: BenchTrace): boolean {
  const nearS = SEEN_EDGES * bench.edge * bench.intervalS + smearedS;
  const pieces = line.changes.flatMap(({ delayS: one, stubS }, index) => [
    one - (line.changes[index - 1]?.delayS ?? 0),
    ...(stubS > 0 ? [stubS] : []),
  ]);
  const reach = (from: number, rest: readonly number[]): boolean => {
    if (Math.abs(from - delayS) < nearS) return true;
    const [piece, ...others] = rest;
    if (piece === undefined || from > delayS + nearS) return false;
    return Array.from({ length: MOST_PASSES + 1 }, (_, passes) => passes).some((passes) =>
      reach(from + passes * piece, others),
    );
  };
  return reach(0, pieces);
}

/** What is supposed so far in every other kind that its changes may be. */
const asItIs = (guess: Guess): Guess[] => {
  const { changes } = guess.line;
  const same = kindsOf(changes);
  return (changes.length > 0 ? [...supposedAnew(changes), ...asEnds(changes)] : [])
    .filter((list) => kindsOf(list) !== same)
    .map((list) => withChanges(guess, list));
};

const kindsOf = (changes: readonly Change[]): string => changes.map(({ kind }) => kind).join();

/** One more change explains enough more to be there. */
const A_CHANGE = 25;
const weight = ({ fit }: Grown): number => plainly(fit) + A_CHANGE * fit.guess.line.changes.length;

const better = (one: Grown | null, best: Grown): Grown =>
  one && weight(one) < weight(best) ? one : best;

/** A guess with one more change about a place, in each kind that it and what is before it may be. */
function supposed(
  guess: Guess,
  { delayS, smearedS }: Looked,
  bench: BenchTrace,
  to: number,
): Guess[] {
  const { changes } = guess.line;
  const stepS = (bench.edge * bench.intervalS) / 2 + smearedS / TRIALS;
  const delaysS = Array.from({ length: 2 * TRIALS + 1 }, (_, n) => delayS + (n - TRIALS) * stepS);
  const ahead = changes.length > 1 ? supposedAnew(changes) : kindsBefore(changes);
  const placed = ahead.flatMap((list) =>
    LAST_KINDS.flatMap((kind) => {
      const least = list.at(-1)?.delayS ?? 0;
      const made = placeBest(
        withChanges(guess, list),
        kind,
        delaysS.filter((one) => one > least),
        (at, size) =>
          withChanges(guess, [...list, { kind, delayS: at, size, stubS: 0 } satisfies Change]),
        { ...bench.measured, to },
        bench.prediction,
      );
      return made ? [made] : [];
    }),
  );
  return [...placed, ...asTaps(changes, delayS).map((list) => withChanges(guess, list))];
}
