import { evenDraws } from '../../units';
import { actOut, isInOrder, type Way } from './act-out';
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
  let bestMinutes = actOut(errands, first).totalMinutes;
  for (let start = 0; start < STARTS; start += 1) {
    let now = best;
    let nowMinutes = bestMinutes;
    for (let turn = 0; turn < tries; turn += 1) {
      const heat = bestMinutes * WARM * (COLD / WARM) ** (turn / tries);
      const next = moved(now, errands.crew, below);
      if (!isInOrder(errands, next.order)) continue;
      const { totalMinutes } = actOut(errands, next);
      const isTaken =
        totalMinutes <= nowMinutes || draw() < Math.exp((nowMinutes - totalMinutes) / heat);
      if (!isTaken) continue;
      now = next;
      nowMinutes = totalMinutes;
      if (totalMinutes < bestMinutes - 1e-9) {
        best = next;
        bestMinutes = totalMinutes;
      }
    }
  }
  return best;
}

function moved({ order, who }: Way, crew: number, below: (most: number) => number): Way {
  const count = order.length;
  const [a, b] = [below(count), below(count)];
  const [from, to] = [Math.min(a, b), Math.max(a, b)];
  const given = (visit: number): readonly number[] =>
    crew > 1 ? who.with(visit, 1 - (who[visit] ?? 0)) : who;
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
