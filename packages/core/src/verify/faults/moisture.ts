import { pairsOf } from '../../link';

import { tell } from '../messages';
import type { FaultClass } from './fault-class';
import { endOf, isCoaxial, nameOf } from './fault-words';
import { instanceOf, ofEachPair } from './faulty-link';

/** Of wet links, how many are wet in all conductors at once. Generic. */
const ALL_TOGETHER = 0.4;

/**
 * Water between conductors: they leak to one another, far too little to be a short. Its rate is generic, of
 * cables indoors and out.
 */
export const MOISTURE: FaultClass = {
  kind: 'moisture',
  perHundred: 0.4,
  change: 'leaks',
  places: ['near', 'cable', 'far'],
  mendedAt: ['near', 'far'],
  isSeated: false,
  seenByLooking: 0.4,
  isInColours: false,
  isToProve: false,
  instances: (link) => {
    const { shield, wires, wiring } = link;
    const coaxial = wires.length === 1 && shield ? [instanceOf([...wires, shield], wiring)] : [];
    const pairs = pairsOf(wiring.near).length > 1 ? ofEachPair(link) : [];
    const all = wires.length > 1 ? [instanceOf(wires, wiring)] : coaxial;
    return pairs.length > 0
      ? [
          { of: pairs, share: 1 - ALL_TOGETHER },
          { of: all, share: ALL_TOGETHER },
        ]
      : [{ of: all }];
  },
  sentence: (fault, wiring) =>
    tell('fault-moisture', {
      between: isCoaxial(wiring)
        ? 'centre-and-shield'
        : fault.pairs.length > 1
          ? 'all'
          : fault.near.map((contact) => nameOf(contact, wiring)),
      end: fault.end,
    }),
  action: (fault) => ({ end: fault.end, sentence: tell('do-dry', { end: endOf(fault) }) }),
};
