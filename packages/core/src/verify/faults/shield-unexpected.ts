import { SHELL } from '../../catalogue';
import { tell } from '../messages';
import type { FaultClass } from './fault-class';

export const SHIELD_UNEXPECTED: FaultClass = {
  kind: 'shield-unexpected',
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
  sentence: () => tell('fault-shield-unexpected', {}),
  action: () => ({ end: 'either', sentence: tell('do-check-cable', {}) }),
};
