import { tell } from '../messages';
import { NOT_LIVE, testerClass } from './tester-class';

/** A lamp tester that somebody has described by its circuit. */
export const OWN_LAMPS = testerClass({
  id: 'own-lamps',
  name: 'Your own tester',
  short: 'Own tester',
  method: 'lamps',
  subject: 'any',
  how: 'What it shows is worked out from its circuit.',
  far: 'remote',
  minutes: 1.5,
  blindTo: [],
  shows: 'by-scan',
  isOnLive: false,
  caution: NOT_LIVE,
  put: { moved: 'moved', circuit: 'circuit' },
  isWatched: false,
  isOwn: true,
  seesJoints: true,
  tellsPlaces: false,
  isWhole: true,
  opensEnd: false,
  observe: ({ circuit }, link) => ({ method: 'lamps', steps: link.light(circuit) }),
  procedure: () => [],
  candidates: () => [],
  circuit: ({ circuit }) => circuit,
  scans: ({ circuit }) => circuit.length > 1,
  order: () => tell('order-test', { tester: null }),
  items: (_, { steps }) =>
    steps.map(({ lit, dim }) => ({ tags: ['*'], value: `${lit.join()};${dim.join()}` })),
  entry: { kind: 'lamps', typed: null },
});
