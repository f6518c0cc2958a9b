import type { FaultClass } from './fault-class';
import { list, conductorsOnly, place, isCoaxial } from './fault-words';
import { instanceOf } from './faulty-link';

export const SHIELD_SHORT: FaultClass = {
  kind: 'shield-short',
  title: 'Shield joined',
  several: 'a conductor on the shield',
  perHundred: 0.5,
  change: 'is-joined',
  places: ['near', 'cable', 'far'],
  mendedAt: ['near', 'far'],
  isSeated: false,
  seenByLooking: 0.6,
  isInColours: false,
  isToProve: true,
  instances: ({ shield, wires, wiring }) => [
    { of: shield ? wires.map((row) => instanceOf([row, shield], wiring)) : [] },
  ],
  sentence: (fault, wiring) =>
    `The shield is joined to ${list(conductorsOnly(fault, wiring))}${place(fault)}.`,
  action: (fault, wiring) => {
    const where =
      fault.end === 'either' || fault.end === 'cable' ? 'at both ends' : `at the ${fault.end} end`;
    return {
      end: fault.end,
      sentence: isCoaxial(wiring)
        ? `Look ${where} for a strand of the braid that touches the centre. Cut that end off and make it again; if both are clean, the cable is crushed or pierced: find the place with reflectometry.`
        : `Look ${where} for a piece of the shield that touches a contact, and trim it back.`,
    };
  },
};
