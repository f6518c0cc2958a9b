import type { Contact } from '../catalogue';
import type { End } from './link';
import type { Reading } from './reading';
import { unionFind } from './union-find';
import type { Wiring } from './wiring';

export interface ContactNode {
  readonly end: End;
  readonly contact: Contact;
}

/** A path between two contacts: a conductor or shield of the cable, or a joint where none should be. */
export interface GraphEdge {
  readonly from: ContactNode;
  readonly to: ContactNode;
}

const intended = new WeakMap<Wiring, ReadonlyMap<Contact, Contact>>();

/** The far contact that each near contact should reach: where the same core is. */
export function intendedFar(wiring: Wiring): ReadonlyMap<Contact, Contact> {
  const known = intended.get(wiring) ?? joinByCore(wiring);
  intended.set(wiring, known);
  return known;
}

function joinByCore({ near, far }: Wiring): ReadonlyMap<Contact, Contact> {
  const farOf = new Map(far.contacts.map(({ contact, core }) => [core, contact]));
  return new Map(
    near.contacts.flatMap(({ contact, core }): [Contact, Contact][] => {
      const to = core === null ? undefined : farOf.get(core);
      return to === undefined ? [] : [[contact, to]];
    }),
  );
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
