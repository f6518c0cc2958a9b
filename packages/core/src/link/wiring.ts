import {
  FOUR_PAIRS,
  SHELL,
  SHIELD,
  assignCores,
  scheme,
  turnedOver,
  wiringName,
  type Assigned,
  type Cable,
  type Connector,
  type Contact,
  type ContactPair,
  type SchemeId,
} from '../catalogue';
import { schoolsOf, type End, type Job, type Link, type Pinout } from './link';

/** One end of a wiring: its contacts with their cores, in the order in which they lie in the connector. */
export interface EndWiring {
  /** What it follows, in words: "T568B", "pair order". */
  readonly rule: string;
  readonly contacts: readonly Assigned[];
  /** Whether the connector can be on the wrong way round. */
  readonly turns: boolean;
}

/** What decides which contact joins which: the same core at both ends. */
export type Wiring = Readonly<Record<End, EndWiring>>;

/**
 * A link's wiring. The shield goes through only if the cable and both connectors have one, and it is
 * bonded at both ends.
 */
export function wiringOf(
  link: Pick<Link, 'near' | 'far' | 'cable' | 'schools' | 'pinout'>,
  job: Job,
): Wiring {
  const cable = job.catalogue.cable(link.cable);
  const schools = schoolsOf(link, job);
  const turned = isTurnedOver(link, job);
  const wired = (end: End): EndWiring => {
    const part = job.catalogue.connector(link[end].connector);
    if (link.pinout) return pinned(link.pinout[end], cable, part);
    const laid = assignCores(cable, part, link[end].scheme, schools);
    const contacts = end === 'far' && turned ? turnedOver(laid) : laid;
    const coaxial = cable.family === 'coax';
    return {
      rule: `${wiringName(part, link[end].scheme)}${end === 'far' && turned ? ', turned over' : ''}`,
      contacts:
        end === 'far' && schools.bond === 'near-end' && !coaxial
          ? contacts.filter(({ contact }) => contact !== SHELL)
          : contacts,
      turns: part.turns,
    };
  };
  return { near: wired('near'), far: wired('far') };
}

/** Whether a link is a flat cord between two telephone plugs that turns over, as those do. */
export function isTurnedOver(
  link: Pick<Link, 'near' | 'far' | 'cable' | 'schools' | 'pinout'>,
  job: Job,
): boolean {
  return (
    !link.pinout &&
    job.catalogue.cable(link.cable).parts.includes('flat') &&
    (['near', 'far'] as const).every(
      (end) => job.catalogue.connector(link[end].connector).family === 'telephone-plug',
    ) &&
    schoolsOf(link, job).cord === 'turned'
  );
}

/** The wiring that an adapter asks for; a joint without contacts of its own is told by the cores. */
function pinned(pins: Pinout[End], cable: Cable, part: Connector): EndWiring {
  return {
    rule: 'its own pinout',
    turns: part.turns,
    contacts: pins.map(([contact, core, looks]): Assigned => {
      const row = cable.cores.find(({ id }) => id === core);
      return {
        contact: part.wiring === 'colour' && core !== SHIELD ? core : contact,
        core,
        ...(looks === undefined ? {} : { looks }),
        pair: row?.pair ?? null,
        member: row?.member ?? null,
      };
    }),
  };
}

/** The wiring of a four-pair link by its schemes, whatever its parts are. */
export function fourPairWiring(near: SchemeId, far: SchemeId, shielded = false): Wiring {
  const wired = (id: SchemeId): EndWiring => ({
    rule: id,
    turns: true,
    contacts: [
      ...scheme(id).conductors.map((core, index): Assigned => {
        const wire = FOUR_PAIRS.find((row) => row.id === core);
        return {
          contact: String(index + 1),
          core,
          pair: wire?.pair ?? null,
          member: wire?.member ?? null,
        };
      }),
      ...(shielded ? [{ contact: SHELL, core: SHIELD, pair: null, member: null }] : []),
    ],
  });
  return { near: wired(near), far: wired(far) };
}

/** The core on a contact; null where none belongs there. */
export function coreAt({ contacts }: EndWiring, contact: Contact): string | null {
  return contacts.find((row) => row.contact === contact)?.core ?? null;
}

/** What is asked of an end again and again, worked out once. */
interface Derived {
  readonly wires: readonly Contact[];
  readonly pairs: readonly ContactPair[];
  readonly pairOf: ReadonlyMap<Contact, ContactPair>;
  readonly turned: ReadonlyMap<Contact, Contact>;
}

const known = new WeakMap<EndWiring, Derived>();

function derived(end: EndWiring): Derived {
  const found = known.get(end) ?? derive(end);
  known.set(end, found);
  return found;
}

function derive({ contacts }: EndWiring): Derived {
  const wires = contacts.flatMap(({ contact }) => (contact === SHELL ? [] : [contact]));
  const numbers = [...new Set(contacts.flatMap(({ pair }) => pair ?? []))].sort((a, b) => a - b);
  const at = (number: number, member: 'tip' | 'ring') =>
    contacts.find((row) => row.pair === number && row.member === member)?.contact;
  const pairs = numbers.flatMap((number): ContactPair[] => {
    const [tip, ring] = [at(number, 'tip'), at(number, 'ring')];
    return tip && ring ? [{ number, tip, ring }] : [];
  });
  return {
    wires,
    pairs,
    pairOf: new Map(
      pairs.flatMap((pair) => [[pair.tip, pair] as const, [pair.ring, pair] as const]),
    ),
    turned: new Map(wires.map((contact, index) => [contact, wires.at(-1 - index) ?? contact])),
  };
}

/** The contacts that carry conductors, without the shell. */
export const wireContacts = (end: EndWiring): readonly Contact[] => derived(end).wires;

/** The twisted pairs of an end, those with both contacts wired. */
export const pairsOf = (end: EndWiring): readonly ContactPair[] => derived(end).pairs;

/** The pair that a contact belongs to; the shield belongs to none. */
export const pairAt = (end: EndWiring, contact: Contact): ContactPair | null =>
  derived(end).pairOf.get(contact) ?? null;

/** The contact that a conductor meets when the connector is on the wrong way round. */
export const turnedContact = (end: EndWiring, contact: Contact): Contact =>
  derived(end).turned.get(contact) ?? contact;

/** Whether two wirings ask for the same cores on the same contacts. */
export function sameWiring(a: Wiring, b: Wiring): boolean {
  const spelled = ({ near, far }: Wiring) =>
    JSON.stringify(
      [near, far].map(({ contacts }) => contacts.map((row) => [row.contact, row.core])),
    );
  return spelled(a) === spelled(b);
}
