import { SHELL, compareContacts, type Contact } from '../../catalogue';
import {
  intendedFar,
  pairAt,
  pairsOf,
  wireContacts,
  type End,
  type Reading,
  type Wiring,
} from '../../link';
import type { WiringExplanation } from './explain-wiring';
import type { Fault } from '../fault';
import { cyclesOf, pairArrival, turnedMaps, wiresOf, type WireMap } from './wiring-distance';

/** Faults of order: the fewest cycles, crossed pairs and slips of whole connectors that make up the map. */
export function wiringFaults({ map, base, slips }: WiringExplanation, wiring: Wiring): Fault[] {
  const intended = intendedFar(wiring);
  const laid = slips.map(({ kind, near, far }): Fault => ({
    kind,
    near,
    far,
    pairs: pairNumbers(near, wiring),
    end: kind === 'shifted' && far.length < near.length ? lateEnd(near, wiring) : 'either',
  }));
  const direct = [...laid, ...faultsAgainst(map, base, wiring)];
  if (direct.length <= 1 || laid.length > 0) return direct;
  const bases = turnedMaps(wiring, intended);
  const isTurned = bases.some((turned) => sameMap(map, turned));
  // Pairs that are all in their places are reversed, however many: nothing else is to be seen of them.
  if (!isTurned && direct.every(({ kind }) => kind === 'reversed-pair')) return direct;
  // A connector that is the wrong way round has at least half of its conductors where that puts them.
  const likely = bases.filter(
    (base) =>
      wiresOf(map).filter((near) => map.get(near) === base.get(near)).length * 2 >= map.size,
  );
  const turned = likely.map((base): Fault[] => {
    const index = bases.indexOf(base);
    const other = bases[1 - index];
    const near = wiresOf(base);
    const rollover: Fault = {
      kind: 'rollover',
      near,
      far: near.map((contact) => base.get(contact) as Contact),
      pairs: pairNumbers(near, wiring),
      end: other && !sameMap(base, other) ? (index === 0 ? 'far' : 'near') : 'either',
    };
    return [rollover, ...faultsAgainst(map, base, wiring)];
  });
  return [direct, ...turned].reduce((best, next) => (next.length < best.length ? next : best));
}

/** Of a row that begins late, the end whose first contacts are empty; what is left over stands last. */
const lateEnd = (near: readonly Contact[], wiring: Wiring): End =>
  near.at(-1) === wireContacts(wiring.near).at(-1) ? 'far' : 'near';

function faultsAgainst(map: WireMap, base: WireMap, wiring: Wiring): Fault[] {
  const whole = wholePairFaults(map, base, wiring);
  const named = new Set(whole.flatMap((fault) => fault.near));
  const back = new Map([...base].map(([near, far]) => [far, near]));
  const displaced = new Map(
    [...map]
      .filter(([near, far]) => base.get(near) !== far && !named.has(near))
      .map(([near, far]) => [near, back.get(far)]),
  );
  return [
    ...whole,
    ...cyclesOf(displaced).map((cycle) => misplaced('miswire', cycle, map, wiring)),
  ];
}

/** Reversed pairs, and pairs that arrive whole at each other's places. */
function wholePairFaults(map: WireMap, base: WireMap, wiring: Wiring): Fault[] {
  const nearPairs = pairsOf(wiring.near);
  const goesTo = new Map<number, number>();
  const faults: Fault[] = [];
  const contactsOf = (number: number): Contact[] =>
    nearPairs.filter((pair) => pair.number === number).flatMap(({ tip, ring }) => [tip, ring]);
  for (const pair of nearPairs) {
    const is = pairArrival(map, pair, wiring.far);
    const should = pairArrival(base, pair, wiring.far);
    if (!is || !should) continue;
    // The near pair that should be where this one is.
    const instead = nearPairs.find(
      (other) => pairArrival(base, other, wiring.far)?.number === is.number,
    );
    if (!instead) continue;
    goesTo.set(pair.number, instead.number);
    if (is.number === should.number && is.reversed !== should.reversed)
      faults.push(misplaced('reversed-pair', [pair.tip, pair.ring], map, wiring));
  }
  const seen = new Set<number>();
  for (const start of goesTo.keys()) {
    const cycle: number[] = [];
    let at: number | undefined = start;
    while (at !== undefined && !seen.has(at)) {
      seen.add(at);
      cycle.push(at);
      at = goesTo.get(at);
    }
    if (at === start && cycle.length > 1)
      faults.push(misplaced('crossed-pairs', cycle.flatMap(contactsOf), map, wiring));
  }
  return faults;
}

