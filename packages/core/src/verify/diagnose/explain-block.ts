import type { Contact } from '../../catalogue';
import { intendedFar, pairsOf, type Reading, type Wiring } from '../../link';
import {
  blockSlipsOf,
  contactsOf,
  placesOf,
  type BlockSlip,
  type Placing,
  type Places,
} from '../faults/block-slips';
import type { WireMap } from './wiring-distance';

/** A slip of a whole connector, by contacts: near[i] arrives at far[i], where far ends at nothing. */
export interface LaidSlip {
  readonly kind: BlockSlip['kind'];
  readonly near: readonly Contact[];
  readonly far: readonly Contact[];
}

/** What lies behind a reading of many conductors. */
export interface BlockExplanation {
  readonly map: WireMap;
  /** The map that the slips of whole connectors alone would make. */
  readonly base: WireMap;
  readonly slips: readonly LaidSlip[];
  /** Whether no explanation has fewer slips. */
  readonly fewest: boolean;
}

/** Slips of whole connectors that are put one on the other at most. */
const MOST_SLIPS = 8;
const NOWHERE = -1;

/**
 * The wiring behind a reading of a connector with many contacts: slips of the whole connector first,
 * each taken where it brings most conductors to where they should be, then the fewest exchanges of
 * pairs and conductors on top.
 *
 * It takes some thousand steps a conductor, whatever was read. Fewer slips than it finds can be ruled
 * out only where it finds one or none: `fewest` says so.
 */
export function explainBlock(reading: Reading, wiring: Wiring): BlockExplanation {
  const intended = intendedFar(wiring);
  const places = placesOf(wiring, intended);
  const nets = netsOf(reading, places);
  const pairs = pairPlaces(wiring, places);
  const start = Int16Array.from(places.near, (_, place) => place);
  let best: Laid = { base: start, slips: [], ...layOver(start, nets, pairs) };
  const all = best.cost > 1 ? blockSlipsOf(wiring, places) : [];
  while (best.cost > 1 && best.slips.length < MOST_SLIPS) {
    const next = all
      .map((slip) => laidOn(best, slip, nets, pairs))
      .reduce<Laid | null>((a, b) => (b && (!a || b.cost < a.cost) ? b : a), null);
    if (!next || next.cost + 1 >= best.cost) break;
    best = next;
  }
  const mapOf = (placing: Placing): [Contact, Contact][] => {
    const { near, far } = contactsOf(places, placing, [...placing.keys()]);
    return far.map((to, index) => [near[index] as Contact, to]);
  };
  const rest = [...intended].filter(([near]) => !places.near.includes(near));
  return {
    map: new Map([...mapOf(best.placing), ...rest]),
    base: new Map([...mapOf(best.base), ...rest]),
    slips: best.slips.map(({ kind, moved, base }) => ({
      kind,
      ...contactsOf(places, base, moved),
    })),
    fewest: best.cost <= 1,
  };
}

interface LaidOver {
  readonly placing: Placing;
  /** Slips and opens that are left. */
  readonly cost: number;
  /** Conductors that arrive where the base has them. */
  readonly right: Uint8Array;
}

interface Laid extends LaidOver {
  readonly base: Placing;
  readonly slips: readonly {
    readonly kind: BlockSlip['kind'];
    readonly moved: readonly number[];
    readonly base: Placing;
  }[];
}

/** One slip more; null where it moves more conductors that are then wrong than right. */
function laidOn(before: Laid, { kind, moves }: BlockSlip, nets: Nets, pairs: Pairs): Laid | null {
  const base = before.base.map((to) => (to === NOWHERE ? NOWHERE : (moves[to] as number)));
  const moved = [...base.keys()].filter((place) => base[place] !== before.base[place]);
  const over = layOver(base, nets, pairs);
  const right = moved.filter((place) => over.right[place]).length;
  if (right * 2 < moved.length) return null;
  const slips = [...before.slips, { kind, moved, base }];
  return { base, slips, ...over, cost: over.cost + slips.length };
}

/** In which net each place's near and far contact is; one of its own where it is joined to nothing. */
interface Nets {
  readonly near: Int16Array;
  readonly far: Int16Array;
}

function netsOf(reading: Reading, { near, far }: Places): Nets {
  const of = (end: 'near' | 'far') => {
    const net = new Map(reading.flatMap((row, index) => row[end].map((c) => [c, index] as const)));
    const alone = reading.length + (end === 'near' ? 0 : near.length);
    return Int16Array.from(
      end === 'near' ? near : far,
      (contact, place) => net.get(contact) ?? alone + place,
    );
  };
  return { near: of('near'), far: of('far') };
}

type Pairs = readonly (readonly [number, number])[];

