import { capital } from '../../units';
import type { FaultClass } from './fault-class';
import { contactsAt, at } from './fault-words';
import { ofEachWire } from './faulty-link';

export const INTERMITTENT: FaultClass = {
  kind: 'intermittent',
  title: 'Intermittent',
  several: 'what opens only when moved',
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
    `${capital(contactsAt(fault, wiring))} opens while the cable is moved${at(fault)}.`,
  action: (fault, wiring) => ({
    end: fault.end,
    sentence:
      fault.end === 'cable'
        ? `A core breaks inside the cable: replace it, or find the place with reflectometry while it is moved.`
        : `Seat ${contactsAt(fault, wiring)} again${at(fault)}, and test while it is moved.`,
  }),
};
