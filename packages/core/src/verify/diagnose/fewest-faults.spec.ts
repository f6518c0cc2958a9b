import { inEnglish } from '../../testing/in-english';
import { SHELL, WIRE_CONTACTS, scheme, type Contact } from '../../catalogue';
import {
  conductorGraph,
  fourPairWiring,
  intendedFar,
  joinedGroups,
  type Net,
  type Wiring,
} from '../../link';
import { seeded } from '../../testing/seeded';
import { diagnose } from './diagnose';
import type { Fault } from '../fault';
import { changes } from '../faults';

// An independent search for the fewest slips, by breadth first over every order of eight conductors:
// a slip swaps two conductors, crosses two pairs, or turns a plug upside down.

type Order = string;

const straight = fourPairWiring('T568B', 'T568B');

const swapped = (order: Order, pairs: readonly (readonly [number, number])[]): Order => {
  const contacts = [...order];
  for (const [a, b] of pairs)
    [contacts[a], contacts[b]] = [contacts[b] as string, contacts[a] as string];
  return contacts.join('');
};

function neighbours(order: Order): Order[] {
  const next: Order[] = [];
  for (let a = 0; a < 8; a += 1)
    for (let b = a + 1; b < 8; b += 1) next.push(swapped(order, [[a, b]]));
  const pairs = scheme('T568B').pairs.map(
    ({ tip, ring }) => [Number(tip) - 1, Number(ring) - 1] as const,
  );
  pairs.forEach((one, index) => {
    for (const other of pairs.slice(index + 1))
      next.push(
        swapped(order, [
          [one[0], other[0]],
          [one[1], other[1]],
        ]),
      );
  });
  next.push([...order].reverse().join(''));
  return next;
}

/** The fewest slips to every order that takes no more than so many. */
function slipsTo(most: number): Map<Order, number> {
  const found = new Map<Order, number>([['12345678', 0]]);
  let edge: Order[] = ['12345678'];
  for (let slips = 1; slips <= most; slips += 1) {
    const further: Order[] = [];
    for (const order of edge)
      for (const next of neighbours(order))
        if (!found.has(next)) {
          found.set(next, slips);
          further.push(next);
        }
    edge = further;
  }
  return found;
}

const netsOf = (order: Order): Net[] =>
  WIRE_CONTACTS.map((near, index) => ({ near: [near], far: [order[index] as Contact] }));

const faultsOf = (nets: readonly Net[], wiring = straight): readonly Fault[] =>
  inEnglish(diagnose({ wiring, tester: 'pairing', nets, splitPairs: [] })).faults;

describe('the fewest faults', () => {
  it('are never more than the fewest slips, for every order of up to three slips', () => {
    const wrong: string[] = [];
    const reached = slipsTo(3);
    for (const [order, slips] of reached) {
      const faults = faultsOf(netsOf(order));
      // Reversed pairs are each told, however few slips of another kind would do the same.
      const reversals = faults.every(({ kind }) => kind === 'reversed-pair');
      if (faults.length > slips && !reversals) wrong.push(`${order}: ${faults.length} > ${slips}`);
    }
    expect(reached.size).toBeGreaterThan(4000);
    expect(wrong).toEqual([]);
  });

  it('are one for every single slip, of the right kind', () => {
    for (const order of neighbours('12345678')) {
      const faults = faultsOf(netsOf(order));
      expect(faults.length).withContext(order).toBe(1);
      expect(changes(faults[0] ?? { kind: 'open' }, 'arrives-elsewhere'))
        .withContext(order)
        .toBeTrue();
    }
  });

  it('say nothing of a conductor that is where it should be', () => {
    const random = seeded(11);
    const wiring = fourPairWiring('T568A', 'T568B');
    const intended = intendedFar(wiring);
    for (let round = 0; round < 300; round += 1) {
      const [a, b] = random.shuffle(WIRE_CONTACTS) as [Contact, Contact];
      const nets = joinedGroups(conductorGraph(wiring)).map((net): Net => {
        const near = net.near[0] as Contact;
        const from = near === a ? b : near === b ? a : near;
        return { near: [near], far: [intended.get(from) as Contact] };
      });
      const blamed = new Set(faultsOf(nets, wiring).flatMap((fault) => fault.near));
      expect([...blamed].sort()).toEqual([a, b].sort());
    }
  });

  it('do not depend on the order in which a tester lists the nets or the contacts', () => {
    const random = seeded(12);
    for (let round = 0; round < 300; round += 1) {
      const nets = Array.from({ length: 6 }, () => ({
        near: [] as Contact[],
        far: [] as Contact[],
      }));
      for (const contact of WIRE_CONTACTS) {
        random.pick(nets).near.push(contact);
        random.pick(nets).far.push(contact);
      }
      const shuffled = random.shuffle(nets).map(({ near, far }) => ({
        near: random.shuffle(near),
        far: random.shuffle(far),
      }));
      expect(faultsOf(shuffled)).toEqual(faultsOf(nets));
    }
  });
});

describe('the words for a fault', () => {
  const wirings: Wiring[] = (['T568A', 'T568B'] as const).flatMap((near) =>
    (['T568A', 'T568B'] as const).flatMap((far) =>
      [true, false].map((shielded) => fourPairWiring(near, far, shielded)),
    ),
  );
  const random = seeded(13);

  it('name what is wrong and what to do, whatever was read', () => {
    const kinds = new Set<string>();
    for (let round = 0; round < 1500; round += 1) {
      const wiring = random.pick(wirings);
      const good = joinedGroups(conductorGraph(wiring));
      const shielded = wiring.near.contacts.some(({ contact }) => contact === SHELL);
      const count = 1 + random.below(3);
      const nets = good.map(({ near, far }) => ({ near: [...near], far: [...far] }));
      for (let slip = 0; slip < count; slip += 1) {
        const [one, other] = random.shuffle(nets);
        if (!one || !other) continue;
        const what = random.below(4);
        if (what === 0) [one.far, other.far] = [other.far, one.far];
        else if (what === 1) one.far = [];
        else if (what === 2) {
          one.near.push(...other.near.splice(0));
          one.far.push(...other.far.splice(0));
        } else if (!shielded && !nets.some(({ near }) => near.includes('S')))
          nets.push({ near: ['S'], far: ['S'] });
      }
      const told = inEnglish(
        diagnose({ wiring, tester: 'identifying-remote', nets, splitPairs: [] }),
      );
      for (const fault of told.faults) {
        kinds.add(fault.kind);
        expect(fault.sentence).toMatch(/^[A-Z][^]*\.$/);
        expect(fault.sentence).not.toMatch(/undefined|null| {2}|, \.|\(\)/);
        expect(fault.title.length).toBeGreaterThan(3);
      }
      for (const action of told.actions) {
        expect(action.sentence).toMatch(/^[A-Z][^]*\.$/);
        expect(action.sentence).not.toMatch(/undefined|null| {2}|\(\)/);
        expect(['near', 'far', 'either']).toContain(action.end);
      }
      if (told.faults.length > 0) expect(told.actions.length).toBeGreaterThan(0);
    }
    for (const kind of ['open', 'short', 'miswire', 'shield-open', 'shield-short'])
      expect(kinds).toContain(kind);
  });
});