function misplaced(
  kind: Fault['kind'],
  contacts: readonly Contact[],
  map: WireMap,
  wiring: Wiring,
): Fault {
  const near = inOrder(contacts);
  return {
    kind,
    near,
    far: near.map((contact) => map.get(contact) as Contact),
    pairs: pairNumbers(near, wiring),
    end: 'either',
  };
}

/** So many pairs that are open as a whole have one cause: they are not in the cable, or not connected. */
const TOGETHER = 2;

const wholePairsOf = (open: readonly Contact[], wiring: Wiring): Contact[][] =>
  pairsOf(wiring.near)
    .map(({ tip, ring }) => [tip, ring])
    .filter((pair) => pair.every((contact) => open.includes(contact)));

/** Broken conductors; one fault when nothing at all goes through, or when whole pairs do not. */
export function openFaults({ map, intact }: WiringExplanation, wiring: Wiring): Fault[] {
  const open = inOrder([...map.keys()].filter((near) => !intact.has(near)));
  const fault = (near: readonly Contact[]): Fault => ({
    kind: near.every((contact) => contact === SHELL) ? 'shield-open' : 'open',
    near,
    far: near.map((contact) => map.get(contact) as Contact),
    pairs: pairNumbers(near, wiring),
    end: 'either',
  });
  if (open.length > 1 && open.length === map.size) return [fault(open)];
  const pairs = wholePairsOf(open, wiring);
  if (pairs.length < TOGETHER) return open.map((contact) => fault([contact]));
  const together = pairs.flat();
  return [
    fault(inOrder(together)),
    ...open.filter((contact) => !together.includes(contact)).map((contact) => fault([contact])),
  ];
}

/** Nets that hold more than one conductor or part of one, each told as one short. */
export function shortFaults(
  reading: Reading,
  { map, intact }: WiringExplanation,
  wiring: Wiring,
): Fault[] {
  return reading.flatMap((net): Fault[] => {
    const whole = net.near.filter((near) => intact.has(near));
    const parts = net.near.length + net.far.length - whole.length;
    if (parts < 2) return [];
    const [near, far] = [inOrder(net.near), inOrder(net.far)];
    const all = [...near, ...far];
    const wiredFar = new Set(map.values());
    const stray = (contact: Contact, end: End) =>
      end === 'near' ? !intact.has(contact) : !whole.some((from) => map.get(from) === contact);
    const loose: End[] = [
      ...near.filter((contact) => stray(contact, 'near')).map((): End => 'near'),
      ...far.filter((contact) => stray(contact, 'far')).map((): End => 'far'),
    ];
    const oneEnd = new Set(loose).size === 1 ? (loose[0] as End) : 'either';
    const kind = !all.includes(SHELL)
      ? 'short'
      : all.every((contact) => contact === SHELL) && !wiredFar.has(SHELL)
        ? 'shield-unexpected'
        : 'shield-short';
    return [{ kind, near, far, pairs: pairNumbers(near.length ? near : far, wiring), end: oneEnd }];
  });
}

/** Split pairs that the wire map does not already explain by a conductor in the wrong pair. */
export function splitFaults(
  splitPairs: readonly (readonly [Contact, Contact])[],
  map: WireMap,
  wiring: Wiring,
): Fault[] {
  const unexplained = splitPairs.filter(([contact]) => {
    const pair = pairAt(wiring.near, contact);
    return pair !== null && pairArrival(map, pair, wiring.far) !== null;
  });
  if (unexplained.length === 0) return [];
  const near = inOrder([...new Set(unexplained.flat())]);
  return [
    {
      kind: 'split-pair',
      near,
      far: near.map((contact) => map.get(contact) as Contact),
      pairs: pairNumbers(near, wiring),
      end: 'either',
    },
  ];
}

function pairNumbers(contacts: readonly Contact[], wiring: Wiring): number[] {
  const numbers = contacts.flatMap((contact) => pairAt(wiring.near, contact)?.number ?? []);
  return [...new Set(numbers)].sort((a, b) => a - b);
}

function inOrder(contacts: readonly Contact[]): Contact[] {
  return [...contacts].sort(compareContacts);
}

function sameMap(a: WireMap, b: WireMap): boolean {
  return [...a].every(([near, far]) => b.get(near) === far);
}
