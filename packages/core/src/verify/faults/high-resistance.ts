import { capital } from '../../units';
import type { FaultClass } from './fault-class';
import { contactsAt, at } from './fault-words';
import { ofEachWire } from './faulty-link';

export const HIGH_RESISTANCE: FaultClass = {
  kind: 'high-resistance',
  title: 'Poor joint',
  several: 'poor joints',
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
    `${capital(contactsAt(fault, wiring))} conducts through a poor joint${at(fault)}.`,
  action: (fault, wiring) => ({
    end: fault.end,
    sentence: `Remake ${contactsAt(fault, wiring)}${at(fault)}, and measure its loop resistance again.`,
  }),
};
