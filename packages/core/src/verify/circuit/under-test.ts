import { compareContacts, type Contact } from '../../catalogue';
import {
  canonicalReading,
  joinedGroups,
  pairsOf,
  unionFind,
  type End,
  type GraphEdge,
  type Reading,
  type Wiring,
} from '../../link';
import type { Place } from '../fault';
import type { Bench } from './bench';
import { DIM_A, LIT_A, type CircuitStep } from './lamp-circuit';
import type { LampStep } from './lamp-step';
import { linkCircuit, nodeAt, type Electrics } from './link-circuit';
import type { LinkUnderTest, PairEnd } from './link-under-test';
import type { Made, Spot } from './made';
import type { CircuitPart, Node } from './circuit-part';
import { solveCircuit } from './network';
import { OPEN_OHM, ohmsBetween } from './ohms-between';

/** Beyond this a wire-map tester takes two contacts for not joined, ohm. Generic. */
const JOINED_OHM = 500;
/** One step of a scan over the parts of a link. */
export function lampStep(step: CircuitStep, link: readonly CircuitPart[]): LampStep {
  const { currentA } = solveCircuit([...step.parts, ...link]);
  const bright = (name: string) => currentA.get(name) ?? 0;
  return {
    step: step.name,
    lit: step.lamps.filter((name) => bright(name) >= LIT_A),
    dim: step.lamps.filter((name) => bright(name) >= DIM_A && bright(name) < LIT_A),
  };
}

/** Which contacts are joined, as a tester with an identifying remote shows it. */
export function netsOf(made: Made, electrics: Electrics, moved: Place | null = null): Reading {
  const joined = linkCircuit(made, electrics, moved).flatMap((part): GraphEdge[] =>
    part.kind === 'resistor' && part.ohm < JOINED_OHM
      ? [{ from: asNode(part.a), to: asNode(part.b) }]
      : [],
  );
  const groups = joinedGroups(joined);
  const contacts = (names: readonly Contact[]) => names.filter((name) => !name.startsWith(INSIDE));
  return canonicalReading(
    groups.map(({ near, far }) => ({ near: contacts(near), far: contacts(far) })),
  );
}

const INSIDE = 'core:';

/** Nodes inside the cable stand at the near end under a name that no contact has. */
function asNode(node: Node): { readonly end: End; readonly contact: Contact } {
  if (node.startsWith(INSIDE)) return { end: 'near', contact: node };
  const [end = '', ...contact] = node.split(':');
  return { end: end as End, contact: contact.join(':') };
}

/** Near pairs that are whole but whose conductors are not twisted together. */
export function splitPairsOf(made: Made, nets: Reading, wiring: Wiring): [Contact, Contact][] {
  const reaches = (contact: Contact) =>
    nets.some(({ near, far }) => near.includes(contact) && far.length > 0);
  const split = pairsOf(wiring.near).flatMap(({ tip, ring }): [Contact, Contact][] => {
    const twist = (contact: Contact) => made.pairOf.get(made.cores.near.get(contact) ?? '');
    return reaches(tip) && reaches(ring) && twist(tip) !== twist(ring)
      ? [[tip, ring].sort(compareContacts) as [Contact, Contact]]
      : [];
  });
  return split.sort(([a], [b]) => compareContacts(a, b));
}

/** Where each near pair ends, the far end being unplugged: the first break or short on its way. */
function pairEndsOf(made: Made, wiring: Wiring, moved: Place | null = null): PairEnd[] {
  return pairsOf(wiring.near).map(({ number, tip, ring }) => {
    const cores = [tip, ring].map((contact) => made.cores.near.get(contact));
    const brokenAt = (place: Place) =>
      cores.some(
        (core) =>
          core === undefined ||
          made.broken.some((spot) => spot.core === core && spot.place === place) ||
          (place === moved &&
            made.loose.some((spot) => spot.core === core && spot.place === place)),
      );
    const ends = (place: Place): readonly (string | undefined)[] =>
      place === 'near'
        ? [tip, ring]
        : place === 'cable'
          ? cores
          : cores.map((core) => [...made.cores.far].find(([, other]) => other === core)?.[0]);
    const shortAt = (place: Place) => touching(made, place, ends(place));
    const at = (place: Place, shows: PairEnd['shows']): PairEnd => ({
      pair: number,
      place,
      shows,
    });
    if (shortAt('near')) return at('near', 'short');
    if (brokenAt('near')) return at('near', 'open');
    if (shortAt('cable')) return at('cable', 'short');
    if (brokenAt('cable')) return at('cable', 'open');
    return at('far', shortAt('far') && !brokenAt('far') ? 'short' : 'open');
  });
}

/** Whether two contacts of an end, or two cores along the cable, are shorted there. */
function touching(made: Made, place: Place, [a, b]: readonly (string | undefined)[]): boolean {
  const sets = unionFind<string>();
  const name = (at: Spot) => (at.place === 'cable' ? at.core : at.contact);
  for (const [from, to] of made.joints)
    if (from.place === place && to.place === place) sets.join(name(from), name(to));
  return a !== undefined && b !== undefined && sets.root(a) === sets.root(b);
}

/** A link with a tester on it; how it was made is asked for only where that decides what is shown. */
export function underTest(made: () => Made, model: Bench, moved: Place | null): LinkUnderTest {
  const { wiring, electrics, lamps, impedanceOhm } = model;
  const parts = () => linkCircuit(made(), electrics, moved);
  return {
    wiring,
    lamps,
    impedanceOhm,
    jointOhm: electrics.jointOhm,
    coresAt: (end) => made().cores[end],
    nets: () => netsOf(made(), electrics, moved),
    splitPairs: (nets) => splitPairsOf(made(), nets, wiring),
    light: (steps) => steps.map((step) => lampStep(step, parts())),
    ohms: (from, to, besides = [], openOhm = OPEN_OHM) =>
      ohmsBetween(
        [...parts(), ...besides],
        nodeAt(from.end, from.contact),
        nodeAt(to.end, to.contact),
        openOhm,
      ),
    pairEnds: () => pairEndsOf(made(), wiring, moved),
  };
}
