import type { Contact } from '../catalogue';
import {
  canonicalReading,
  intendedFar,
  joinedGroups,
  type ContactNode,
  type GraphEdge,
  type Reading,
  type Wiring,
} from '../link';
import type { Fault } from './fault';
import { changes } from './faults';

/**
 * What an ideal tester would show of a link with these faults: diagnosis run backwards. The canonical
 * reading comes back.
 */
export function applyFaults(faults: readonly Fault[], wiring: Wiring): Reading {
  const map = new Map(intendedFar(wiring));
  const broken = new Set<Contact>();
  const joints: GraphEdge[] = [];
  for (const fault of faults) {
    if (changes(fault, 'arrives-elsewhere'))
      fault.near.forEach((near, index) => {
        const far = fault.far[index];
        if (far === undefined) map.delete(near);
        else map.set(near, far);
      });
    if (changes(fault, 'is-broken')) fault.near.forEach((near) => broken.add(near));
    if (changes(fault, 'is-joined')) joints.push(...chain(fault));
  }
  const conductors = [...map]
    .filter(([near]) => !broken.has(near))
    .map(([near, far]): GraphEdge => ({
      from: { end: 'near', contact: near },
      to: { end: 'far', contact: far },
    }));
  return canonicalReading(joinedGroups([...conductors, ...joints]));
}

function chain(fault: Fault): GraphEdge[] {
  const nodes: ContactNode[] = [
    ...fault.near.map((contact): ContactNode => ({ end: 'near', contact })),
    ...fault.far.map((contact): ContactNode => ({ end: 'far', contact })),
  ];
  return nodes.slice(1).map((to, index) => ({ from: nodes[index] as ContactNode, to }));
}
