import type { Errands } from './errands';

/** So often the tree is pulled towards a path. */
const PULLS = 150;

/**
 * Minutes that no order is done in less than: all work and the least walking, shared by all; and each visit with
 * all that it has to wait for.
 *
 * Source: Held and Karp’s ascent. Nobody’s way forks: what more than two ways of a spanning tree meet at is made
 * dearer, for as long as that raises the tree.
 */
export function leastMinutes(errands: Errands): number {
  const { minutes, people, crew } = errands;
  const work = minutes.reduce((sum, one, visit) => sum + one * (people[visit] ?? 1), 0);
  return Math.max((work + leastWalk(errands)) / crew, longestChain(errands));
}

function longestChain({ minutes, after, fromStart }: Errands): number {
  const ends = new Map<number, number>();
  const endOf = (visit: number): number => {
    const known = ends.get(visit);
    if (known !== undefined) return known;
    const start = Math.max(fromStart[visit] ?? 0, ...(after[visit] ?? []).map(endOf));
    const end = start + (minutes[visit] ?? 0);
    ends.set(visit, end);
    return end;
  };
  return Math.max(0, ...[...minutes.keys()].map(endOf));
}

function leastWalk({ walk, fromStart }: Errands): number {
  const count = fromStart.length + 1;
  // The last of them is where everybody begins.
  const way = (a: number, b: number): number =>
    a === count - 1
      ? (fromStart[b] ?? 0)
      : b === count - 1
        ? (fromStart[a] ?? 0)
        : Math.min(walk[a]?.[b] ?? 0, walk[b]?.[a] ?? 0);
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
