import { SHELL, SHIELD, type ConductorId, type Contact } from '../catalogue';
import type { Wiring } from '../link';
import type { Seen, Trial } from '../verify/explain';

type Side = 'near' | 'far';
type At = Side | 'cable';

/**
 * A link as things lie on a bench: which core is really on which contact, what is torn, what touches
 * what. It knows nothing of kinds of faults and shares no code with what explains readings: its joints are
 * followed by walking from node to node.
 */
export interface SimulatedLink {
  readonly wiring: Wiring;
  readonly on: Record<Side, Map<Contact, ConductorId>>;
  torn: { readonly core: ConductorId; readonly at: At }[];
  loose: { readonly core: ConductorId; readonly at: At }[];
  poor: { readonly core: ConductorId; readonly at: Side }[];
  /** At an end two contacts, along the cable two cores. */
  touching: { readonly at: At; readonly a: string; readonly b: string }[];
}

const coresAt = (wiring: Wiring, side: Side) =>
  new Map(
    wiring[side].contacts.flatMap(({ contact, core }) =>
      core === null ? [] : [[contact, core] as const],
    ),
  );

export const goodLink = (wiring: Wiring): SimulatedLink => ({
  wiring,
  on: { near: coresAt(wiring, 'near'), far: coresAt(wiring, 'far') },
  torn: [],
  loose: [],
  poor: [],
  touching: [],
});

/** Puts an end as it was meant to be; what is along the cable stays. */
export function makeEndGood(link: SimulatedLink, side: Side): void {
  link.on[side].clear();
  for (const [contact, core] of coresAt(link.wiring, side)) link.on[side].set(contact, core);
  const elsewhere = <T extends { readonly at: At }>(rows: readonly T[]) =>
    rows.filter(({ at }) => at !== side);
  link.torn = elsewhere(link.torn);
  link.loose = elsewhere(link.loose);
  link.poor = elsewhere(link.poor);
  link.touching = elsewhere(link.touching);
}

export function replaceCable(link: SimulatedLink): void {
  for (const side of ['near', 'far'] as const) makeEndGood(link, side);
  Object.assign(link, { torn: [], loose: [], poor: [], touching: [] });
}

/** Whether anything at all is not as it was meant. */
export function isFaulty({ wiring, on, torn, loose, poor, touching }: SimulatedLink): boolean {
  const order = (['near', 'far'] as const).some((side) =>
    [...coresAt(wiring, side)].some(([contact, core]) => on[side].get(contact) !== core),
  );
  return order || torn.length + loose.length + poor.length + touching.length > 0;
}

/** Walks from a contact along everything that conducts; the ohms of the walk, each node once. */
function reached(link: SimulatedLink, from: string, moved: At | null): Map<string, number> {
  const { on, torn, loose, poor, touching } = link;
  const broken = (core: ConductorId, at: At) =>
    torn.some((row) => row.core === core && row.at === at) ||
    (moved === at && loose.some((row) => row.core === core && row.at === at));
  const ways: [string, string, number][] = [];
  const cores = new Set([...on.near.values(), ...on.far.values()]);
  for (const core of cores) {
    for (const side of ['near', 'far'] as const)
      for (const [contact, other] of on[side])
        if (other === core && !broken(core, side))
          ways.push([
            `${side} ${contact}`,
            `${core} ${side}`,
            poor.some((row) => row.core === core && row.at === side) ? 20 : 0.02,
          ]);
    const half = core === SHIELD ? 0.5 : 1.25;
    ways.push([`${core} near`, `${core} cable`, half]);
    if (!broken(core, 'cable')) ways.push([`${core} cable`, `${core} far`, half]);
  }
  for (const { at, a, b } of touching)
    ways.push(
      at === 'cable' ? [`${a} cable`, `${b} cable`, 0.02] : [`${at} ${a}`, `${at} ${b}`, 0.02],
    );
  const found = new Map([[from, 0]]);
  const queue = [from];
  while (queue.length > 0) {
    const here = queue.shift() as string;
    for (const [a, b, ohm] of ways) {
      const to = a === here ? b : b === here ? a : null;
      if (to === null) continue;
      const sum = (found.get(here) ?? 0) + ohm;
      if (sum < (found.get(to) ?? Infinity)) {
        found.set(to, sum);
        queue.push(to);
      }
    }
  }
  return found;
}

const contactsOf = ({ wiring }: SimulatedLink, side: Side): Contact[] => [
  ...new Set([...wiring[side].contacts.map(({ contact }) => contact), SHELL]),
];

function nets(link: SimulatedLink, moved: At | null) {
  const left = new Set(
    (['near', 'far'] as const).flatMap((side) =>
      contactsOf(link, side).map((contact) => `${side} ${contact}`),
    ),
  );
  const found: { near: Contact[]; far: Contact[] }[] = [];
  for (const node of [...left]) {
    if (!left.has(node)) continue;
    const group = [...reached(link, node, moved).keys()].filter((name) => left.has(name));
    for (const name of group) left.delete(name);
    const of = (side: Side) =>
      group
        .filter((name) => name.startsWith(`${side} `))
        .map((name) => name.slice(side.length + 1));
    if (group.length > 1) found.push({ near: of('near'), far: of('far') });
  }
  return found;
}

