import { SHELL, type Contact } from '../../catalogue';
import { intendedFar, pairAt, pairsOf, turnedContact, type Wiring } from '../../link';
import { blockSlipsOf, contactsOf, placesOf, type BlockSlip } from '../diagnose/block-slips';
import type { Fault, FaultKind, Place } from '../fault';
import { NEIGHBOUR_SHARE, type Prior } from './prior';

/** Something that can be wrong with a link, wherever along it. */
export interface Hypothesis {
  readonly kind: FaultKind;
  readonly near: readonly Contact[];
  readonly far: readonly Contact[];
  readonly pairs: readonly number[];
  /** Expected number of it on one link. */
  readonly rate: number;
  /** Where it can be, shares of one; 'either' where it is at both ends at once or nowhere in particular. */
  readonly places: readonly {
    readonly at: Place | 'either';
    readonly share: number;
    readonly fault: Fault;
  }[];
}

type Draft = Omit<Hypothesis, 'rate' | 'places'> & { readonly weight: number };

/** Every single fault that a link of this wiring can have, with what is expected of it. */
export function hypothesesOf(wiring: Wiring, prior: Prior): Hypothesis[] {
  const intended = [...intendedFar(wiring)];
  const wires = intended.filter(([near]) => near !== SHELL);
  const shield = intended.find(([near]) => near === SHELL);
  const ends: Place[] = ['near', 'far'];
  const anywhere: Place[] = ['near', 'cable', 'far'];
  const rows = [
    spread(
      prior,
      'open',
      anywhere,
      wires.map((row) => draft([row], wiring)),
    ),
    spread(prior, 'open', anywhere, wires.length > 1 ? [draft(intended, wiring, 0.2)] : [], 0.2),
    spread(
      prior,
      'short',
      anywhere,
      twos(wires).map((two) => shortOf(two, wires, wiring)),
    ),
    ...orders(wires, wiring).map(([kind, drafts]) => spread(prior, kind, ends, drafts)),
    ...blockOrders(wiring).map(([kind, drafts]) => spread(prior, kind, ends, drafts)),
    splits(wiring, prior),
    spread(
      prior,
      'high-resistance',
      ends,
      wires.map((row) => draft([row], wiring)),
    ),
    spread(
      prior,
      'intermittent',
      anywhere,
      wires.map((row) => draft([row], wiring)),
    ),
    spread(
      prior,
      'other-metal',
      ['cable'],
      [{ near: [], far: [], pairs: [], kind: 'other-metal', weight: 1 }],
    ),
    spread(prior, 'shield-open', anywhere, shield ? [draft([shield], wiring)] : []),
    spread(
      prior,
      'shield-short',
      anywhere,
      shield ? wires.map((row) => draft([row, shield], wiring)) : [],
    ),
    spread(
      prior,
      'shield-unexpected',
      ['either'],
      shield || wires.length < 2
        ? []
        : [{ kind: 'shield-unexpected', near: [SHELL], far: [SHELL], pairs: [], weight: 1 }],
    ),
  ];
  return rows.flat();
}

type Joined = readonly [near: Contact, far: Contact];

const draft = (rows: readonly Joined[], wiring: Wiring, weight = 1): Draft => ({
  kind: 'open',
  near: rows.map(([near]) => near),
  far: rows.map(([, far]) => far),
  pairs: [...new Set(rows.flatMap(([near]) => pairAt(wiring.near, near)?.number ?? []))].sort(
    (a, b) => a - b,
  ),
  weight,
});

/** Shares a kind's rate among its instances, and each among the places where it can be. */
function spread(
  prior: Prior,
  kind: FaultKind,
  places: readonly (Place | 'either')[],
  drafts: readonly Draft[],
  part = 1,
): Hypothesis[] {
  const all = drafts.reduce((sum, { weight }) => sum + weight, 0);
  const share = (at: Place | 'either') => (at === 'either' ? 1 : prior.places[at]);
  const whole = places.reduce((sum, at) => sum + share(at), 0);
  return drafts.map(({ near, far, pairs, weight }) => ({
    kind,
    near,
    far,
    pairs,
    rate: (prior.rate[kind] * part * weight) / all,
    places: places.map((at) => ({
      at,
      share: share(at) / whole,
      fault: { kind, near, far, pairs, end: at },
    })),
  }));
}

const twos = <T>(items: readonly T[]): (readonly [T, T])[] =>
  items.flatMap((a, index) => items.slice(index + 1).map((b) => [a, b] as const));

