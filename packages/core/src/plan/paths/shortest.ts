import TinyQueue from 'tinyqueue';

/** From one spot of a network to another, in one direction. */
export interface Passage {
  readonly from: number;
  readonly to: number;
  readonly cost: number;
}

export interface Shortest<P extends Passage> {
  /** Of coming to each spot; infinite where no way leads there. */
  readonly costs: readonly number[];
  /** By which passage each was come to; null at the start, and where no way leads. */
  readonly by: readonly (P | null)[];
}

/**
 * The cheapest ways from one spot to all others.
 *
 * Source: Dijkstra.
 *
 * @param onward passages that leave each spot
 * @param isThrough whether a way may lead on from a spot
 */
export function shortestFrom<P extends Passage>(
  onward: readonly (readonly P[])[],
  start: number,
  isThrough: (spot: number) => boolean = () => true,
): Shortest<P> {
  const costs = onward.map((_, spot) => (spot === start ? 0 : Infinity));
  const by: (P | null)[] = onward.map(() => null);
  const queue = new TinyQueue<readonly [cost: number, spot: number]>(
    [[0, start]],
    ([a], [b]) => a - b,
  );
  for (let next = queue.pop(); next; next = queue.pop()) {
    const [here, spot] = next;
    if (here > (costs[spot] ?? 0) || (spot !== start && !isThrough(spot))) continue;
    for (const passage of onward[spot] ?? []) {
      const cost = here + passage.cost;
      if (cost >= (costs[passage.to] ?? Infinity)) continue;
      costs[passage.to] = cost;
      by[passage.to] = passage;
      queue.push([cost, passage.to]);
    }
  }
  return { costs, by };
}
