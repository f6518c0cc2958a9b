import { shortestFrom, type Passage } from '../paths';

/** Two places, and how long a cable, or a walk on a floor plan, is between them. */
export interface Between {
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
 */
export function walksBetween(
  wanted: readonly string[],
  between: readonly Between[],
  { walkMPerMinute, unknownWalkMinutes }: Walking,
): number[][] {
  const places = [
    ...new Set([...wanted, ...between.flatMap(({ near, far }) => [near.place, far.place])]),
  ];
  const at = new Map(places.map((place, index) => [place, index]));
  const onward = places.map((): Passage[] => []);
  for (const { near, far, lengthM } of between) {
    const [from, to] = [at.get(near.place), at.get(far.place)];
    if (from === undefined || to === undefined || from === to) continue;
    const cost = lengthM === null ? unknownWalkMinutes : lengthM / walkMPerMinute;
    onward[from]?.push({ from, to, cost });
    onward[to]?.push({ from: to, to: from, cost });
  }
  return wanted.map((_, row) => {
    const { costs } = shortestFrom(onward, row);
    return wanted.map((__, column) => {
      const minutes = costs[column] ?? Infinity;
      return minutes === Infinity ? unknownWalkMinutes : minutes;
    });
  });
}

/** Places that are hubs are one place each, whatever panel and port an end is at there. */
export function placeOf(place: string, hubs: ReadonlySet<string>): string {
  const [first = ''] = place.split('/');
  return hubs.has(first.trim()) ? first.trim() : place;
}
