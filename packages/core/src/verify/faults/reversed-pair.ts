import { tell } from '../messages';
import type { FaultClass } from './fault-class';
import { namesAt, arrivals, remake } from './fault-words';
import { swapped, isOfOnePair } from './orders';

export const REVERSED_PAIR: FaultClass = {
  kind: 'reversed-pair',
  perHundred: 1,
  change: 'arrives-elsewhere',
  places: ['near', 'far'],
  mendedAt: ['near', 'far'],
  isSeated: false,
  seenByLooking: 0.9,
  isInColours: true,
  isToProve: true,
  instances: (link) => [{ of: swapped(link).filter((row) => isOfOnePair(row, link)) }],
  sentence: (fault, wiring) =>
    tell('fault-reversed-pair', {
      pairs: fault.pairs,
      names: namesAt(fault, wiring),
      arrivals: arrivals(fault),
    }),
  action: remake,
};
