import { compareContacts, type ConductorId, type Contact } from '../catalogue';
import { intendedFar } from './conductor-graph';
import type { Reading } from './reading';
import { coreAt, type Wiring } from './wiring';

/** One line of a wire map: where a near contact's conductor should go, and where it went. */
export interface WireRow {
  readonly near: Contact;
  /** Null for a contact that has no core. */
  readonly conductor: ConductorId | null;
  /** Null for a contact that should be wired to nothing. */
  readonly wanted: Contact | null;
  /** The far contacts that it reaches; none for an open. */
  readonly reached: readonly Contact[];
  /** The other near contacts that it is joined to. */
  readonly shortedTo: readonly Contact[];
  readonly right: boolean;
}

/** A reading line by line: a row for every contact that should be wired, or is, in their order. */
export function wireRows(nets: Reading, wiring: Wiring): WireRow[] {
  const intended = intendedFar(wiring);
  const named = new Set([...intended.keys(), ...nets.flatMap((net) => net.near)]);
  return [...named].sort(compareContacts).map((near) => {
    const net = nets.find((group) => group.near.includes(near));
    const wanted = intended.get(near) ?? null;
    const reached = net?.far ?? [];
    const shortedTo = (net?.near ?? []).filter((other) => other !== near);
    const right = wanted !== null && reached.join() === wanted && shortedTo.length === 0;
    return { near, conductor: coreAt(wiring.near, near), wanted, reached, shortedTo, right };
  });
}
