import { NEVER_SEEN, NOT_LIVE, testerClass } from './tester-class';
import { mapItems } from './wire-map';

export const IDENTIFYING_REMOTE = testerClass({
  id: 'identifying-remote',
  name: 'Wire-map tester with an identifying remote',
  short: 'Order and shorts',
  method: 'nets',
  subject: 'any',
  how: 'The remote tells each far contact apart, so order, opens, shorts and the shield are shown.',
  far: 'remote',
  minutes: 0.7,
  blindTo: ['split-pair', ...NEVER_SEEN],
  shows: 'by-scan',
  caution: NOT_LIVE,
  put: { moved: 'moved' },
  isWatched: true,
  seesJoints: true,
  tellsPlaces: false,
  isWhole: true,
  opensEnd: false,
  procedure: () => [{ tester: 'identifying-remote', moved: null }],
  candidates: () => [{ tester: 'identifying-remote', moved: null }],
  items: (_, shown, wiring) => mapItems(shown, wiring),
  command: 'IDEN',
  entry: { kind: 'map' },
  observe: (_, link) => ({ method: 'nets', nets: link.nets(), splitPairs: null }),
  kept: (shown) => ({ ...shown, splitPairs: null }),
});
