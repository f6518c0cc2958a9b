import type { Span } from '../day';

/** When something can be done at a place: somebody is let in, it is off, it is dry. */
export interface PlaceTimes {
  /** Null: everywhere. */
  readonly place: string | null;
  /** Of ends outdoors alone. */
  readonly outdoors: boolean;
  readonly spans: readonly Span[];
}

/** When all of what is said of an end’s place holds; undefined where nothing is. */
export function openAt(
  times: readonly PlaceTimes[],
  place: string,
  outdoors: boolean,
): readonly Span[] | undefined {
  const said = times.filter(
    (one) => (one.place === null || one.place === place) && (outdoors || !one.outdoors),
  );
  const [first, ...others] = said.map(({ spans }) => spans);
  return first && others.reduce(both, first);
}

const both = (some: readonly Span[], others: readonly Span[]): Span[] =>
  some.flatMap((a) =>
    others
      .map((b) => ({
        fromMinute: Math.max(a.fromMinute, b.fromMinute),
        toMinute: Math.min(a.toMinute, b.toMinute),
      }))
      .filter(({ fromMinute, toMinute }) => toMinute > fromMinute),
  );
