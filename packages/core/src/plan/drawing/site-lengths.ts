import { lengthOf, type Link } from '../../link';
import type { Uncertain } from '../../units';
import type { Leg, WayFill } from '../lengths';
import { placeOf } from '../site-day';
import { buildingOf, lengthsIn, type Building } from './building';
import type { Drawing } from './drawings';
import { scaleShare } from './scale';

/** A link of the site whose places may be on its plans. */
export interface DrawnLink {
  readonly id: string;
  readonly near: Pick<Link['near'], 'place'>;
  readonly far: Pick<Link['far'], 'place'>;
  /** Of its jacket; null where nobody knows. */
  readonly diameterMm: number | null;
}

export interface DrawnRun {
  readonly id: string;
  /** Null where a place of it is not drawn, or no way leads there. */
  readonly length: Uncertain | null;
  /** The ids of the ways that it lies in. */
  readonly by: readonly string[];
  readonly legs: readonly Leg[];
  /** Its places that are on no plan. */
  readonly undrawn: readonly string[];
}

export interface SiteLengths {
  readonly building: Building;
  readonly runs: readonly DrawnRun[];
  readonly fills: readonly WayFill[];
  /** Places of links that are on no plan yet, those with most links first. */
  readonly undrawn: readonly string[];
}

export interface LengthRules {
  /** More than the way takes, at each end. */
  readonly slackM: number;
  /** So far a cable may leave a way; the nearest way is taken in any case. */
  readonly reachM: number;
}

/**
 * How long the links of a site are by its plans.
 *
 * @param hubs a place in one of them is drawn as that, where it is not drawn itself
 */
export function siteLengths(
  drawings: readonly Drawing[],
  links: readonly DrawnLink[],
  hubs: ReadonlySet<string>,
  rules: LengthRules,
): SiteLengths {
  const building = buildingOf(drawings);
  const drawn = new Set(drawings.flatMap(({ places }) => places.map(({ place }) => place)));
  const name = (place: string): string => (drawn.has(place) ? place : placeOf(place, hubs));
  const counts = new Map<string, number>();
  const wanted = links.map((link) => {
    const [from, to] = [name(link.near.place), name(link.far.place)];
    const undrawn = [...new Set([from, to])].filter((place) => !drawn.has(place));
    for (const place of undrawn) counts.set(place, (counts.get(place) ?? 0) + 1);
    return { id: link.id, from, to, diameterMm: link.diameterMm, undrawn };
  });
  // Cords within one place have no way.
  const runs = wanted.filter(({ from, to, undrawn }) => from !== to && undrawn.length === 0);
  const lengths = lengthsIn(building, runs, rules);
  const found = new Map(lengths.runs.map((run) => [run.id, run]));
  const share = Math.max(
    0,
    ...drawings.flatMap((drawing) => (drawing.scale ? [scaleShare(drawing, drawing.scale)] : [])),
  );
  return {
    building,
    fills: lengths.ways,
    undrawn: [...counts].sort(([, a], [, b]) => b - a).map(([place]) => place),
    runs: wanted.map(({ id, undrawn }): DrawnRun => {
      const { lengthM = null, by = [], legs = [] } = found.get(id) ?? {};
      return { id, length: known(lengthM, share), by, legs, undrawn };
    }),
  };
}

function known(lengthM: number | null, share: number): Uncertain | null {
  const length = lengthOf({ lengthM, lengthHow: 'drawn' });
  return length && { value: length.value, u: Math.hypot(length.u, share * length.value) };
}
