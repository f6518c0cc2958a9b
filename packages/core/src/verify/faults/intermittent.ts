import { tell } from '../messages';
import type { FaultClass } from './fault-class';
import { contactsAt } from './fault-words';
import { ofEachWire } from './faulty-link';

export const INTERMITTENT: FaultClass = {
  kind: 'intermittent',
  perHundred: 1,
  change: 'opens-when-moved',
  places: ['near', 'cable', 'far'],
  mendedAt: ['near', 'far'],
  isSeated: true,
  seenByLooking: 0,
  isInColours: true,
  isToProve: false,
  instances: (link) => [{ of: ofEachWire(link) }],
  sentence: (fault, wiring) =>
    tell('fault-intermittent', { which: contactsAt(fault, wiring), end: fault.end }),
  action: (fault, wiring) => ({
    end: fault.end,
    sentence:
      fault.end === 'cable'
        ? tell('do-replace-core', {})
        : tell('do-seat-moving', { which: contactsAt(fault, wiring), end: fault.end }),
  }),
};
