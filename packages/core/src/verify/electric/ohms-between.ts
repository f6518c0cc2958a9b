import { solveCircuit, type CircuitPart, type Node } from './network';

/** Beyond this a meter shows open, ohm. Generic. */
export const OPEN_OHM = 2_000_000;

const TEST = { volts: 1, ohm: 1000 } as const;

/** What an ohmmeter shows between two places of a circuit, ohm; null for open. */
export function ohmsBetween(parts: readonly CircuitPart[], from: Node, to: Node): number | null {
  if (from === to) return 0;
  const { voltsAt } = solveCircuit([
    { kind: 'supply', minus: to, plus: from, volts: TEST.volts, ohm: TEST.ohm },
    ...parts,
  ]);
  const across = voltsAt(from) - voltsAt(to);
  const ohm = (TEST.ohm * across) / (TEST.volts - across);
  return ohm > OPEN_OHM || ohm < 0 ? null : ohm;
}