/** The places of the conductors that are a pair at both ends. */
function pairPlaces(wiring: Wiring, { near, far }: Places): Pairs {
  const farPairs = new Set(pairsOf(wiring.far).map(({ tip, ring }) => `${tip} ${ring}`));
  return pairsOf(wiring.near).flatMap(({ tip, ring }) => {
    const [a, b] = [near.indexOf(tip), near.indexOf(ring)];
    const whole = a >= 0 && b >= 0 && farPairs.has(`${far[a] ?? ''} ${far[b] ?? ''}`);
    return whole ? [[a, b] as const] : [];
  });
}

/**
 * Every conductor placed over a base: as many whole as the reading allows, as many where the base has
 * them as can be, and chains of displaced ones closed as early as can be.
 */
function layOver(base: Placing, nets: Nets, pairs: Pairs): LaidOver {
  const count = base.length;
  const placing = new Int16Array(count).fill(NOWHERE);
  const from = new Int16Array(count).fill(NOWHERE);
  const settle = (place: number, to: number) => {
    placing[place] = to;
    from[to] = place;
  };
  const isWhole = (place: number, to: number) => nets.near[place] === nets.far[to];
  base.forEach((to, place) => to !== NOWHERE && isWhole(place, to) && settle(place, to));
  const freeIn = new Map<number, number[]>();
  for (let to = 0; to < count; to += 1)
    if (from[to] === NOWHERE)
      freeIn.set(nets.far[to] as number, [...(freeIn.get(nets.far[to] as number) ?? []), to]);
  // Where a chain of displaced conductors that begins at a place ends: the place that nothing took.
  const endOfChain = (place: number): number => {
    let to = base[place] as number;
    while (to !== NOWHERE && from[to] !== NOWHERE) to = base[from[to] as number] as number;
    return to;
  };
  const taken = (to: number) => from[to] !== NOWHERE;
  for (let place = 0; place < count; place += 1) {
    const here = freeIn.get(nets.near[place] as number);
    if (placing[place] !== NOWHERE || !here) continue;
    const free = here.filter((to) => !taken(to));
    const closing = endOfChain(place);
    const to = free.includes(closing) ? closing : free[0];
    if (to !== undefined) settle(place, to);
  }
  let opens = 0;
  for (let place = 0; place < count; place += 1) {
    if (placing[place] !== NOWHERE || base[place] === NOWHERE) continue;
    opens += 1;
    const to = endOfChain(place);
    if (to !== NOWHERE && !taken(to)) settle(place, to);
  }
  // What is still nowhere takes what is left, unless the base leaves it over.
  let left = 0;
  for (let place = 0; place < count; place += 1) {
    if (placing[place] !== NOWHERE || base[place] === NOWHERE) continue;
    while (left < count && taken(left)) left += 1;
    if (left < count) settle(place, left);
  }
  const right = Uint8Array.from(placing, (to, place) => Number(to === base[place]));
  return { placing, right, cost: opens + exchangesOver(base, placing, pairs) };
}

/** The exchanges that lead from a base to a placing: of two pairs, or of two conductors. */
function exchangesOver(base: Placing, placing: Placing, pairs: Pairs): number {
  const count = base.length;
  const owner = new Int16Array(count).fill(NOWHERE);
  base.forEach((to, place) => to !== NOWHERE && (owner[to] = place));
  const next = Int16Array.from(placing, (to, place) =>
    to === NOWHERE ? place : (owner[to] as number),
  );
  const pairOfTip = new Map(pairs.map(([tip], index) => [tip, index]));
  const goesTo = pairs.map(([tip, ring]) => {
    const other = pairs[pairOfTip.get(next[tip] as number) ?? NOWHERE];
    return other && next[ring] === other[1] ? (pairOfTip.get(other[0]) as number) : NOWHERE;
  });
  const inPairs = new Uint8Array(count);
  let exchanges = 0;
  for (const cycle of cyclesIn(goesTo)) {
    exchanges += cycle.length - 1;
    for (const index of cycle) for (const place of pairs[index] ?? []) inPairs[place] = 1;
  }
  const single = [...next].map((to, place) => (inPairs[place] ? NOWHERE : to));
  const open = new Set(single.keys());
  for (const cycle of cyclesIn(single)) {
    exchanges += cycle.length - 1;
    for (const place of cycle) open.delete(place);
  }
  // Chains that do not close: each conductor of them is out of its place.
  for (const place of open) if (!inPairs[place] && next[place] !== place) exchanges += 1;
  return exchanges;
}

/** The closed cycles of a partial permutation. */
function cyclesIn(next: readonly number[]): number[][] {
  const seen = new Uint8Array(next.length);
  const cycles: number[][] = [];
  for (let start = 0; start < next.length; start += 1) {
    const cycle: number[] = [];
    let at = start;
    while (at !== NOWHERE && !seen[at]) {
      seen[at] = 1;
      cycle.push(at);
      at = next[at] ?? NOWHERE;
    }
    if (at === start && cycle.length > 0) cycles.push(cycle);
  }
  return cycles;
}
