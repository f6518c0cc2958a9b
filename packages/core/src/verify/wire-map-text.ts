import { SHELL, WIRE_CONTACTS, compareContacts, type Contact } from '../catalogue';
import { joinedGroups, wireContacts, type GraphEdge, type Reading, type Wiring } from '../link';

export type ParsedWireMap =
  | { readonly ok: true; readonly nets: Reading }
  | { readonly ok: false; readonly column: number; readonly reason: string };

/** The contacts of each end, in the order in which a display counts them. */
interface Contacts {
  readonly near: readonly Contact[];
  readonly far: readonly Contact[];
}

const EIGHT: Contacts = { near: WIRE_CONTACTS, far: WIRE_CONTACTS };

export function mapContacts(wiring: Wiring): Contacts {
  const inOrder = (contacts: readonly Contact[]) => [...contacts].sort(compareContacts);
  return { near: inOrder(wireContacts(wiring.near)), far: inOrder(wireContacts(wiring.far)) };
}

/**
 * Reads a wire map as typed from a tester's display: for each near contact, in order, the far contact
 * that it reaches; "-" or "0" where it reaches none; a group in brackets, "(45)", where it reaches
 * several; then "S" or "-" for the shield, if it was tested. "12345678" is a good link of eight.
 * Contacts of more than one sign are separated by spaces: "1 2 (3 10) -".
 */
export function parseWireMap(text: string, contacts: Contacts = EIGHT): ParsedWireMap {
  const nearContacts = [...contacts.near, SHELL];
  const farContacts = new Set([...contacts.far, SHELL]);
  const count = contacts.near.length;
  const edges: GraphEdge[] = [];
  let position = 0;
  let group: Contact[] | null = null;
  const reached = (far: readonly Contact[]) => {
    const near = nearContacts[position] as Contact;
    for (const contact of far)
      edges.push({ from: { end: 'near', contact: near }, to: { end: 'far', contact } });
    position += 1;
  };
  for (const { sign, column } of signsOf(text, [...farContacts])) {
    const refuse = (reason: string): ParsedWireMap => ({ ok: false, column, reason });
    if (position >= nearContacts.length)
      return refuse(`There are only ${inWords(count)} contacts and the shield.`);
    if (sign === '(' && !group) group = [];
    else if (sign === ')' && group) {
      reached(group);
      group = null;
    } else if (farContacts.has(sign)) {
      if (group) group.push(sign);
      else reached([sign]);
    } else if ((sign === '-' || sign === '0') && !group) reached([]);
    else
      return refuse(
        `'${sign}' can’t stand here. Write ${contacts.far[0] ?? ''} to ${contacts.far.at(-1) ?? ''}, S, - for open, or ${example(contacts)} for several.`,
      );
  }
  const column = text.length + 1;
  if (group) return { ok: false, column, reason: 'The bracket is not closed.' };
  if (position < count) {
    const reason = `${position} of ${count} contacts entered: go on with near contact ${nearContacts[position] ?? ''}.`;
    return { ok: false, column, reason };
  }
  return { ok: true, nets: joinedGroups(edges) };
}

/** The signs of a map: one letter each, or, where contacts have longer names, words. */
function signsOf(text: string, contacts: readonly Contact[]): { sign: string; column: number }[] {
  const words = contacts.some((contact) => contact.length > 1);
  const pattern = words ? /[()]|[^\s,;()]+/g : /[^\s,;]/g;
  return [...text.toUpperCase().matchAll(pattern)].map((match) => ({
    sign: match[0],
    column: match.index + 1,
  }));
}

function example({ far }: Contacts): string {
  const some = far.length === 8 ? ['4', '5'] : far.slice(0, 2);
  return `(${some.join(far.some((contact) => contact.length > 1) ? ' ' : '')})`;
}

const WORDS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];

function inWords(count: number): string {
  return WORDS[count] ?? String(count);
}
