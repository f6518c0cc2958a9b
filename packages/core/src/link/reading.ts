import { compareContacts, type Contact } from '../catalogue';

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
  const sorted = (contacts: readonly Contact[]) => [...contacts].sort(compareContacts);
  const inOrder = (a: Net, b: Net) =>
    Number(a.near.length === 0) - Number(b.near.length === 0) ||
    compareContacts(a.near[0] ?? a.far[0] ?? '', b.near[0] ?? b.far[0] ?? '');
  return reading
    .filter((net) => net.near.length + net.far.length > 1)
    .map((net) => ({ near: sorted(net.near), far: sorted(net.far) }))
    .sort(inOrder);
}

/** Whether a reading shows exactly what the other shows. */
export function sameReading(a: Reading, b: Reading): boolean {
  return JSON.stringify(canonicalReading(a)) === JSON.stringify(canonicalReading(b));
}
