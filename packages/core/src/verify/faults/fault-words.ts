import { SHELL, type Contact } from '../../catalogue';
import { coreAt, wireContacts, type End, type Wiring } from '../../link';
import type { Message } from '../../message';
import type { Fault } from '../fault';
import { tell, type Arrivals } from '../messages';
import type { Action } from './fault-class';

/** Names that are told one by one; of more, the first two. */
const TOLD = 8;

/** A core with its contact: "white-green (3)". */
export const named = (contact: Contact, end: End, wiring: Wiring): Message =>
  tell('contact', { contact, core: coreAt(wiring[end], contact) ?? null });

/** The core of a near contact, without the contact. */
export const nameOf = (contact: Contact, { near }: Wiring): Message =>
  tell('core', { contact, core: coreAt(near, contact) ?? null });

/** The names of a fault's cores; of many, the first two and how many more. */
export function namesAt({ near }: Fault, wiring: Wiring): Message {
  const told = near.length <= TOLD ? near : near.slice(0, 2);
  return tell('cores-and-more', {
    cores: told.map((contact) => nameOf(contact, wiring)),
    more: near.length - told.length,
  });
}

export function contactsAt(fault: Fault, wiring: Wiring): Message {
  const [near, far] = [fault.near[0] as Contact, fault.far[0] as Contact];
  return near === far ? named(near, 'near', wiring) : tell('near-and-far', { near, far });
}

/** Where each conductor arrives. */
export const arrivals = ({ near, far }: Fault): Arrivals =>
  near.slice(0, far.length).map((contact, index) => [contact, far[index] ?? '']);

/** What is joined: by its cores where both ends say the same, else contact by contact. */
export function shortedContacts(
  fault: Fault,
  wiring: Wiring,
): readonly Message[] | Readonly<Record<End, readonly Contact[]>> {
  const same = fault.near.join() === fault.far.join();
  if (same || fault.far.length === 0)
    return fault.near.map((contact) => named(contact, 'near', wiring));
  if (fault.near.length === 0) return fault.far.map((contact) => named(contact, 'far', wiring));
  return { near: [...fault.near], far: [...fault.far] };
}

/** What is joined to a shield; none where that is the shell of the other end. */
export function conductorsOnly(fault: Fault, wiring: Wiring): Message[] {
  const near = fault.near.filter((contact) => contact !== SHELL);
  const [contacts, end] = near.length > 0 ? [near, 'near' as const] : [fault.far, 'far' as const];
  return contacts
    .filter((contact) => contact !== SHELL)
    .map((contact) => named(contact, end, wiring));
}

/** The end that a fault is at; null where it is at none in particular, or between them. */
export const endOf = ({ end }: Fault): End | null => (end === 'near' || end === 'far' ? end : null);

/** One conductor inside its shield. */
export const isCoaxial = ({ near, far }: Wiring) =>
  [near, far].every((end) => wireContacts(end).length === 1);

export function remake(fault: Fault, wiring: Wiring): Action {
  const [near, far] = [wiring.near.rule, wiring.far.rule];
  const names = namesAt(fault, wiring);
  return {
    end: 'either',
    sentence:
      near === far && fault.near.length === 2
        ? tell('do-remake-swapped', {
            names,
            rows: fault.near.map((contact, index) => ({
              core: nameOf(contact, wiring),
              far: fault.far[index] ?? '',
            })),
          })
        : tell('do-remake-other', { near, far, names }),
  };
}