function shortOf(
  [a, b]: readonly [Joined, Joined],
  wires: readonly Joined[],
  wiring: Wiring,
): Draft {
  const neighbours = Math.abs(wires.indexOf(a) - wires.indexOf(b)) === 1;
  const count = wires.length;
  const beside = count - 1;
  const apart = (count * (count - 1)) / 2 - beside;
  return draft(
    [a, b],
    wiring,
    neighbours ? NEIGHBOUR_SHARE / beside : (1 - NEIGHBOUR_SHARE) / Math.max(1, apart),
  );
}

/** Faults of order: two conductors, two pairs, or a whole connector the wrong way round. */
function orders(
  wires: readonly Joined[],
  wiring: Wiring,
): (readonly [FaultKind, readonly Draft[]])[] {
  const farOf = new Map(wires);
  const swapped = twos(wires).map(([a, b]): Draft => ({
    ...draft([a, b], wiring),
    far: [b[1], a[1]],
  }));
  const within = ({ near }: Draft) => {
    const [a, b] = near.map((contact) => pairAt(wiring.near, contact));
    return a !== null && a === b;
  };
  const crossed = twos(pairsOf(wiring.near)).flatMap(([p, q]): Draft[] => {
    const near = [p.tip, p.ring, q.tip, q.ring];
    const far = [q.tip, q.ring, p.tip, p.ring].flatMap((contact) => farOf.get(contact) ?? []);
    return far.length === 4
      ? [{ kind: 'crossed-pairs', near, far, pairs: [p.number, q.number], weight: 1 }]
      : [];
  });
  const turned = wires.flatMap(([near]): Joined[] => {
    const far = farOf.get(turnedContact(wiring.near, near));
    return far === undefined ? [] : [[near, far]];
  });
  return [
    ['reversed-pair', swapped.filter(within)],
    ['miswire', swapped.filter((row) => !within(row))],
    ['crossed-pairs', crossed],
    [
      'rollover',
      (wiring.near.turns || wiring.far.turns) && wires.length > 2 && turned.length === wires.length
        ? [draft(turned, wiring)]
        : [],
    ],
  ];
}

/** Contacts in a row from which on slips of the whole row are thought of. */
const ROW = 10;
/** So far a row is begun late, in contacts. */
const LATE = 6;

/** Slips of a whole row of contacts, where there is one. */
function blockOrders(wiring: Wiring): (readonly [FaultKind, readonly Draft[]])[] {
  const places = placesOf(wiring, intendedFar(wiring));
  if (places.near.length < ROW) return [];
  const late = ({ moves }: BlockSlip) => {
    const left = moves.filter((to) => to === -1).length;
    return left > 0 && left <= LATE;
  };
  const all = blockSlipsOf(wiring, places);
  return (['shifted', 'crossed-groups', 'turned-group'] as const).map((kind) => [
    kind,
    all
      .filter((slip) => slip.kind === kind && (kind !== 'shifted' || late(slip)))
      .map(({ moves }): Draft => {
        const among = [...moves.keys()].filter((place) => moves[place] !== place);
        const { near, far } = contactsOf(places, moves, among);
        const pairs = near.flatMap((contact) => pairAt(wiring.near, contact)?.number ?? []);
        return {
          kind,
          near,
          far,
          pairs: [...new Set(pairs)].sort((a, b) => a - b),
          weight: 1,
        };
      }),
  ]);
}

/** Which conductors of two pairs are exchanged, by how often that is so. Generic: mostly the coloured ones. */
const EXCHANGED = [
  { first: 'ring', second: 'tip', share: 0.2 },
  { first: 'ring', second: 'ring', share: 0.4 },
  { first: 'tip', second: 'ring', share: 0.2 },
  { first: 'tip', second: 'tip', share: 0.2 },
] as const;

/** Split pairs: to continuity all ways of splitting two pairs are alike, to eyes they are not. */
function splits(wiring: Wiring, prior: Prior): Hypothesis[] {
  const farOf = intendedFar(wiring);
  const pairs = twos(pairsOf(wiring.near));
  return pairs.map(([p, q]): Hypothesis => {
    const numbers = [p.number, q.number];
    const faults = EXCHANGED.map(({ first, second, share }) => {
      const near = [
        first === 'ring' ? p.tip : p.ring,
        p[first],
        q[second],
        second === 'ring' ? q.tip : q.ring,
      ];
      const far = near.flatMap((contact) => farOf.get(contact) ?? []);
      const fault: Fault = { kind: 'split-pair', near, far, pairs: numbers, end: 'either' };
      return { at: 'either' as const, share, fault };
    });
    const { near, far } = (faults[0] as (typeof faults)[number]).fault;
    return {
      kind: 'split-pair',
      near,
      far,
      pairs: numbers,
      rate: prior.rate['split-pair'] / pairs.length,
      places: faults,
    };
  });
}
