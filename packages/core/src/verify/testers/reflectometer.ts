import { pairsOf } from '../../link';
import type { Place } from '../fault';
import { tell } from '../messages';
import { lengthEntry, pairItems, placeWithin } from './length-entry';
import { NEVER_SEEN, testerClass } from './tester-class';

/** How near to an end counts as that end, of the length. Generic. */
const END_SHARE = 0.06;

export const REFLECTOMETER = testerClass({
  id: 'reflectometer',
  name: 'Length by reflectometry',
  short: 'Reflectometer',
  method: 'lengths',
  subject: 'any',
  how: 'Shows at what distance a pair ends, open or shorted, from the near end alone.',
  far: 'nothing',
  minutes: 2,
  blindTo: [...NEVER_SEEN],
  shows: 'by-scan',
  isOnLive: false,
  caution: '',
  put: { moved: 'moved' },
  isWatched: false,
  seesJoints: false,
  tellsPlaces: true,
  isWhole: true,
  opensEnd: false,
  fits: ({ near }) => pairsOf(near).length > 0,
  observe: (_, link) => ({ method: 'lengths', pairs: link.pairEnds() }),
  procedure: () => [{ tester: 'reflectometer', moved: null }],
  candidates: () => [{ tester: 'reflectometer', moved: null }],
  order: () => tell('order-reflectometry', {}),
  items: (_, shown) => pairItems(shown),
  entry: lengthEntry({ shareOfLength: END_SHARE, tellsWhereShort: true }),
});

/** Whether an echo comes from an end or from between, of a link of known length. */
export const placeOf = (distanceM: number, lengthM: number): Place =>
  placeWithin(distanceM, lengthM, END_SHARE);
