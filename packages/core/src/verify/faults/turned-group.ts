import { capital } from '../../units';
import type { FaultClass } from './fault-class';
import { list, arrivals } from './fault-words';
import { slipsOf } from './slips';
import { groupsIn, groupName } from './groups';

export const TURNED_GROUP: FaultClass = {
  kind: 'turned-group',
  title: 'Group laid backwards',
  several: 'a group of pairs laid backwards',
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
    `${capital(list(groupsIn(fault, wiring).map(groupName)))} runs backwards at one end: ${arrivals(fault)}.`,
  action: (fault, wiring) => ({
    end: 'either',
    sentence: `Read the colours at both ends. Punch ${list(groupsIn(fault, wiring).map(groupName))} down again at the end where it runs backwards.`,
  }),
};
