import { pairsOf } from '../../link';
import { tell } from '../messages';
import { lengthEntry, pairItems } from './length-entry';
import { NEVER_SEEN, NOT_LIVE, testerClass } from './tester-class';

/** How far such a length may be off, of the length: cables of one kind differ so much. Generic. */
const OFF_SHARE = 0.1;

/**
 * A length by capacitance, as many continuity testers show it: what a pair has over what a metre has. It reaches
 * to where a conductor of the pair is broken; of a shorted pair it shows that it is, and no length.
 */
export const CAPACITANCE = testerClass({
  id: 'capacitance',
  name: 'Length by capacitance, as continuity testers show it',
  short: 'Capacitance',
  method: 'lengths',
  subject: 'any',
  how: 'Shows of each pair how far it reaches, the far end open; of a shorted pair no more than that it is.',
  far: 'nothing',
  minutes: 0.7,
  blindTo: [...NEVER_SEEN],
  shows: 'by-scan',
  isOnLive: false,
  caution: NOT_LIVE,
  put: { moved: 'moved' },
  isWatched: false,
  seesJoints: false,
  tellsPlaces: true,
  isWhole: true,
  opensEnd: false,
  fits: ({ near }) => pairsOf(near).length > 0,
  observe: (_, link) => ({
    method: 'lengths',
    pairs: link.pairEnds().map((end) => (end.shows === 'short' ? { ...end, place: null } : end)),
  }),
  procedure: () => [{ tester: 'capacitance', moved: null }],
  candidates: () => [{ tester: 'capacitance', moved: null }],
  order: () => tell('order-capacitance', {}),
  items: (_, shown) => pairItems(shown),
  entry: lengthEntry({ shareOfLength: OFF_SHARE, tellsWhereShort: false }),
});
