/** A repeatable source of choices for property tests (mulberry32). */
export function seeded(seed: number) {
  let state = seed >>> 0;
  const next = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
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
