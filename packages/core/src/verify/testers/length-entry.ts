import { formatLength, parseLength } from '../../units';
import { PLACES, type Place } from '../fault';
import type { Method, ShownBy } from '../shown';
import type { Entry, EntryContext, Item, Parsed } from './tester-class';

/** How near to an end counts as that end besides, metres. Generic. */
const END_BESIDE_M = 0.7;

/** Whether a length reaches to an end or to between, of a link of known length. */
export function placeWithin(distanceM: number, lengthM: number, shareOfLength: number): Place {
  const slackM = END_BESIDE_M + shareOfLength * lengthM;
  if (distanceM >= lengthM - slackM) return 'far';
  return distanceM <= Math.min(slackM, lengthM / 3) ? 'near' : 'cable';
}

/** What is shown of each pair, which only what touches that pair can change. */
export const pairItems = ({ pairs }: ShownBy<'lengths'>): readonly Item[] =>
  pairs.map(({ pair, place, shows }) => ({ tags: [`p:${pair}`], value: `${place ?? ''}${shows}` }));

interface LengthMeter {
  /** How far a length may be off. */
  readonly shareOfLength: number;
  /** Whether the distance to a short is shown, and not only that there is one. */
  readonly tellsWhereShort: boolean;
}

/** A line a pair, with the length that is shown of it. */
export const lengthEntry = (
  meter: LengthMeter,
): Entry<object, ShownBy<Extract<Method, 'lengths'>>> => ({
  kind: 'one-trial',
  lines: ({ pairs }, context) =>
    pairs.map(({ pair }) => ({
      label: `pair ${pair} ends`,
      good: context.lengthM === null ? 'far' : formatLength(context.lengthM, context.units),
      choices: null,
      parse: (text) => lengthShown(text, pair, context, meter),
    })),
  join: (parts) => ({ method: 'lengths', pairs: parts.flatMap(({ pairs }) => pairs) }),
});

/** "31 m", "31 m short", or without a known length a place: "far", "cable short", "near"; "short" alone. */
function lengthShown(
  text: string,
  pair: number,
  { lengthM, units }: EntryContext,
  { shareOfLength, tellsWhereShort }: LengthMeter,
): Parsed<ShownBy<'lengths'>> {
  const short = /\s*\bshort(ed)?$/i;
  const isShort = short.test(text);
  const where = text
    .replace(short, '')
    .replace(/\s*\bopen$/i, '')
    .trim();
  const shown = (place: Place | null): Parsed<ShownBy<'lengths'>> => ({
    ok: true,
    value: {
      method: 'lengths',
      pairs: [{ pair, place, shows: isShort ? 'short' : 'open' }],
    },
  });
  if (isShort && !tellsWhereShort) return shown(null);
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
  return parsed.ok
    ? shown(placeWithin(parsed.lengthM, lengthM, shareOfLength))
    : { ok: false, reason: parsed.reason };
}
