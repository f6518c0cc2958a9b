import type { ConductorId, Contact } from '../../catalogue';
import { ENDS, pairAt, type End, type Wiring } from '../../link';
import type { Fault, Place } from '../fault';
import { changes, type Change } from '../faults';

/** A contact of an end, or a core somewhere along the cable. */
export type Spot =
  | { readonly place: End; readonly contact: Contact }
  | { readonly place: 'cable'; readonly core: ConductorId };

/** Something of one core at one place. */
export interface CoreSpot {
  readonly core: ConductorId;
  readonly place: Place;
}

/** A link as it was made: what its faults have changed of the wiring that was meant. */
export interface Made {
  /** Which core is on which contact; a contact without one is not there. */
  readonly cores: Readonly<Record<End, ReadonlyMap<Contact, ConductorId>>>;
  readonly pairOf: ReadonlyMap<ConductorId, number>;
  readonly broken: readonly CoreSpot[];
  /** Broken only while the cable is moved there. */
  readonly loose: readonly CoreSpot[];
  /** Joints of more resistance than a good one. */
  readonly poor: readonly CoreSpot[];
  readonly joints: readonly (readonly [Spot, Spot])[];
  /** What leaks to one another, though it is not joined. */
  readonly leaks: readonly (readonly [Spot, Spot])[];
  /** Not the metal that was asked for. */
  readonly otherMetal: boolean;
}

type Cores = Record<End, Map<Contact, ConductorId>>;

/**
 * The link that these faults make of a wiring. Each is a change of the good link, at its end where it
 * has one; faults of order that share contacts follow one another.
 */
export function madeWith(wiring: Wiring, faults: readonly Fault[]): Made {
  const { cores: good, pairOf } = meantBy(wiring);
  const cores: Cores = { near: new Map(good.near), far: new Map(good.far) };
  for (const fault of faults) {
    if (changes(fault, 'arrives-elsewhere')) reorder(cores, good, fault);
    if (changes(fault, 'is-exchanged')) split(cores, fault, wiring);
  }
  const spots = (change: Change): CoreSpot[] =>
    faults
      .filter((fault) => changes(fault, change))
      .flatMap((fault) => coresNamed(fault, good).map((core) => ({ core, place: placeOf(fault) })));
  return {
    cores,
    pairOf,
    broken: spots('is-broken'),
    loose: spots('opens-when-moved'),
    poor: spots('conducts-poorly'),
    joints: faults
      .filter((fault) => changes(fault, 'is-joined'))
      .flatMap((fault) => jointsOf(fault, good)),
    leaks: faults
      .filter((fault) => changes(fault, 'leaks'))
      .flatMap((fault) => jointsOf(fault, good)),
    otherMetal: faults.some((fault) => changes(fault, 'is-another-metal')),
  };
}

interface Meant {
  readonly cores: Cores;
  readonly pairOf: ReadonlyMap<ConductorId, number>;
}

const meant = new WeakMap<Wiring, Meant>();

/** What a wiring means, worked out once: links of it are made a thousand times. */
function meantBy(wiring: Wiring): Meant {
  const known = meant.get(wiring) ?? { cores: coresOf(wiring), pairOf: pairsByCore(wiring) };
  meant.set(wiring, known);
  return known;
}

/** The cores that a wiring means for its contacts. */
export function coresOf(wiring: Wiring): Cores {
  const of = (end: End) =>
    new Map(
      wiring[end].contacts.flatMap(({ contact, core }) =>
        core === null ? [] : [[contact, core] as const],
      ),
    );
  return { near: of('near'), far: of('far') };
}

const placeOf = ({ end }: Fault): Place => (end === 'either' ? 'cable' : end);

const pairsByCore = ({ near, far }: Wiring): Map<ConductorId, number> =>
  new Map(
    [...near.contacts, ...far.contacts].flatMap(({ core, pair }) =>
      core === null || pair === null ? [] : [[core, pair] as const],
    ),
  );

const coresNamed = ({ near, far }: Fault, good: Cores): ConductorId[] => [
  ...new Set([
    ...near.flatMap((contact) => good.near.get(contact) ?? []),
    ...far.flatMap((contact) => good.far.get(contact) ?? []),
  ]),
];

/** The contact of an end that is meant for a core. */
const contactFor = (good: Cores, end: End, core: ConductorId | undefined): Contact | undefined =>
  [...good[end]].find(([, other]) => other === core)?.[0];

/**
 * near[i] arrives at far[i]: at the end that has the fault, contacts carry each other's cores; one whose
 * core went elsewhere, and none came, is empty.
 */
function reorder(cores: Cores, good: Cores, { near, far, end }: Fault): void {
  const here: End = end === 'far' ? 'far' : 'near';
  const [mine, others] = here === 'near' ? [near, far] : [far, near];
  const there: End = here === 'near' ? 'far' : 'near';
  const moved = mine.map((contact, index): [Contact, ConductorId | undefined] => {
    const meant = good[there].get(others[index] ?? '');
    const from = contactFor(good, here, meant);
    return [contact, from === undefined ? undefined : cores[here].get(from)];
  });
  const cameTo = new Set(moved.map(([, core]) => core));
  for (const [contact, core] of [...cores[here]])
    if (cameTo.has(core) && !mine.includes(contact)) cores[here].delete(contact);
  for (const [contact, core] of moved)
    if (core === undefined) cores[here].delete(contact);
    else cores[here].set(contact, core);
}

/** The conductors of a split pair that change places, one of each pair: in the middle of what it names. */
export const exchangedIn = ({ near }: Pick<Fault, 'near'>): readonly Contact[] => near.slice(1, 3);

/** A conductor of one pair and one of another change places, at both ends alike. */
function split(cores: Cores, fault: Fault, wiring: Wiring): void {
  const [one, other] = splitContacts(fault, wiring).map(
    (contact) => wiring.near.contacts.find((row) => row.contact === contact)?.core,
  );
  if (!one || !other) return;
  for (const end of ENDS)
    for (const [contact, core] of [...cores[end]])
      if (core === one || core === other) cores[end].set(contact, core === one ? other : one);
}

/** Of what names all four contacts those in the middle; else a ring and a tip of the pairs that it names. */
function splitContacts(fault: Fault, wiring: Wiring): readonly Contact[] {
  if (fault.near.length === 4) return exchangedIn(fault);
  const numbers =
    fault.pairs.length > 1
      ? fault.pairs
      : [...new Set(fault.near.flatMap((contact) => pairAt(wiring.near, contact)?.number ?? []))];
  const member = (number: number | undefined, role: 'tip' | 'ring') =>
    wiring.near.contacts.find((row) => row.pair === number && row.member === role)?.contact;
  return [member(numbers[0], 'ring'), member(numbers[1], 'tip')].flatMap(
    (contact) => contact ?? [],
  );
}

/** Everything that a short names, one after the other. */
function jointsOf(fault: Fault, good: Cores): (readonly [Spot, Spot])[] {
  const at = (place: End) => fault[place].map((contact): Spot => ({ place, contact }));
  const spots: Spot[] =
    fault.kind === 'shield-unexpected'
      ? [...at('near'), ...at('far')]
      : fault.end === 'near' || (fault.end === 'either' && fault.far.length === 0)
        ? at('near')
        : fault.end === 'far' || (fault.end === 'either' && fault.near.length === 0)
          ? at('far')
          : coresNamed(fault, good).map((core): Spot => ({ place: 'cable', core }));
  return spots.slice(1).map((spot, index) => [spots[index] as Spot, spot] as const);
}
