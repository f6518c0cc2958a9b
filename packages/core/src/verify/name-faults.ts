import { WIRE_CONTACTS, pairAt, scheme, type Contact, type PairNumber } from '../catalogue';
import { intendedFar, type End, type Reading, type Wiring } from '../link';
import { turnedMaps, type WiringExplanation } from './explain-wiring';
import type { Fault } from './fault';
import { cyclesOf, pairArrival, type WireMap } from './wiring-distance';

/** Faults of order: the fewest cycles, crossed pairs and turned plugs that make up the map. */
export function wiringFaults(map: WireMap, wiring: Wiring): Fault[] {
  const intended = intendedFar(wiring);
  const direct = faultsAgainst(map, intended, wiring);
  if (direct.length <= 1) return direct;
  const ends: readonly End[] = ['far', 'near'];
  const bases = turnedMaps(intended);
  const turned = bases.map((base, index): Fault[] => {
    const both = sameMap(base, bases[1 - index] as WireMap);
    const rollover: Fault = {
      kind: 'rollover',
      near: [...WIRE_CONTACTS],
      far: WIRE_CONTACTS.map((contact) => base.get(contact) as Contact),
      pairs: [1, 2, 3, 4],
      end: both ? 'either' : (ends[index] as End),
    };
    return [rollover, ...faultsAgainst(map, base, wiring)];
  });
  return [direct, ...turned].reduce((best, next) => (next.length < best.length ? next : best));
}

function faultsAgainst(map: WireMap, base: WireMap, wiring: Wiring): Fault[] {
  const whole = wholePairFaults(map, base, wiring);
  const named = new Set(whole.flatMap((fault) => fault.near));
  const back = new Map([...base].map(([near, far]) => [far, near]));
  const displaced = new Map(
    [...map]
      .filter(([near, far]) => base.get(near) !== far && !named.has(near))
      .map(([near, far]) => [near, back.get(far) as Contact]),
  );
  return [
    ...whole,
    ...cyclesOf(displaced).map((cycle) => misplaced('miswire', cycle, map, wiring)),
  ];
}

/** Reversed pairs, and pairs that arrive whole at each other's places. */
function wholePairFaults(map: WireMap, base: WireMap, wiring: Wiring): Fault[] {
  const nearPairs = scheme(wiring.scheme.near).pairs;
  const goesTo = new Map<PairNumber, PairNumber>();
  const faults: Fault[] = [];
  const contactsOf = (number: PairNumber): Contact[] =>
    nearPairs.filter((pair) => pair.number === number).flatMap(({ tip, ring }) => [tip, ring]);
  for (const pair of nearPairs) {
    const is = pairArrival(map, pair, wiring.scheme.far);
    const should = pairArrival(base, pair, wiring.scheme.far);
    if (!is || !should) continue;
    // The near pair that should be where this one is.
    const instead = nearPairs.find(
      (other) => pairArrival(base, other, wiring.scheme.far)?.number === is.number,
    );
    if (!instead) continue;
    goesTo.set(pair.number, instead.number);
    if (is.number === should.number && is.reversed !== should.reversed)
      faults.push(misplaced('reversed-pair', [pair.tip, pair.ring], map, wiring));
  }
  const seen = new Set<PairNumber>();
  for (const start of goesTo.keys()) {
    const cycle: PairNumber[] = [];
    let at: PairNumber | undefined = start;
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
    pairs: pairsOf(near, wiring),
    end: 'either',
  };
}

/** Broken conductors; one fault when nothing at all goes through. */
export function openFaults({ map, intact }: WiringExplanation, wiring: Wiring): Fault[] {
  const open = inOrder([...map.keys()].filter((near) => !intact.has(near)));
  const fault = (near: readonly Contact[]): Fault => ({
    kind: near.every((contact) => contact === 'S') ? 'shield-open' : 'open',
    near,
    far: near.map((contact) => map.get(contact) as Contact),
    pairs: pairsOf(near, wiring),
    end: 'either',
  });
  if (open.length > 1 && open.length === map.size) return [fault(open)];
  return open.map((contact) => fault([contact]));
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
    const kind = !all.includes('S')
      ? 'short'
      : all.every((contact) => contact === 'S') && !wiredFar.has('S')
        ? 'shield-unexpected'
        : 'shield-short';
    return [{ kind, near, far, pairs: pairsOf(near.length ? near : far, wiring), end: oneEnd }];
  });
}

/** Split pairs that the wire map does not already explain by a conductor in the wrong pair. */
export function splitFaults(
  splitPairs: readonly (readonly [Contact, Contact])[],
  map: WireMap,
  wiring: Wiring,
): Fault[] {
  const unexplained = splitPairs.filter(([contact]) => {
    const pair = pairAt(wiring.scheme.near, contact);
    return pair !== null && pairArrival(map, pair, wiring.scheme.far) !== null;
  });
  if (unexplained.length === 0) return [];
  const near = inOrder([...new Set(unexplained.flat())]);
  return [
    {
      kind: 'split-pair',
      near,
      far: near.map((contact) => map.get(contact) as Contact),
      pairs: pairsOf(near, wiring),
      end: 'either',
    },
  ];
}

function pairsOf(contacts: readonly Contact[], wiring: Wiring): PairNumber[] {
  const numbers = contacts.flatMap((contact) => pairAt(wiring.scheme.near, contact)?.number ?? []);
  return [...new Set(numbers)].sort();
}

function inOrder(contacts: readonly Contact[]): Contact[] {
  return [...contacts].sort();
}

function sameMap(a: WireMap, b: WireMap): boolean {
  return [...a].every(([near, far]) => b.get(near) === far);
}
