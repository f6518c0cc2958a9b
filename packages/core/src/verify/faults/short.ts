import { pairAt, type Wiring } from '../../link';
import type { Fault } from '../fault';
import { tell } from '../messages';
import type { FaultClass } from './fault-class';
import type { Instance } from './instance';
import { endOf, shortedContacts } from './fault-words';
import { instanceOf, twos, type Joined } from './faulty-link';

/** Of shorts, how many are between neighbours in a connector. Generic. */
const NEIGHBOUR_SHARE = 0.8;

export const SHORT: FaultClass = {
  kind: 'short',
  perHundred: 1,
  change: 'is-joined',
  places: ['near', 'cable', 'far'],
  mendedAt: ['near', 'far'],
  isSeated: false,
  seenByLooking: 0.6,
  isInColours: false,
  isToProve: true,
  instances: ({ wires, wiring }) => [{ of: twos(wires).map((two) => shortOf(two, wires, wiring)) }],
  sentence: (fault, wiring) =>
    tell('fault-short', {
      contacts: shortedContacts(fault, wiring),
      pair: withinPair(fault, wiring),
      end: fault.end,
    }),
  action: (fault) => ({
    end: fault.end,
    sentence: tell('do-look-for-strand', { end: endOf(fault) }),
  }),
};

/** The pair whose two conductors are shorted, wherever they arrive; null where it is no pair. */
function withinPair({ near, far }: Fault, wiring: Wiring): number | null {
  const pairs = new Set([
    ...near.map((contact) => pairAt(wiring.near, contact)?.number),
    ...far.map((contact) => pairAt(wiring.far, contact)?.number),
  ]);
  const [only] = pairs;
  return pairs.size === 1 && new Set([...near, ...far]).size === 2 ? (only ?? null) : null;
}

function shortOf(
  [a, b]: readonly [Joined, Joined],
  wires: readonly Joined[],
  wiring: Wiring,
): Instance {
  const isBeside = Math.abs(wires.indexOf(a) - wires.indexOf(b)) === 1;
  const count = wires.length;
  const beside = count - 1;
  const apart = (count * (count - 1)) / 2 - beside;
  return instanceOf(
    [a, b],
    wiring,
    isBeside ? NEIGHBOUR_SHARE / beside : (1 - NEIGHBOUR_SHARE) / Math.max(1, apart),
  );
}
