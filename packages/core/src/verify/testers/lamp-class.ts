import type { Wiring } from '../../link';
import type { CircuitStep, LampParts } from '../circuit/lamp-circuit';
import type { LinkUnderTest } from '../circuit/link-under-test';

/** What a lamp tester connects to a link, worked out once for each wiring: a step is known by itself. */
export function circuitOnce(
  build: (wiring: Wiring, built: LampParts) => readonly CircuitStep[],
): (link: Pick<LinkUnderTest, 'wiring' | 'lamps'>) => readonly CircuitStep[] {
  const known = new WeakMap<Wiring, Map<LampParts, readonly CircuitStep[]>>();
  return ({ wiring, lamps }) => {
    const rows = known.get(wiring) ?? new Map<LampParts, readonly CircuitStep[]>();
    known.set(wiring, rows);
    const steps = rows.get(lamps) ?? build(wiring, lamps);
    rows.set(lamps, steps);
    return steps;
  };
}