/** Pairs that arrive whole and whose cores are not of one twist. */
function splitPairs(link: SimulatedLink, moved: At | null): [Contact, Contact][] {
  const byNumber = new Map<number, Contact[]>();
  for (const { contact, pair } of link.wiring.near.contacts)
    if (pair !== null) byNumber.set(pair, [...(byNumber.get(pair) ?? []), contact]);
  const twistOf = (core: ConductorId | undefined) =>
    link.wiring.near.contacts.find((row) => row.core === core)?.pair;
  const arrives = (contact: Contact) =>
    [...reached(link, `near ${contact}`, moved).keys()].some((name) => name.startsWith('far '));
  return [...byNumber.values()].flatMap(([a, b]): [Contact, Contact][] =>
    a !== undefined &&
    b !== undefined &&
    arrives(a) &&
    arrives(b) &&
    twistOf(link.on.near.get(a)) !== twistOf(link.on.near.get(b))
      ? [[a, b]]
      : [],
  );
}

/** What a meter on a pair sees first from the near end, the far plug off. */
function endOfPair(link: SimulatedLink, a: Contact, b: Contact) {
  const [one, other] = [link.on.near.get(a), link.on.near.get(b)];
  const touch = (at: At, x: string | undefined, y: string | undefined) => {
    const seen = new Set([x ?? '']);
    for (let grown = true; grown;) {
      grown = false;
      for (const row of link.touching)
        if (row.at === at && seen.has(row.a) !== seen.has(row.b)) {
          seen.add(row.a).add(row.b);
          grown = true;
        }
    }
    return y !== undefined && seen.has(y);
  };
  const torn = (at: At) =>
    [one, other].some(
      (core) => core === undefined || link.torn.some((row) => row.core === core && row.at === at),
    );
  const far = [one, other].map((core) => [...link.on.far].find(([, there]) => there === core)?.[0]);
  if (touch('near', a, b)) return { place: 'near', shows: 'short' } as const;
  if (torn('near')) return { place: 'near', shows: 'open' } as const;
  if (touch('cable', one, other)) return { place: 'cable', shows: 'short' } as const;
  if (torn('cable')) return { place: 'cable', shows: 'open' } as const;
  return {
    place: 'far',
    shows: touch('far', far[0], far[1]) && !torn('far') ? 'short' : 'open',
  } as const;
}

/** Contacts of an end at which eyes can see that something is wrong, beside the order of the colours. */
function visibleAt({ on, torn, touching }: SimulatedLink, side: Side): Contact[] {
  const contactOf = (core: ConductorId) =>
    [...on[side]].flatMap(([contact, other]) => (other === core ? [contact] : []));
  return [
    ...torn.filter(({ at }) => at === side).flatMap(({ core }) => contactOf(core)),
    ...touching.filter(({ at }) => at === side).flatMap(({ a, b }) => [a, b]),
  ].sort();
}

/** How often eyes see what is to be seen. */
const EYES = 0.6;
/** What a coaxial end is closed with, ohm. */
export const TERMINATOR_OHM = 75;

/**
 * What a tester shows of the link; null for a class that this bench has not got. A tester that scans sees
 * what is loose in one of two moments.
 */
export function observed(link: SimulatedLink, trial: Trial, chance: () => number): Seen | null {
  const scans = trial.tester === 'identifying-remote' || trial.tester === 'pairing';
  const moved = scans && trial.moved !== null && chance() < 0.5 ? null : trial.moved;
  switch (trial.tester) {
    case 'identifying-remote':
      return { trial, shown: { method: 'nets', nets: nets(link, moved), splitPairs: null } };
    case 'pairing':
      return {
        trial,
        shown: { method: 'nets', nets: nets(link, moved), splitPairs: splitPairs(link, moved) },
      };
    case 'beeper': {
      const ohm = reached(link, `${trial.from.end} ${trial.from.contact}`, moved).get(
        `${trial.to.end} ${trial.to.contact}`,
      );
      return { trial, shown: { method: 'beep', beeps: ohm !== undefined && ohm < 50 } };
    }
    case 'tone':
      return {
        trial,
        shown: {
          method: 'tone',
          heard: [...reached(link, `near ${trial.from}`, moved).keys()].flatMap((name) =>
            name.startsWith('far ') ? [name.slice(4)] : [],
          ),
        },
      };
    case 'reflectometer': {
      const pairs = new Map<number, Contact[]>();
      for (const { contact, pair } of link.wiring.near.contacts)
        if (pair !== null) pairs.set(pair, [...(pairs.get(pair) ?? []), contact]);
      return {
        trial,
        shown: {
          method: 'lengths',
          pairs: [...pairs].map(([pair, [a = '', b = '']]) => ({
            pair,
            ...endOfPair(link, a, b),
          })),
        },
      };
    }
    case 'look': {
      const wrong = visibleAt(link, trial.end);
      return {
        trial,
        shown: {
          method: 'colours',
          cores: new Map(link.on[trial.end]),
          flaws: wrong.length > 0 && chance() < EYES ? wrong : [],
        },
      };
    }
    case 'coax-trio': {
      const centre = link.wiring.near.contacts.find(({ contact }) => contact !== SHELL)?.contact;
      const from = `near ${centre ?? ''}`;
      const straight = reached(link, from, moved);
      const short = straight.get(`near ${SHELL}`) ?? null;
      const [inner, outer] = [
        straight.get(`far ${centre ?? ''}`),
        reached(link, `near ${SHELL}`, moved).get(`far ${SHELL}`),
      ];
      const through = (ohm: number) => {
        if (inner === undefined || outer === undefined) return short;
        const loop = inner + outer + ohm;
        return short === null ? loop : (short * loop) / (short + loop);
      };
      return {
        trial,
        shown: { method: 'trio', ohms: [short, through(0.02), through(TERMINATOR_OHM)] },
      };
    }
    default:
      return null;
  }
}
