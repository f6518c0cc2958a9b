import { pairAt, type Wiring } from '../../link';
import type { Fault } from '../fault';
import type { FaultClass } from './fault-class';
import type { Instance } from './instance';
import { shortedContacts, place } from './fault-words';
import { instanceOf, twos, type Joined } from './faulty-link';

/** Of shorts, how many are between neighbours in a connector. Generic. */
const NEIGHBOUR_SHARE = 0.8;

export const SHORT: FaultClass = {
  kind: 'short',
  title: 'Short',
  several: 'shorts',
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
    `${shortedContacts(fault, wiring)} are shorted together${withinPair(fault, wiring)}${place(fault)}.`,
  action: (fault) => ({
    end: fault.end,
    sentence:
      fault.end === 'either' || fault.end === 'cable'
        ? 'Look at both ends for a stray strand or a cut insulation. If both are clean, the cable is crushed or pierced: find the place with reflectometry.'
        : `Look at the ${fault.end} end for a stray strand or a cut insulation, and remake it.`,
  }),
};

/** Whether what is shorted are the two conductors of one pair, wherever they arrive. */
function withinPair({ near, far }: Fault, wiring: Wiring): string {
  const pairs = new Set([
    ...near.map((contact) => pairAt(wiring.near, contact)?.number),
    ...far.map((contact) => pairAt(wiring.far, contact)?.number),
  ]);
  const [only] = pairs;
  return pairs.size === 1 && only !== undefined && new Set([...near, ...far]).size === 2
    ? ` within pair ${only}`
    : '';
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
