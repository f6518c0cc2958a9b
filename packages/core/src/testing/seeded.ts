import { evenDraws } from '../units';

/** A repeatable source of choices for property tests. */
export function seeded(seed: number) {
  const next = evenDraws(seed);
  const below = (count: number): number => Math.floor(next() * count);
  return {
    below,
    pick: <T>(items: readonly T[]): T => items[below(items.length)] as T,
    shuffle: <T>(items: readonly T[]): T[] => {
      const left = [...items];
      return items.map(() => left.splice(below(left.length), 1)[0] as T);
    },
  };
}
