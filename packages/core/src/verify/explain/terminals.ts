import { unionFind } from '../../link';
import type { CircuitStep } from '../circuit/lamp-circuit';
import type { Node } from '../circuit/circuit-part';

/** A tester's resistor of less than this is a wire to its lamps, ohm. */
const WIRE_OHM = 1;

/**
 * Of a partition, what one step of a lamp tester can tell: which of the step's terminals are joined.
 * Conductors have a few ohms and lamps hundreds, so links that are alike in this light the same lamps.
 */
export function terminalsOf(
  step: CircuitStep,
  places: ReadonlyMap<Node, number>,
): (partition: string) => string {
  const wires: (readonly [Node, Node])[] = [];
  const terminals = new Set<Node>();
  for (const part of step.parts)
    if (part.kind === 'resistor' && part.ohm < WIRE_OHM) wires.push([part.a, part.b]);
    else if (part.kind === 'resistor') terminals.add(part.a).add(part.b);
    else if (part.kind === 'supply') terminals.add(part.plus).add(part.minus);
    else terminals.add(part.anode).add(part.cathode);
  const ends = [...terminals];
  return (partition) => {
    const sets = unionFind<string>();
    const label = (node: Node) => {
      const place = places.get(node);
      return place === undefined ? node : partition.charAt(place);
    };
    for (const [a, b] of wires) sets.join(label(a), label(b));
    const first = new Map<string, number>();
    return ends
      .map((node) => {
        const root = sets.root(label(node));
        if (!first.has(root)) first.set(root, first.size);
        return String.fromCharCode(first.get(root) as number);
      })
      .join('');
  };
}
