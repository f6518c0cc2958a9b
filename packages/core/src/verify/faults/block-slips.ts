import type { Contact } from '../../catalogue';
import { pairsOf, wireContacts, type Wiring } from '../../link';
import type { FaultKind } from '../fault';
import type { WireMap } from '../diagnose/wiring-distance';

/** Pairs of one group of the 25-pair colour code: those whose tips have the same colour. */
export const GROUP_PAIRS = 5;

/**
 * For each conductor of a link, by its place among the intended ones, the place that it arrives at; -1
 * where it arrives nowhere.
 */
export type Placing = Int16Array;

/** One slip of a whole connector, or of a row of it: made once, seen on many contacts. */
export interface BlockSlip {
  readonly kind: FaultKind;
  /** Where what belongs at a place comes to lie; -1: it is left over. */
  readonly moves: Placing;
}

/** The intended conductors of a link by their places, wires only. */
export interface Places {
  readonly near: readonly Contact[];
  readonly far: readonly Contact[];
}

export function placesOf(wiring: Wiring, intended: WireMap): Places {
  const wires = new Set(wireContacts(wiring.near));
  const rows = [...intended].filter(([near]) => wires.has(near));
  return { near: rows.map(([near]) => near), far: rows.map(([, far]) => far) };
}

/**
 * Every slip of a whole connector that hands make on a row of contacts: begun late or early, begun
 * from its other end, two groups of pairs exchanged, a group laid backwards. As both ends lie in a row,
 * a slip at the near end moves what the same slip the other way moves at the far one.
 */
export function blockSlipsOf(wiring: Wiring, { far }: Places): BlockSlip[] {
  const placeOf = new Map(far.map((contact, place) => [contact, place]));
  const row = wireContacts(wiring.far).flatMap((contact) => placeOf.get(contact) ?? []);
  const pairs = pairsOf(wiring.far).flatMap(({ tip, ring }) => {
    const [a, b] = [placeOf.get(tip), placeOf.get(ring)];
    return a === undefined || b === undefined ? [] : [[a, b] as const];
  });
  const count = far.length;
  const still = () => Int16Array.from({ length: count }, (_, place) => place);
  const moved = (from: readonly number[], to: readonly (number | undefined)[]): Placing => {
    const moves = still();
    from.forEach((place, index) => (moves[place] = to[index] ?? -1));
    return moves;
  };
  const flat = (rows: readonly (readonly [number, number])[]) => rows.flat();
  const byPairs = flat(pairs);
  const paired = byPairs.length === count;
  const groups = Array.from({ length: Math.floor(pairs.length / GROUP_PAIRS) }, (_, index) =>
    pairs.slice(index * GROUP_PAIRS, (index + 1) * GROUP_PAIRS),
  );
  const shifts = (order: readonly number[], step: number): BlockSlip[] =>
    Array.from({ length: Math.floor(count / step) - 1 }, (_, index) => (index + 1) * step).flatMap(
      (by) => [
        slip('shifted', moved(order, order.slice(by))),
        slip(
          'shifted',
          moved(order, [...order.slice(0, by).map(() => undefined), ...order.slice(0, -by)]),
        ),
        slip('shifted', moved(order, [...order.slice(by), ...order.slice(0, by)])),
      ],
    );
  const slips = [
    slip('rollover', moved(row, [...row].reverse())),
    ...(paired ? [slip('rollover', moved(byPairs, flat([...pairs].reverse())))] : []),
    ...shifts(row, 1),
    ...(paired ? shifts(byPairs, 2) : []),
    ...(groups.length < 2 ? [] : groupSlips(groups, moved)),
  ];
  const seen = new Set<string>();
  return slips.filter(({ moves }) => {
    const key = moves.join();
    return !seen.has(key) && seen.add(key);
  });
}

/** A placing by contacts: near[i] arrives at far[i]; what is left over stands last in near. */
export function contactsOf(
  { near, far }: Places,
  placing: Placing,
  among: readonly number[],
): { readonly near: readonly Contact[]; readonly far: readonly Contact[] } {
  const arrives = among.filter((place) => placing[place] !== -1);
  const left = among.filter((place) => placing[place] === -1);
  return {
    near: [...arrives, ...left].map((place) => near[place] as Contact),
    far: arrives.map((place) => far[placing[place] as number] as Contact),
  };
}

const slip = (kind: FaultKind, moves: Placing): BlockSlip => ({ kind, moves });

type Group = readonly (readonly [number, number])[];

function groupSlips(
  groups: readonly Group[],
  moved: (from: readonly number[], to: readonly number[]) => Placing,
): BlockSlip[] {
  const turned = groups.flatMap((group) => [
    slip('turned-group', moved(group.flat(), group.flat().reverse())),
    slip('turned-group', moved(group.flat(), [...group].reverse().flat())),
  ]);
  const exchanged = groups.flatMap((one, index) =>
    groups
      .slice(index + 1)
      .map((other) =>
        slip(
          'crossed-groups',
          moved([...one.flat(), ...other.flat()], [...other.flat(), ...one.flat()]),
        ),
      ),
  );
  return [...exchanged, ...turned];
}
