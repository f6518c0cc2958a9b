import { tell } from '../messages';
import type { FaultClass } from './fault-class';
import { contactsAt } from './fault-words';
import { ofEachWire } from './faulty-link';

export const HIGH_RESISTANCE: FaultClass = {
  kind: 'high-resistance',
  perHundred: 1,
  change: 'conducts-poorly',
  places: ['near', 'far'],
  mendedAt: ['near', 'far'],
  isSeated: true,
  seenByLooking: 0.2,
  isInColours: false,
  isToProve: false,
  instances: (link) => [{ of: ofEachWire(link) }],
  sentence: (fault, wiring) =>
    tell('fault-high-resistance', { which: contactsAt(fault, wiring), end: fault.end }),
  action: (fault, wiring) => ({
    end: fault.end,
    sentence: tell('do-remake-joint', { which: contactsAt(fault, wiring), end: fault.end }),
  }),
};
