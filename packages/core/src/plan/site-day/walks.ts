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

/** Minutes from each of some places to each. */
export type Walks = (places: readonly string[]) => number[][];

/**
 * How long somebody walks from place to place. Nobody tells how far places are from each other, but cables do: whoever
 * walks from one end to the other goes about as far as the cable does, and on by the next. From each place it is
 * looked for once.
 *
 * @param between all that is known, whether anything is left to do there or not
 */
export function walksAlong(
  between: readonly Between[],
  { walkMPerMinute, unknownWalkMinutes }: Walking,
): Walks {
  const places = [...new Set(between.flatMap(({ near, far }) => [near.place, far.place]))];
  const at = new Map(places.map((place, index) => [place, index]));
  const onward = places.map((): Passage[] => []);
  for (const { near, far, lengthM } of between) {
    const [from, to] = [at.get(near.place), at.get(far.place)];
    if (from === undefined || to === undefined || from === to) continue;
    const cost = lengthM === null ? unknownWalkMinutes : lengthM / walkMPerMinute;
    onward[from]?.push({ from, to, cost });
    onward[to]?.push({ from: to, to: from, cost });
  }
  const found = new Map<number, readonly number[]>();
  const costsFrom = (place: number): readonly number[] => {
    const known = found.get(place) ?? shortestFrom(onward, place).costs;
    found.set(place, known);
    return known;
  };
  const walk = (from: string, to: string): number => {
    const [start, end] = [at.get(from), at.get(to)];
    const isKnown = start !== undefined && end !== undefined;
    const minutes = isKnown ? costsFrom(start)[end] : undefined;
    return minutes === undefined || minutes === Infinity ? unknownWalkMinutes : minutes;
  };
  return (wanted) => wanted.map((from) => wanted.map((to) => (from === to ? 0 : walk(from, to))));
}

/** Places that are hubs are one place each, whatever panel and port an end is at there. */
export function placeOf(place: string, hubs: ReadonlySet<string>): string {
  const [first = ''] = place.split('/');
  return hubs.has(first.trim()) ? first.trim() : place;
}
