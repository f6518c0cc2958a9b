import { compareContacts, type Contact } from '../catalogue';
import { unionFind, type End } from '../link';
import type { Port, PortContact } from './port';
import type { Net, Spot } from './solution';

type Ports = Readonly<Record<End, Port>>;

const key = ({ end, contact }: Spot): string => `${end}:${contact}`;

export const rowAt = (port: Port, contact: Contact): PortContact | undefined =>
  port.contacts.find((row) => row.contact === contact);

/** A net's rows of the two pin tables. */
export function rowsOf(net: Pick<Net, 'near' | 'far'>, ports: Ports) {
  const rows = (end: End) => net[end].flatMap((contact) => rowAt(ports[end], contact) ?? []);
  return { near: rows('near'), far: rows('far') };
}

/** What a net is called: by what drives it, else by the near end's name. */
function nameOf(net: Pick<Net, 'near' | 'far'>, ports: Ports): string {
  const { near, far } = rowsOf(net, ports);
  const rows = [...near, ...far];
  const named = rows.find((row) => row.direction === 'out') ?? rows[0];
  return named?.signal ?? '';
}

/** Joined contacts as nets: commons first, then by the first contact. */
export function netsOf(edges: readonly (readonly [Spot, Spot])[], ports: Ports): Net[] {
  const { root, join } = unionFind<string>();
  const spots = new Map<string, Spot>();
  for (const [a, b] of edges) {
    for (const spot of [a, b]) spots.set(key(spot), spot);
    join(key(a), key(b));
  }
  const groups = new Map<string, Spot[]>();
  for (const [id, spot] of spots) {
    const members = groups.get(root(id)) ?? [];
    members.push(spot);
    groups.set(root(id), members);
  }
  const at = (members: readonly Spot[], end: End) =>
    members.flatMap((spot) => (spot.end === end ? [spot.contact] : [])).sort(compareContacts);
  return [...groups.values()]
    .map((members) => {
      const ends = { near: at(members, 'near'), far: at(members, 'far') };
      return { signal: nameOf(ends, ports), ...ends };
    })
    .sort((a, b) => order(a, ports) - order(b, ports) || first(a, b));
}

const RANK: readonly PortContact['role'][] = ['ground', 'supply', 'signal', 'shield', 'none'];

function order(net: Net, ports: Ports): number {
  const { near, far } = rowsOf(net, ports);
  const ranks = [...near, ...far].map((row) =>
    row.partner !== null ? RANK.indexOf('signal') : RANK.indexOf(row.role),
  );
  return Math.min(RANK.length, ...ranks);
}

const first = (a: Net, b: Net): number =>
  compareContacts(a.near[0] ?? a.far[0] ?? '', b.near[0] ?? b.far[0] ?? '');

/** Whether a net leads from one end to the other, and so needs a core. */
export const crossesOver = (net: Pick<Net, 'near' | 'far'>): boolean =>
  net.near.length > 0 && net.far.length > 0;
