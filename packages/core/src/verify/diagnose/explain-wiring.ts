import type { Contact } from '../../catalogue';
import { intendedFar, wireContacts, type Reading, type Wiring } from '../../link';
import { explainBlock, type LaidSlip } from './explain-block';
import { turnedMaps, wiringDistance, type WireMap } from './wiring-distance';

/** Which far contact each near contact's conductor ends at, and which conductors go through. */
export interface WiringExplanation {
  readonly map: WireMap;
  readonly intact: ReadonlySet<Contact>;
  /** Slips of a whole row of contacts, and what they alone would make of the intended map. */
  readonly slips: readonly LaidSlip[];
  readonly base: WireMap;
  /** Whether no other wiring behind the reading needs fewer slips. */
  readonly fewest: boolean;
}

/** Conductors up to which every wiring behind a reading is compared. */
const COMPARED = 9;

interface Group {
  near: Contact[];
  far: Contact[];
}

/**
 * The wiring behind a reading: the one-to-one map of near to far contacts that keeps as many
 * conductors whole as the reading allows and, among those, needs the fewest slips (wiringDistance).
 *
 * A conductor can be whole only if both its contacts are in one net. Where a net or an open leaves
 * a choice, a conductor that can be in its intended place is put there: taking a contact out of a
 * displaced cycle never lengthens the explanation. What remains is searched exhaustively. Connectors of
 * more than nine conductors have slips of their own, and are explained by those (explainBlock).
 */
export function explainWiring(reading: Reading, wiring: Wiring): WiringExplanation {
  const intended = intendedFar(wiring);
  const groups = groupsOf(reading, intended);
  const isBlock = wireContacts(wiring.near).filter((near) => intended.has(near)).length > COMPARED;
  const block = isBlock ? explainBlock(reading, wiring) : null;
  const groupOfFar = new Map(groups.flatMap((group) => group.far.map((far) => [far, group])));
  const groupOfNear = new Map(groups.flatMap((group) => group.near.map((near) => [near, group])));
  const wholePossible = groups.reduce(
    (sum, group) => sum + Math.min(group.near.length, group.far.length),
    0,
  );
  const finish = (map: WireMap): WiringExplanation => ({
    map,
    slips: block?.slips ?? [],
    base: block?.base ?? intended,
    fewest: block?.fewest ?? true,
    intact: new Set(
      [...map].filter(([n, f]) => groupOfNear.get(n) === groupOfFar.get(f)).map(([near]) => near),
    ),
  });

  if (block) return finish(block.map);

  const settled = new Map<Contact, Contact>();
  const free = groups.map((group) => ({ near: [...group.near], far: [...group.far] }));
  const settle = (near: Contact, far: Contact) => {
    settled.set(near, far);
    for (const group of free) {
      remove(group.near, near);
      remove(group.far, far);
    }
  };
  for (const [near, far] of intended)
    if (groupOfNear.get(near) === groupOfFar.get(far)) settle(near, far);
  for (const { near, far } of [...free])
    if (near.length === 1 && far.length === 1) settle(near[0] as Contact, far[0] as Contact);
  for (const [near, far] of intended) {
    const nearGroup = free.find((group) => group.near.includes(near));
    const farGroup = free.find((group) => group.far.includes(far));
    if (nearGroup?.far.length === 0 && farGroup?.near.length === 0) settle(near, far);
  }

  const candidates = [
    ...completions(settled, free, intended),
    ...turnedMaps(wiring, intended).filter((map) => finish(map).intact.size === wholePossible),
  ];
  if (candidates.length === 1) return finish(candidates[0] as WireMap);
  const distance = wiringDistance(wiring, intended);
  let best: { map: WireMap; slips: number } | undefined;
  for (const map of candidates) {
    const slips = distance(map);
    if (!best || slips < best.slips) best = { map, slips };
    if (slips <= 1) break;
  }
  if (!best) throw new Error('A reading has no wiring');
  return finish(best.map);
}

function remove(contacts: Contact[], contact: Contact): void {
  const at = contacts.indexOf(contact);
  if (at >= 0) contacts.splice(at, 1);
}

function groupsOf(reading: Reading, intended: WireMap): Group[] {
  const wiredNear = new Set(intended.keys());
  const wiredFar = new Set(intended.values());
  const groups: Group[] = reading.map((net) => ({
    near: net.near.filter((contact) => wiredNear.has(contact)),
    far: net.far.filter((contact) => wiredFar.has(contact)),
  }));
  const seenNear = new Set(groups.flatMap((group) => group.near));
  const seenFar = new Set(groups.flatMap((group) => group.far));
  for (const near of wiredNear) if (!seenNear.has(near)) groups.push({ near: [near], far: [] });
  for (const far of wiredFar) if (!seenFar.has(far)) groups.push({ near: [], far: [far] });
  return groups;
}

/** Every way to match the free contacts that keeps as many conductors whole as possible. */
function* completions(
  settled: ReadonlyMap<Contact, Contact>,
  free: readonly Group[],
  intended: WireMap,
): Generator<WireMap> {
  const nears = free.flatMap((group, index) => group.near.map((near) => ({ near, index })));
  const fars = free.flatMap((group, index) => group.far.map((far) => ({ far, index })));
  const spareNear = free.map((group) => Math.max(0, group.near.length - group.far.length));
  const spareFar = free.map((group) => Math.max(0, group.far.length - group.near.length));
  const chosen = new Map(settled);
  const taken = new Set<Contact>();

  function* place(position: number): Generator<WireMap> {
    const next = nears[position];
    if (!next) {
      yield new Map(chosen);
      return;
    }
    const wanted = intended.get(next.near);
    const order = [...fars].sort((a, b) => Number(b.far === wanted) - Number(a.far === wanted));
    for (const { far, index } of order) {
      if (taken.has(far)) continue;
      const whole = index === next.index;
      if (!whole && (!spareNear[next.index] || !spareFar[index])) continue;
      if (!whole) {
        spareNear[next.index] = (spareNear[next.index] ?? 0) - 1;
        spareFar[index] = (spareFar[index] ?? 0) - 1;
      }
      chosen.set(next.near, far);
      taken.add(far);
      yield* place(position + 1);
      taken.delete(far);
      chosen.delete(next.near);
      if (!whole) {
        spareNear[next.index] = (spareNear[next.index] ?? 0) + 1;
        spareFar[index] = (spareFar[index] ?? 0) + 1;
      }
    }
  }
  yield* place(0);
}
