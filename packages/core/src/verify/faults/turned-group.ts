import { tell } from '../messages';
import type { FaultClass } from './fault-class';
import { arrivals } from './fault-words';
import { slipsOf } from './slips';
import { groupsIn } from './groups';

export const TURNED_GROUP: FaultClass = {
  kind: 'turned-group',
  perHundred: 0.2,
  change: 'arrives-elsewhere',
  places: ['near', 'far'],
  mendedAt: ['near', 'far'],
  isSeated: false,
  seenByLooking: 0.9,
  isInColours: true,
  isToProve: true,
  instances: ({ wiring }) => [{ of: slipsOf('turned-group', wiring) }],
  sentence: (fault, wiring) =>
    tell('fault-turned-group', { groups: groupsIn(fault, wiring), arrivals: arrivals(fault) }),
  action: (fault, wiring) => ({
    end: 'either',
    sentence: tell('do-punch-groups', { groups: groupsIn(fault, wiring), why: 'backwards' }),
  }),
};
