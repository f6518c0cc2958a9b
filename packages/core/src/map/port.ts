import type { Contact, OutlineRef } from '../catalogue';
import type { Thresholds } from './level';
import { meaningOf, opposite, voltageIn } from './signal';

export const ROLES = ['signal', 'ground', 'supply', 'shield', 'none'] as const;
export type Role = (typeof ROLES)[number];

/** As the device sees it; "unknown" where the pin table does not say. */
export const DIRECTIONS = ['out', 'in', 'both', 'passive', 'unknown'] as const;
export type Direction = (typeof DIRECTIONS)[number];

export interface PortContact {
  readonly contact: Contact;
  readonly signal: string;
  readonly role: Role;
  readonly direction: Direction;
  /** A level family; null where nobody stated it. */
  readonly level: string | null;
  /** Levels of its own, which win over the family's. */
  readonly thresholds?: Thresholds | null;
  /** Of a supply: its nominal voltage, and the least that the device works at. */
  readonly volts: number | null;
  readonly leastV: number | null;
  /** Of a supply, the most that the device stands; not asked for where nobody states it. */
  readonly mostV?: number | null | undefined;
  /** What a supply gives at most or a load takes; a lamp's current. */
  readonly currentA: number | null;
  /** What the device's own wire looks like, where the table says it. */
  readonly colour?: string | undefined;
  /** The other wire of a differential pair. */
  readonly partner: Contact | null;
}

/** A device's connector, with what each of its contacts is. The adapter gets what mates with it. */
export interface Port {
  readonly id: string;
  readonly name: string;
  readonly connector: OutlineRef;
  readonly gender: 'plug' | 'socket';
  readonly contacts: readonly PortContact[];
  /** To what its own supply falls, where outputs fall with it: a cell that ages. */
  readonly leastSupplyV: number | null;
  /** Of bare leads: their gauge, for the splice. */
  readonly leadAwg: number | null;
}

const ROLE_OF: Readonly<Record<string, Role>> = {
  ground: 'ground',
  supply: 'supply',
  shield: 'shield',
  none: 'none',
};

/** A contact from its name alone: the role and voltage that the name says, nothing that it does not. */
export function namedContact(
  contact: Contact,
  signal: string,
  given: Partial<PortContact> = {},
): PortContact {
  const role = given.role ?? ROLE_OF[meaningOf(signal).concept] ?? 'signal';
  return {
    contact,
    signal: signal.trim(),
    role,
    direction: role === 'signal' || role === 'supply' ? 'unknown' : 'passive',
    level: null,
    volts: role === 'supply' ? voltageIn(signal) : null,
    leastV: null,
    currentA: null,
    partner: null,
    ...given,
  };
}

/** Whether a port is fed by cells: its supply sags, or a supply of its table is named after them. */
export const runsOnCells = ({ leastSupplyV, contacts }: Port): boolean =>
  leastSupplyV !== null ||
  contacts.some(
    ({ role, signal }) => role === 'supply' && /\b(batt?(ery)?|cells?|vbat)\b/i.test(signal),
  );

/** Contacts with the partners that their names tell: "TX+" and "TX-", "A" and "B". */
export function withPartners(contacts: readonly PortContact[]): PortContact[] {
  return contacts.map((row) => {
    if (row.partner !== null || row.role !== 'signal') return row;
    const { concept, mark, channel } = meaningOf(row.signal);
    if (mark === null) return row;
    const others = contacts.filter((other) => {
      const meaning = meaningOf(other.signal);
      return (
        other.role === 'signal' &&
        other.direction === row.direction &&
        meaning.concept === concept &&
        meaning.channel === channel &&
        meaning.mark === opposite(mark)
      );
    });
    return others.length === 1 && others[0] ? { ...row, partner: others[0].contact } : row;
  });
}
