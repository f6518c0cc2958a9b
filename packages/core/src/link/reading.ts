import { CONTACTS, type Contact } from '../catalogue';

/** Contacts of both ends that are joined to one another and to nothing else. */
export interface Net {
  readonly near: readonly Contact[];
  readonly far: readonly Contact[];
}

/**
 * What a continuity tester showed, or what a link should show: a partition of the contacts of both
 * ends into joined groups. A contact that no net names is joined to nothing.
 */
export type Reading = readonly Net[];

/**
 * The one way of writing a reading: every net sorted, nets of one contact left out, nets in order
 * of their first contact. Two readings say the same when their canonical forms are equal.
 */
export function canonicalReading(reading: Reading): Reading {
  const rank = (contact: Contact) => CONTACTS.indexOf(contact);
  const sorted = (contacts: readonly Contact[]) => [...contacts].sort((a, b) => rank(a) - rank(b));
  const first = (net: Net) =>
    net.near[0] !== undefined ? rank(net.near[0]) : CONTACTS.length + rank(net.far[0] ?? 'S');
  return reading
    .filter((net) => net.near.length + net.far.length > 1)
    .map((net) => ({ near: sorted(net.near), far: sorted(net.far) }))
    .sort((a, b) => first(a) - first(b));
}
