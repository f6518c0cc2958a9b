import type { FaultKind, Place } from '../fault';

/**
 * How many of a hundred freshly made links have a fault of each kind. Generic starting values, not
 * from a survey: a firm's own remade ends outweigh them as they come in.
 */
export const FAULTS_PER_HUNDRED: Readonly<Record<FaultKind, number>> = {
  open: 4,
  short: 1,
  'reversed-pair': 1,
  'crossed-pairs': 1,
  miswire: 2.5,
  rollover: 0.4,
  shifted: 0.4,
  'crossed-groups': 0.2,
  'turned-group': 0.2,
  'split-pair': 1.5,
  'shield-open': 1.5,
  'shield-short': 0.5,
  'shield-unexpected': 0.3,
  'high-resistance': 1,
  intermittent: 1,
  'other-metal': 0.3,
};

/** Where a fault that can be anywhere is. Generic: hands were at the ends. */
export const PLACE_SHARE: Readonly<Record<Place, number>> = { near: 0.44, cable: 0.08, far: 0.48 };

/** Of shorts, how many are between neighbours in a connector. Generic. */
export const NEIGHBOUR_SHARE = 0.8;

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

/** The table, refined by what the firm has seen: a gamma prior for each kind, a Dirichlet one for places. */
export function priorOf({ links, faults }: Experience): Prior {
  const seen = (kind: FaultKind) =>
    faults.filter((row) => row.kind === kind).reduce((sum, { count }) => sum + count, 0);
  const at = (end: Place) =>
    faults.filter((row) => row.end === end).reduce((sum, { count }) => sum + count, 0);
  const rate = Object.fromEntries(
    Object.entries(FAULTS_PER_HUNDRED).map(([kind, perHundred]) => [
      kind,
      (perHundred + seen(kind as FaultKind)) / (TABLE_WEIGHS_LINKS + links),
    ]),
  ) as Record<FaultKind, number>;
  const PLACES_WEIGH = 20;
  const ends = at('near') + at('far');
  const share = (place: Place) =>
    (PLACE_SHARE[place] * PLACES_WEIGH + at(place)) / (PLACES_WEIGH + ends);
  return { rate, places: { near: share('near'), cable: share('cable'), far: share('far') } };
}
