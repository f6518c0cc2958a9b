import type { CircuitPart, Node } from './circuit-part';
import { solveCircuit } from './network';

/** Beyond this a meter shows open, ohm. Generic. */
export const OPEN_OHM = 2_000_000;

const TEST = { volts: 1, ohm: 1000 } as const;

/** What an ohmmeter shows between two places of a circuit, ohm; null for open. */
export function ohmsBetween(
  parts: readonly CircuitPart[],
  from: Node,
  to: Node,
  openOhm = OPEN_OHM,
): number | null {
  if (from === to) return 0;
  const met = partsMetFrom(from, parts);
  if (!met.nodes.has(to)) return null;
  const { voltsAt } = solveCircuit([
    { kind: 'supply', minus: to, plus: from, volts: TEST.volts, ohm: TEST.ohm },
    ...met.parts,
  ]);
  const across = voltsAt(from) - voltsAt(to);
  const ohm = (TEST.ohm * across) / (TEST.volts - across);
  return ohm > openOhm || ohm < 0 ? null : ohm;
}

/** The parts that current from a node can come to, and where they meet: the rest of a link only hangs about. */
function partsMetFrom(from: Node, parts: readonly CircuitPart[]) {
  const nodes = new Set([from]);
  const met = new Set<CircuitPart>();
  for (let before = -1; before !== met.size;) {
    before = met.size;
    for (const part of parts) {
      const ends = endsOf(part);
      if (met.has(part) || !ends.some((node) => nodes.has(node))) continue;
      met.add(part);
      for (const node of ends) nodes.add(node);
    }
  }
  return { nodes, parts: [...met] };
}

const endsOf = (part: CircuitPart): readonly [Node, Node] =>
  part.kind === 'supply'
    ? [part.plus, part.minus]
    : part.kind === 'resistor'
      ? [part.a, part.b]
      : [part.anode, part.cathode];
