import { compareContacts, conductor, type ConductorId, type Contact } from '../../catalogue';
import type { End } from '../../link';
import { rowAt } from '../nets';
import type { Port } from '../port';
import type { Net, Solution } from '../solution';

/** One line of the table: a net that is joined, or a contact that is left open. */
export interface CardRow {
  readonly near: readonly Contact[];
  readonly nearSignal: string;
  readonly core: ConductorId | null;
  readonly farCore: ConductorId | null;
  readonly farSignal: string;
  readonly far: readonly Contact[];
}

const named = (port: Port, contacts: readonly Contact[]): string =>
  [...new Set(contacts.map((contact) => rowAt(port, contact)?.signal ?? ''))]
    .filter((name) => name !== '')
    .join(', ');

/** The table contact, signal, colour, signal, contact: nets by their near contacts, then what stays open. */
export function cardRows(
  { nets, unmatched }: Pick<Solution, 'nets' | 'unmatched'>,
  ports: Readonly<Record<End, Port>>,
): CardRow[] {
  const row = (net: Pick<Net, 'near' | 'far' | 'core' | 'farCore'>): CardRow => ({
    near: net.near,
    nearSignal: named(ports.near, net.near),
    core: net.core ?? null,
    farCore: net.farCore ?? net.core ?? null,
    farSignal: named(ports.far, net.far),
    far: net.far,
  });
  const joined = nets.map(row).sort((a, b) => compareContacts(a.near[0] ?? '~', b.near[0] ?? '~'));
  const open = (['near', 'far'] as const).flatMap((end) =>
    unmatched[end].map((contact) => row({ near: [], far: [], [end]: [contact] })),
  );
  return [...joined, ...open];
}

/** A core in words and letters, with its other colour where the two halves differ. */
export function coreText({ core, farCore, near, far }: CardRow): string {
  if (core === null) return near.length + far.length > 1 ? 'joined at this end' : 'open, insulated';
  const written = (id: ConductorId) => {
    const { name } = conductor(id);
    return name === id ? id : `${name} (${id})`;
  };
  return farCore === null || farCore === core
    ? written(core)
    : `${written(core)} to ${written(farCore)}`;
}
