import { CONTACTS, conductorAt, type ConductorId, type Contact } from '../catalogue';
import { intendedFar, type Wiring } from './conductor-graph';
import type { Reading } from './reading';

/** One line of a wire map: where a near contact's conductor should go, and where it went. */
export interface WireRow {
  readonly near: Contact;
  /** Null for the shield. */
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
  return CONTACTS.flatMap((near): WireRow[] => {
    const net = nets.find((group) => group.near.includes(near));
    const wanted = intended.get(near) ?? null;
    if (wanted === null && !net) return [];
    const reached = net?.far ?? [];
    const shortedTo = (net?.near ?? []).filter((other) => other !== near);
    const right = wanted !== null && reached.join() === wanted && shortedTo.length === 0;
    const conductor = conductorAt(wiring.scheme.near, near);
    return [{ near, conductor, wanted, reached, shortedTo, right }];
  });
}
