import { FOUR_PAIRS, type ConductorId } from './conductor';

export type SchemeId = 'T568A' | 'T568B';

/** A contact's number or letter as it stands on the connector; "S" is its shield or shell. */
export type Contact = string;

/** How a contact may be called. */
export const CONTACT_NAME = /^[A-Za-z0-9.-]{1,12}$/;

/** The contact that a cable's shield joins. */
export const SHELL: Contact = 'S';

/** The wired contacts of an 8P8C connector. */
export const WIRE_CONTACTS: readonly Contact[] = ['1', '2', '3', '4', '5', '6', '7', '8'];

export interface ContactPair {
  readonly number: number;
  readonly tip: Contact;
  readonly ring: Contact;
}

export interface Scheme {
  readonly id: SchemeId;
  /** The conductor on contact 1, 2, ... 8. */
  readonly conductors: readonly ConductorId[];
  readonly pairs: readonly ContactPair[];
  readonly when: string;
}

/** Source: ANSI/TIA-568.2-D, eight-position modular jack pin/pair assignments. */
const ROWS: readonly Omit<Scheme, 'pairs'>[] = [
  {
    id: 'T568A',
    conductors: ['W-G', 'G', 'W-O', 'BL', 'W-BL', 'O', 'W-BR', 'BR'],
    when: 'where a public body, the existing plant or the specification asks for it',
  },
  {
    id: 'T568B',
    conductors: ['W-O', 'O', 'W-G', 'BL', 'W-BL', 'G', 'W-BR', 'BR'],
    when: 'where nothing asks for T568A',
  },
];

export const SCHEMES: readonly Scheme[] = ROWS.map((row) => ({ ...row, pairs: pairsOf(row) }));

const BY_ID = new Map(SCHEMES.map((row) => [row.id, row]));

export function scheme(id: SchemeId): Scheme {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`No scheme ${id}`);
  return found;
}

/** Contacts in the order in which people count them: numbers first, the shell last. */
export function compareContacts(a: Contact, b: Contact): number {
  const rank = (contact: Contact) => (contact === SHELL ? 2 : /^\d+$/.test(contact) ? 0 : 1);
  return rank(a) - rank(b) || (rank(a) === 0 ? Number(a) - Number(b) : a < b ? -1 : a > b ? 1 : 0);
}

function pairsOf(row: Omit<Scheme, 'pairs'>): ContactPair[] {
  const contactOf = (number: number, member: 'tip' | 'ring') => {
    const core = FOUR_PAIRS.find((wire) => wire.pair === number && wire.member === member);
    return WIRE_CONTACTS[row.conductors.indexOf(core?.id ?? '')] ?? '';
  };
  return [1, 2, 3, 4].map((number) => ({
    number,
    tip: contactOf(number, 'tip'),
    ring: contactOf(number, 'ring'),
  }));
}
