import { reducedChiSquared, spreadOf, type Fit } from './fit-guess';
import { withChanges, type Change, type Guess } from './guess';
import { branchAsLine, ofKinds, pairsAsTaps, shorterBranch } from './kinds';
import { plainly } from './plainly';

/** A fit with, for each of its changes, how likely its kind is beside the others it could be of. */
export interface Weighed {
  readonly fit: Fit;
  readonly shares: readonly number[];
}

/** Fits a guess to the whole of what was measured; up to a cost beyond which it is not asked for. */
export type Refit = (guess: Guess, mostCost?: number) => Fit;

/** What is off by so many squares of standard deviations more is out of the question. */
const OUT_OF_QUESTION = 40;
const mostCostBeside = (best: Fit): number =>
  plainly(best) + OUT_OF_QUESTION * reducedChiSquared(best);

/** A change in every kind that it could be of. An end is one only behind all others. */
function alike(change: Change, last: boolean): Change[] {
  const kinds = ofKinds(change);
  return last && change.kind !== 'tap' ? [...kinds, { ...change, kind: 'end' }] : kinds;
}

/**
 * Each change of a fit in every kind that it could be of, all the rest fitted again: the best is kept,
 * and how much the others would have to be explained away tells how sure it is.
 *
 */
export function weighKinds(grown: Fit, refit: Refit): Weighed {
  const { changes } = grown.guess.line;
  const first = refit(withChanges(grown.guess, shorterBranch(branchAsLine(changes))));
  const ended = withEarlierEnd(first, refit);
  let best = withoutTrifles(withBranches(withPlainPairs(ended, refit), refit), refit);
  const shares: number[] = [];
  for (let index = 0; index < best.guess.line.changes.length; index += 1) {
    const change = best.guess.line.changes[index] as Change;
    const last = index === best.guess.line.changes.length - 1;
    const { guess } = best;
    const mostCost = mostCostBeside(best);
    const others = alike(change, last)
      .filter(({ kind }) => kind !== change.kind)
      .map((one) => refit(withChanges(guess, guess.line.changes.with(index, one)), mostCost));
    const all = [best, ...others];
    const least = all.reduce((one, other) => (plainly(other) < plainly(one) ? other : one));
    // A fit that is off by more than noise tells less of the difference; none that has lost its order any.
    const loose = reducedChiSquared(least);
    const sum = Number.isFinite(plainly(least))
      ? all.reduce((total, one) => total + Math.exp((plainly(least) - plainly(one)) / 2 / loose), 0)
      : all.length;
    best = least;
    shares.push(1 / sum);
  }
  return { fit: best, shares };
}

/** A change that gives back so much of all is rather the end, and what is behind it repeats. */
const LIKE_AN_END = 0.9;

function withEarlierEnd(first: Fit, refit: Refit): Fit {
  return first.guess.line.changes.slice(0, -1).reduce((best, change, index) => {
    if (change.kind === 'tap' || Math.abs(change.size) < LIKE_AN_END) return best;
    const { changes } = first.guess.line;
    const end: Change = { ...change, kind: 'end' };
    const tried = refit(withChanges(first.guess, [...changes.slice(0, index), end]));
    const allowed = FEWER * (best.guess.line.changes.length - index - 1);
    return plainly(tried) < Infinity && tried.cost < best.cost + allowed ? tried : best;
  }, first);
}

/** What is smaller than this, or than three times its own uncertainty, is tried without. */
const TRIFLE = 0.008;

/** A branch of no length is none either. */
const isTrifle = (fit: Fit, { kind, size, stubS }: Change, index: number): boolean =>
  kind === 'tap'
    ? stubS <= 3 * spreadOf(fit, `stub ${index}`)
    : Math.abs(size) <= Math.max(TRIFLE, 3 * spreadOf(fit, `size ${index}`));

/** Changes that nothing is lost without are none. */
function withoutTrifles(first: Fit, refit: Refit): Fit {
  let best = first;
  for (let index = first.guess.line.changes.length - 1; index >= 0; index -= 1) {
    const { changes } = best.guess.line;
    const change = changes[index];
    if (!change || !isTrifle(best, change, index)) continue;
    const tried = refit(withChanges(best.guess, changes.toSpliced(index, 1)), mostCostBeside(best));
    if (plainly(tried) < plainly(best) + FEWER) best = tried;
  }
  return best;
}

/** Down and up again may be a branch, which has one change fewer. */
function withBranches(first: Fit, refit: Refit): Fit {
  return pairsAsTaps(first.guess.line.changes).reduce((best, changes) => {
    const tried = refit(withChanges(first.guess, changes), mostCostBeside(best));
    return plainly(tried) < plainly(best) + FEWER ? tried : best;
  }, first);
}

/** A guess with one change fewer may be off by so much more. */
const FEWER = 9;

/** A resistance in the way and one across, one right behind the other, may be a piece of other cable. */
function withPlainPairs(first: Fit, refit: Refit): Fit {
  const { changes } = first.guess.line;
  const odd = ({ kind }: Change) => kind === 'series' || kind === 'shunt';
  return changes.reduce((best, change, index) => {
    const next = changes[index + 1];
    if (!next || !odd(change) || !odd(next) || change.size * next.size > 0) return best;
    const plain = best.guess.line.changes.map((one, place) =>
      place === index || place === index + 1 ? { ...one, kind: 'step' as const } : one,
    );
    const tried = refit(withChanges(best.guess, plain), mostCostBeside(best));
    return plainly(tried) < plainly(best) ? tried : best;
  }, first);
}
