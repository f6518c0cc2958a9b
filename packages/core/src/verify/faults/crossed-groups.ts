import { capital } from '../../units';
import type { FaultClass } from './fault-class';
import { list, arrivals } from './fault-words';
import { slipsOf } from './slips';
import { groupsIn, groupName } from './groups';

export const CROSSED_GROUPS: FaultClass = {
  kind: 'crossed-groups',
  title: 'Groups exchanged',
  several: 'groups of pairs exchanged',
  perHundred: 0.2,
  change: 'arrives-elsewhere',
  places: ['near', 'far'],
  mendedAt: ['near', 'far'],
  isSeated: false,
  seenByLooking: 0.9,
  isInColours: true,
  isToProve: true,
  instances: ({ wiring }) => [{ of: slipsOf('crossed-groups', wiring) }],
  sentence: (fault, wiring) => {
    const groups = groupsIn(fault, wiring);
    return `${capital(list(groups.map(groupName)))} are exchanged: ${arrivals(fault)}.`;
  },
  action: (fault, wiring) => ({
    end: 'either',
    sentence: `Read the colours at both ends. Punch ${list(groupsIn(fault, wiring).map(groupName))} down again at the end where they have changed places.`,
  }),
};
