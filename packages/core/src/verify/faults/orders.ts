import { pairAt } from '../../link';
import type { Instance } from './instance';
import { instanceOf, twos, type FaultyLink } from './faulty-link';

/** Two conductors that change places. */
export const swapped = ({ wires, wiring }: FaultyLink): Instance[] =>
  twos(wires).map(([a, b]) => ({ ...instanceOf([a, b], wiring), far: [b[1], a[1]] }));

export function isOfOnePair({ near }: Instance, { wiring }: FaultyLink): boolean {
  const [a, b] = near.map((contact) => pairAt(wiring.near, contact));
  return a !== null && a === b;
}
