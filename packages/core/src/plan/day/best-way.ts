import { evenDraws } from '../../units';
import { actOut, isInOrder, type Way } from './act-out';
import { givenTo } from './given-to';
import type { Errands } from './errands';

/** What is tried in all; the more visits, the more, and each takes longer. */
const TRIES_A_VISIT = 2500;
const MOST_TRIES = 120_000;
/** Begun anew so often, each time from what the others found. */
const STARTS = 4;
/** At first what is worse by this share of the whole is taken now and then; at last hardly anything. */
const WARM = 0.15;
const COLD = 0.0002;
const SEED = 2026;
/** A visit out of its times is worse than any way round. */
const OUTSIDE_MINUTES = 1000;

/**
 * A way that is done early: visits moved, exchanged and turned about, and given to the other, at first also where
 * that is worse. The same task has the same answer.
 *
 * Source: simulated annealing.
 */
export function bestWay(errands: Errands, first: Way): Way {
  const count = first.order.length;
  if (count < 2) return first;
  const draw = evenDraws(SEED);
  const below = (most: number): number => Math.floor(draw() * most);
  const tries = Math.ceil(Math.min(MOST_TRIES, TRIES_A_VISIT * count) / STARTS);
  let best = first;
  let bestMinutes = worth(errands, first);
  for (let start = 0; start < STARTS; start += 1) {
    let now = best;
    let nowMinutes = bestMinutes;
    for (let turn = 0; turn < tries; turn += 1) {
      const heat = bestMinutes * WARM * (COLD / WARM) ** (turn / tries);
      const next = moved(now, errands, below);
      if (!isInOrder(errands, next.order)) continue;
      const minutes = worth(errands, next);
      const isTaken = minutes <= nowMinutes || draw() < Math.exp((nowMinutes - minutes) / heat);
      if (!isTaken) continue;
      now = next;
      nowMinutes = minutes;
      if (minutes < bestMinutes - 1e-9) {
        best = next;
        bestMinutes = minutes;
      }
    }
  }
  return best;
}

function worth(errands: Errands, way: Way): number {
  const { totalMinutes, outside } = actOut(errands, way);
  return totalMinutes + OUTSIDE_MINUTES * outside.length;
}

function moved({ order, who }: Way, errands: Errands, below: (most: number) => number): Way {
  const { crew } = errands;
  const count = order.length;
  const [a, b] = [below(count), below(count)];
  const [from, to] = [Math.min(a, b), Math.max(a, b)];
  const given = (visit: number): readonly number[] =>
    crew > 1 ? givenTo(errands, who, visit, 1 - (who[visit] ?? 0)) : who;
  switch (below(crew > 1 ? 5 : 3)) {
    case 0: {
      const visit = order[a] ?? 0;
      return { order: order.toSpliced(a, 1).toSpliced(b, 0, visit), who };
    }
    case 1:
      return {
        order: [
          ...order.slice(0, from),
          ...order.slice(from, to + 1).reverse(),
          ...order.slice(to + 1),
        ],
        who,
      };
    case 2:
      return { order: order.with(a, order[b] ?? 0).with(b, order[a] ?? 0), who };
    case 3:
      return { order, who: given(order[a] ?? 0) };
    default: {
      const visit = order[a] ?? 0;
      return { order: order.toSpliced(a, 1).toSpliced(b, 0, visit), who: given(visit) };
    }
  }
}
