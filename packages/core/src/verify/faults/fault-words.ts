import { SHELL, conductor, type Contact } from '../../catalogue';
import { capital } from '../../units';
import { coreAt, wireContacts, type End, type Wiring } from '../../link';
import type { Fault } from '../fault';
import type { Action } from './fault-class';

const COUNT = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
export const counted = (count: number): string => COUNT[count] ?? String(count);
/** Contacts that are told one by one; of more, the first and the last. */
const TOLD = 8;

/** "white-green (3)", or "the shield". */
export function named(contact: Contact, end: End, wiring: Wiring): string {
  if (contact === SHELL) return 'the shield';
  const core = coreAt(wiring[end], contact);
  return core ? `${conductor(core).name} (${contact})` : `contact ${contact}`;
}

/** "a", "a and b", "a, b and c". */
export function list(items: readonly string[]): string {
  return items.length < 2
    ? items.join('')
    : `${items.slice(0, -1).join(', ')} and ${items.at(-1) ?? ''}`;
}

/** The names of a fault's cores; of many, the first two and how many more. */
export function namesAt({ near }: Fault, wiring: Wiring): string {
  const told = near.length <= TOLD ? near : near.slice(0, 2);
  const names = told.map((contact) => nameOf(contact, wiring));
  return list(
    told.length === near.length ? names : [...names, `${near.length - told.length} more`],
  );
}

/** The name of a near contact's core, without the contact. */
export function nameOf(contact: Contact, { near }: Wiring): string {
  if (contact === SHELL) return 'the shield';
  const core = coreAt(near, contact);
  return core ? conductor(core).name : `contact ${contact}`;
}

export function contactsAt(fault: Fault, wiring: Wiring): string {
  const [near, far] = [fault.near[0] as Contact, fault.far[0] as Contact];
  return near === far ? named(near, 'near', wiring) : `near ${near} and far ${far}`;
}

/** Where each conductor arrives; of many, the first two and the last. */
export function arrivals({ near, far }: Fault): string {
  const rows = near
    .slice(0, far.length)
    .map((contact, index) => `near ${contact} arrives at far ${far[index] ?? ''}`);
  return rows.length <= TOLD
    ? list(rows)
    : `${rows.slice(0, 2).join(', ')} and so on, to ${rows.at(-1) ?? ''}`;
}

/** "4", "1 and 2", "1 to 4". */
export const stretch = (contacts: readonly Contact[]): string =>
  contacts.length < 3 ? list(contacts) : `${contacts[0] ?? ''} to ${contacts.at(-1) ?? ''}`;

export function shortedContacts(fault: Fault, wiring: Wiring): string {
  const same = fault.near.join() === fault.far.join();
  const near = fault.near.map((contact) => named(contact, 'near', wiring));
  if (same || fault.far.length === 0) return capital(list(near));
  if (fault.near.length === 0)
    return capital(list(fault.far.map((contact) => named(contact, 'far', wiring))));
  return `Near ${list([...fault.near])} and far ${list([...fault.far])}`;
}

export function conductorsOnly(fault: Fault, wiring: Wiring): string[] {
  const near = fault.near.filter((contact) => contact !== SHELL);
  const [contacts, end] = near.length > 0 ? [near, 'near' as const] : [fault.far, 'far' as const];
  const wires = contacts.filter((contact) => contact !== SHELL);
  return wires.length > 0
    ? wires.map((contact) => named(contact, end, wiring))
    : ['the shell of the other end'];
}

export const at = ({ end }: Fault): string =>
  end === 'either' ? '' : end === 'cable' ? ' along the cable' : ` at the ${end} end`;

export function place({ end }: Fault): string {
  return end === 'either'
    ? ''
    : end === 'cable'
      ? ', along the cable'
      : `, on the ${end} side of the break`;
}

/** One conductor inside its shield. */
export const isCoaxial = ({ near, far }: Wiring) =>
  [near, far].every((end) => wireContacts(end).length === 1);

export function remake(fault: Fault, wiring: Wiring): Action {
  const [near, far] = [wiring.near.rule, wiring.far.rule];
  const clue = fault.near.map(
    (contact, index) => `${nameOf(contact, wiring)} on ${fault.far[index] ?? ''}`,
  );
  const names = namesAt(fault, wiring);
  const schemes = near === far ? near : `${near} at the near end, ${far} at the far end`;
  return {
    end: 'either',
    sentence:
      near === far && fault.near.length === 2
        ? `Read the colours at both ends. Remake the end where ${names} are swapped (${list(clue)}).`
        : `Read the colours at both ends against ${schemes}. Remake the one that differs: ${names}.`,
  };
}
