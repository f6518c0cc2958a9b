import { CONDUCTORS, cable, connector, contactOf, type Contact, type SchemeId } from '../catalogue';
import type { End, Link } from './link';
import type { Reading } from './reading';
import { unionFind } from './union-find';

/** What decides which contact joins which: the scheme at each end, and whether a shield goes through. */
export interface Wiring {
  readonly scheme: Readonly<Record<End, SchemeId>>;
  readonly shielded: boolean;
}

export interface ContactNode {
  readonly end: End;
  readonly contact: Contact;
}

/** A path between two contacts: a conductor or shield of the cable, or a joint where none should be. */
export interface GraphEdge {
  readonly from: ContactNode;
  readonly to: ContactNode;
}

/** A link's wiring. The shield goes through only if the cable and both connectors have one. */
export function wiringOf(link: Pick<Link, 'near' | 'far' | 'cable'>): Wiring {
  return {
    scheme: { near: link.near.scheme, far: link.far.scheme },
    shielded:
      cable(link.cable).shield !== 'none' &&
      connector(link.near.connector).shielded &&
      connector(link.far.connector).shielded,
  };
}

/** The far contact that each near contact should reach. */
export function intendedFar(wiring: Wiring): ReadonlyMap<Contact, Contact> {
  const rows = CONDUCTORS.map(({ id }): [Contact, Contact] => [
    contactOf(wiring.scheme.near, id),
    contactOf(wiring.scheme.far, id),
  ]);
  return new Map(wiring.shielded ? [...rows, ['S', 'S']] : rows);
}

/** One edge a conductor, and one for the shield where it goes through. */
export function conductorGraph(wiring: Wiring): GraphEdge[] {
  return [...intendedFar(wiring)].map(([near, far]) => ({
    from: { end: 'near', contact: near },
    to: { end: 'far', contact: far },
  }));
}

/** What an ideal continuity tester shows of a graph: its connected components. */
export function joinedGroups(edges: readonly GraphEdge[]): Reading {
  const key = (node: ContactNode) => `${node.end}:${node.contact}`;
  const sets = unionFind<string>();
  const nodes = new Map<string, ContactNode>();
  for (const { from, to } of edges) {
    nodes.set(key(from), from).set(key(to), to);
    sets.join(key(from), key(to));
  }
  const nets = new Map<string, { near: Contact[]; far: Contact[] }>();
  for (const [name, node] of nodes) {
    const root = sets.root(name);
    const net = nets.get(root) ?? { near: [], far: [] };
    net[node.end].push(node.contact);
    nets.set(root, net);
  }
  return [...nets.values()];
}
