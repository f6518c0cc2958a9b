import { NEVER_SEEN, NOT_LIVE, testerClass } from './tester-class';
import { mapItems } from './wire-map';

export const PAIRING = testerClass({
  id: 'pairing',
  name: 'Wire-map tester that also measures crosstalk',
  short: 'Sees pairing',
  method: 'nets',
  subject: 'pairs',
  how: 'As with an identifying remote; crosstalk also tells pairs that are not twisted together.',
  far: 'remote',
  minutes: 0.8,
  blindTo: [...NEVER_SEEN],
  shows: 'by-scan',
  isOnLive: false,
  caution: NOT_LIVE,
  put: { moved: 'moved' },
  isWatched: true,
  seesJoints: true,
  tellsPlaces: true,
  isWhole: true,
  opensEnd: false,
  procedure: () => [{ tester: 'pairing', moved: null }],
  candidates: () => [{ tester: 'pairing', moved: null }],
  items: (_, shown, wiring) => mapItems(shown, wiring),
  command: 'PAIR',
  entry: { kind: 'map' },
  observe(_, link) {
    const nets = link.nets();
    return { method: 'nets', nets, splitPairs: link.splitPairs(nets) };
  },
  kept: (shown) => ({ ...shown, splitPairs: shown.splitPairs ?? [] }),
});
