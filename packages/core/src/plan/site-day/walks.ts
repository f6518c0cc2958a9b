/** A cable from one place to another. */
export interface Way {
  readonly near: { readonly place: string };
  readonly far: { readonly place: string };
  /** Null where nobody knows it. */
  readonly lengthM: number | null;
}

/** How people come from place to place. */
export interface Walking {
  /** How far somebody comes in a minute, stairs and doors and carrying counted. */
  readonly walkMPerMinute: number;
  /** Between places that no cable of a known length joins. */
  readonly unknownWalkMinutes: number;
}

/**
 * Minutes from each place to each. Nobody tells how far places are from each other, but cables do: whoever walks
 * from one end to the other goes about as far as the cable does, and on by the next.
 *
 * Source: shortest paths by Floyd and Warshall.
 */
export function walksBetween(
  wanted: readonly string[],
  ways: readonly Way[],
  { walkMPerMinute, unknownWalkMinutes }: Walking,
): number[][] {
  const places = [
    ...new Set([...wanted, ...ways.flatMap(({ near, far }) => [near.place, far.place])]),
  ];
  const at = new Map(places.map((place, index) => [place, index]));
  const minutes = places.map((_, row) =>
    places.map((__, column) => (row === column ? 0 : Infinity)),
  );
  const shorten = (from: number, to: number, by: number): void => {
    const row = minutes[from];
    if (row && by < (row[to] ?? Infinity)) row[to] = by;
  };
  for (const { near, far, lengthM } of ways) {
    const [from, to] = [at.get(near.place), at.get(far.place)];
    if (from === undefined || to === undefined || from === to) continue;
    const by = lengthM === null ? unknownWalkMinutes : lengthM / walkMPerMinute;
    shorten(from, to, by);
    shorten(to, from, by);
  }
  for (let through = 0; through < places.length; through += 1)
    for (let from = 0; from < places.length; from += 1) {
      const first = minutes[from]?.[through] ?? Infinity;
      if (first === Infinity) continue;
      for (let to = 0; to < places.length; to += 1)
        shorten(from, to, first + (minutes[through]?.[to] ?? Infinity));
    }
  return minutes
    .slice(0, wanted.length)
    .map((row) =>
      row.slice(0, wanted.length).map((by) => (by === Infinity ? unknownWalkMinutes : by)),
    );
}

/** Places that are hubs are one place each, whatever panel and port an end is at there. */
export function placeOf(place: string, hubs: ReadonlySet<string>): string {
  const [first = ''] = place.split('/');
  return hubs.has(first.trim()) ? first.trim() : place;
}
