import { whenOpen } from './act-out';
import type { Errands } from './errands';

/** So often the tree is pulled towards a path. */
const PULLS = 150;

/**
 * Minutes that no order is done in less than: all work and the least walking, shared by all; what one person has to
 * do alone, beside what takes two; and each visit with all that it has to wait for.
 *
 * Source: Held and Karp’s ascent. Nobody’s way forks: what more than two ways of a spanning tree meet at is made
 * dearer, for as long as that raises the tree.
 */
export function leastMinutes(errands: Errands): number {
  const { minutes, people, crew, together } = errands;
  const all = [...minutes.keys()];
  const byBoth = all.filter((visit) => (people[visit] ?? 1) > 1);
  const workOf = (visits: readonly number[]): number =>
    visits.reduce((sum, visit) => sum + (minutes[visit] ?? 0), 0);
  const ofOne = [...new Set(together)]
    .filter((group) => group.length > 1)
    .map((group) => [...group, ...byBoth])
    .map((visits) => workOf(visits) + leastWalk(errands, visits));
  const shared = workOf(all) + workOf(byBoth) + leastWalk(errands, all);
  return Math.max(shared / crew, longestChain(errands), ...ofOne);
}

function longestChain({ minutes, after, fromStart, open }: Errands): number {
  const ends = new Map<number, number>();
  const endOf = (visit: number): number => {
    const known = ends.get(visit);
    if (known !== undefined) return known;
    const start = Math.max(fromStart[visit] ?? 0, ...(after[visit] ?? []).map(endOf));
    const takes = minutes[visit] ?? 0;
    const end = (whenOpen(open[visit] ?? null, start, takes) ?? start) + takes;
    ends.set(visit, end);
    return end;
  };
  return Math.max(0, ...[...minutes.keys()].map(endOf));
}

function leastWalk({ walk, fromStart }: Errands, visits: readonly number[]): number {
  // The last of them is where everybody begins.
  const count = visits.length + 1;
  const way = (from: number, to: number): number => {
    const [a, b] = [visits[from], visits[to]];
    if (a === undefined || b === undefined) return fromStart[a ?? b ?? 0] ?? 0;
    return Math.min(walk[a]?.[b] ?? 0, walk[b]?.[a] ?? 0);
  };
  const dearer = new Array<number>(count).fill(0);
  let best = 0;
  let step = 1;
  for (let pull = 0; pull < PULLS; pull += 1) {
    const { total, degrees } = spanningTree(
      count,
      (a, b) => way(a, b) + (dearer[a] ?? 0) + (dearer[b] ?? 0),
    );
    const least = total - 2 * dearer.reduce((sum, one) => sum + one, 0);
    if (least > best + 1e-9) best = least;
    else step *= 0.95;
    for (const [node, degree] of degrees.entries())
      dearer[node] = Math.max(0, (dearer[node] ?? 0) + step * (degree - 2));
  }
  return best;
}

/** Source: Prim. */
function spanningTree(
  count: number,
  cost: (a: number, b: number) => number,
): { readonly total: number; readonly degrees: readonly number[] } {
  const degrees = new Array<number>(count).fill(0);
  const near = Array.from({ length: count }, (_, node) => ({ to: 0, cost: cost(0, node) }));
  const outside = new Set(Array.from({ length: count - 1 }, (_, node) => node + 1));
  let total = 0;
  while (outside.size > 0) {
    let next = -1;
    for (const node of outside)
      if (next < 0 || (near[node]?.cost ?? 0) < (near[next]?.cost ?? 0)) next = node;
    const found = near[next] ?? { to: 0, cost: 0 };
    outside.delete(next);
    total += found.cost;
    degrees[next] = (degrees[next] ?? 0) + 1;
    degrees[found.to] = (degrees[found.to] ?? 0) + 1;
    for (const node of outside) {
      const through = cost(next, node);
      if (through < (near[node]?.cost ?? 0)) near[node] = { to: next, cost: through };
    }
  }
  return { total, degrees };
}
