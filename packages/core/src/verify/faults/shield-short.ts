import { tell } from '../messages';
import type { FaultClass } from './fault-class';
import { conductorsOnly, endOf, isCoaxial } from './fault-words';
import { instanceOf } from './faulty-link';

export const SHIELD_SHORT: FaultClass = {
  kind: 'shield-short',
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
    tell('fault-shield-short', { to: conductorsOnly(fault, wiring), end: fault.end }),
  action: (fault, wiring) => ({
    end: fault.end,
    sentence: tell('do-free-shield', { coaxial: isCoaxial(wiring), end: endOf(fault) }),
  }),
};
