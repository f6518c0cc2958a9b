import { pairsOf } from '../../link';
import { formatLength, parseLength, type UnitSystem } from '../../units';
import type { PairEnd } from '../circuit/link-under-test';
import { PLACES, type Place } from '../fault';
import type { ShownBy } from '../shown';
import { NEVER_SEEN, testerClass, type Parsed } from './tester-class';

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
  order: () => 'Measure by reflectometry where each pair ends',
  items: (_, { pairs }) =>
    pairs.map(({ pair, place, shows }) => ({ tags: [`p:${pair}`], value: `${place}${shows}` })),
  entry: {
    kind: 'one-trial',
    lines: ({ pairs }, { lengthM, units }) =>
      pairs.map(({ pair }) => ({
        label: `pair ${pair} ends`,
        good: lengthM === null ? 'far' : formatLength(lengthM, units),
        choices: null,
        parse: (text) => lengthShown(text, pair, lengthM, units),
      })),
    join: (parts) => ({ method: 'lengths', pairs: parts.flatMap(({ pairs }) => pairs) }),
  },
});

/** How near to an end counts as that end: of the length, and metres besides. Generic. */
const END_SHARE = 0.06;
const END_BESIDE_M = 0.7;

/** Whether an echo comes from an end or from between, of a link of known length. */
export function placeOf(distanceM: number, lengthM: number): Place {
  const slackM = END_BESIDE_M + END_SHARE * lengthM;
  if (distanceM >= lengthM - slackM) return 'far';
  return distanceM <= Math.min(slackM, lengthM / 3) ? 'near' : 'cable';
}

/** "31 m", "31 m short", or without a known length a place: "far", "cable short", "near". */
function lengthShown(
  text: string,
  pair: number,
  lengthM: number | null,
  units: UnitSystem,
): Parsed<ShownBy<'lengths'>> {
  const short = /\s*\bshort(ed)?$/i;
  const shows: PairEnd['shows'] = short.test(text) ? 'short' : 'open';
  const where = text
    .replace(short, '')
    .replace(/\s*\bopen$/i, '')
    .trim();
  const shown = (place: Place): Parsed<ShownBy<'lengths'>> => ({
    ok: true,
    value: { method: 'lengths', pairs: [{ pair, place, shows }] },
  });
  const place = PLACES.find((name) => name === where.toLowerCase());
  if (place) return shown(place);
  if (lengthM === null)
    return {
      ok: false,
      reason: 'This link’s length is not known. Write near, cable or far, and short if it is.',
    };
  const parsed = parseLength(where, {
    bareUnit: units === 'metric' ? 'm' : 'ft',
    comma: 'decimal',
  });
  return parsed.ok ? shown(placeOf(parsed.lengthM, lengthM)) : { ok: false, reason: parsed.reason };
}
