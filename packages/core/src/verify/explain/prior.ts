import type { FaultKind, Place } from '../fault';
import { FAULT_CLASSES } from '../faults';

/** Where a fault that can be anywhere is. Generic: hands were at the ends. */
export const PLACE_SHARE: Readonly<Record<Place, number>> = { near: 0.44, cable: 0.08, far: 0.48 };

/** What a firm has seen: ends that were remade after a test, by what the test had found. */
export interface Experience {
  /** Links that were tested. */
  readonly links: number;
  readonly faults: readonly {
    readonly kind: FaultKind;
    readonly end: 'near' | 'far';
    readonly count: number;
  }[];
}

export const NO_EXPERIENCE: Experience = { links: 0, faults: [] };

/** How many links of one's own weigh as much as the table. */
const TABLE_WEIGHS_LINKS = 100;

export interface Prior {
  /** Expected number of faults of a kind on one link. */
  readonly rate: Readonly<Record<FaultKind, number>>;
  readonly places: Readonly<Record<Place, number>>;
}

/** The generic rates of all kinds, refined by what the firm has seen: a gamma prior for each kind, a Dirichlet one for places. */
export function priorOf({ links, faults }: Experience): Prior {
  const seen = (kind: FaultKind) =>
    faults.filter((row) => row.kind === kind).reduce((sum, { count }) => sum + count, 0);
  const at = (end: Place) =>
    faults.filter((row) => row.end === end).reduce((sum, { count }) => sum + count, 0);
  const rate = Object.fromEntries(
    FAULT_CLASSES.map(({ kind, perHundred }) => [
      kind,
      (perHundred + seen(kind)) / (TABLE_WEIGHS_LINKS + links),
    ]),
  ) as Record<FaultKind, number>;
  const PLACES_WEIGH = 20;
  const ends = at('near') + at('far');
  const share = (place: Place) =>
    (PLACE_SHARE[place] * PLACES_WEIGH + at(place)) / (PLACES_WEIGH + ends);
  return { rate, places: { near: share('near'), cable: share('cable'), far: share('far') } };
}
