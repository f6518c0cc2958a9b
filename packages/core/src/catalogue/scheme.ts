import { conductor, type ConductorId, type PairNumber } from './conductor';

export type SchemeId = 'T568A' | 'T568B';

/** A contact of an 8P8C connector, or its shield. */
export type Contact = '1' | '2' | '3' | '4' | '5' | '6' | '7' | '8' | 'S';

export const WIRE_CONTACTS = ['1', '2', '3', '4', '5', '6', '7', '8'] as const;
export const CONTACTS: readonly Contact[] = [...WIRE_CONTACTS, 'S'];

export interface SchemePair {
  readonly number: PairNumber;
  readonly tip: Contact;
  readonly ring: Contact;
}

export interface Scheme {
  readonly id: SchemeId;
  /** The conductor on contact 1, 2, ... 8. */
  readonly conductors: readonly ConductorId[];
  readonly pairs: readonly SchemePair[];
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

/** The contact that carries a conductor under a scheme. */
export function contactOf(id: SchemeId, wanted: ConductorId): Contact {
  return WIRE_CONTACTS[scheme(id).conductors.indexOf(wanted)] as Contact;
}

/** The conductor on a contact under a scheme; the shield carries none. */
export function conductorAt(id: SchemeId, contact: Contact): ConductorId | null {
  return contact === 'S' ? null : (scheme(id).conductors[Number(contact) - 1] ?? null);
}

/** The pair that a contact belongs to under a scheme; the shield belongs to none. */
export function pairAt(id: SchemeId, contact: Contact): SchemePair | null {
  return scheme(id).pairs.find((pair) => pair.tip === contact || pair.ring === contact) ?? null;
}

function pairsOf(row: Omit<Scheme, 'pairs'>): SchemePair[] {
  const contactsOf = (number: PairNumber, member: 'tip' | 'ring') =>
    WIRE_CONTACTS[
      row.conductors.findIndex((id) => {
        const wire = conductor(id);
        return wire.pair === number && wire.member === member;
      })
    ] as Contact;
  return ([1, 2, 3, 4] as const).map((number) => ({
    number,
    tip: contactsOf(number, 'tip'),
    ring: contactsOf(number, 'ring'),
  }));
}
