/** Disjoint sets with path halving; items join by first use. */
export function unionFind<T>() {
  const parent = new Map<T, T>();
  const root = (item: T): T => {
    let at = item;
    for (;;) {
      const up = parent.get(at) ?? at;
      if (up === at) return at;
      const next = parent.get(up) ?? up;
      parent.set(at, next);
      at = next;
    }
  };
  const join = (a: T, b: T): void => {
    const [rootA, rootB] = [root(a), root(b)];
    if (rootA !== rootB) parent.set(rootA, rootB);
  };
  return { root, join };
}
