import { SHELL } from '../../catalogue';
import type { FaultClass } from './fault-class';

export const SHIELD_UNEXPECTED: FaultClass = {
  kind: 'shield-unexpected',
  title: 'Shield not expected',
  several: 'a shield where none should be',
  perHundred: 0.3,
  change: 'is-joined',
  places: ['either'],
  mendedAt: ['cable'],
  isSeated: false,
  seenByLooking: 0,
  isInColours: true,
  isToProve: true,
  instances: ({ shield, wires }) => [
    {
      of: shield || wires.length < 2 ? [] : [{ near: [SHELL], far: [SHELL], pairs: [], weight: 1 }],
    },
  ],
  sentence: () => 'The shield goes through, and this link should have none.',
  action: () => ({
    end: 'either',
    sentence:
      'Check that this is the cable in the schedule. Two bonded racks can also join the shells.',
  }),
};
