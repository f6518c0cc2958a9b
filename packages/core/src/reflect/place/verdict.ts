import { lengthOf, type Link } from '../../link';
import { NOTHING, type Message } from '../../message';
import { WITHIN_95 } from '../../units';
import { tell, type FarEnd, type PlaceKind } from './messages';
import type { Seen } from './on-link';

/** Where on a link an event lies. Both plugs are places of their own. */
export type Whereabouts = 'near-plug' | 'route' | 'far-plug' | 'beyond' | 'unknown';

type Kind = PlaceKind;
type Event = Seen & { readonly kind: Kind; readonly ohm?: number | null };
type Known = Pick<Link, 'lengthM' | 'lengthHow'>;

/** A plug and the cable dressed into it. Generic. */
const PLUG_M = 0.06;

/** How far from the far end an event may lie and still be there, to 95 %. */
function slackM({ distanceM }: Seen, link: Known): number | null {
  const length = lengthOf(link);
  return length && PLUG_M + WITHIN_95 * Math.hypot(distanceM.u, length.u);
}

/** Which place of a link an event belongs to, as well as its distance and the length are known. */
export function whereabouts(event: Seen, link: Known): Whereabouts {
  const { value, u } = event.distanceM;
  const [length, slack] = [lengthOf(link), slackM(event, link)];
  if (length && slack !== null && Math.abs(value - length.value) <= slack) return 'far-plug';
  if (length && slack !== null && value > length.value + slack) return 'beyond';
  if (value < PLUG_M + WITHIN_95 * u) return 'near-plug';
  return length ? 'route' : 'unknown';
}

const HOLDS: Readonly<Record<FarEnd, Kind | null>> = {
  unsaid: null,
  open: 'open',
  terminated: 'matched',
  short: 'short',
};

/** Whether an event is nothing but what the far end is said to hold. */
export const isGoodEnd = (event: Event, link: Known, farEnd: FarEnd): boolean =>
  whereabouts(event, link) === 'far-plug' && event.kind === HOLDS[farEnd];

export interface Verdict {
  readonly where: Whereabouts;
  readonly whole: boolean;
  /** What it is and where. */
  readonly sentence: Message;
  /** What it means there, or what would tell more; nothing where there is no more to say. */
  readonly why: Message;
}

/**
 * What an event says of a link: its kind, its place, and what it can't tell apart. The cable is only called
 * whole where the far end shows what it is said to hold, and the length is known well enough to tell that end
 * from a cut before it.
 *
 * @param scaled whether the distances were scaled by this very end: then it can't show that it is the end
 */
export function verdictOf(
  { kind, distanceM, ...event }: Event,
  link: Known,
  farEnd: FarEnd,
  scaled = false,
): Verdict {
  const seen = { ...event, distanceM };
  const where = whereabouts(seen, link);
  const withinM = slackM(seen, link) ?? 0;
  const said = (sentence: Message, why: Message = NOTHING, whole = false): Verdict => ({
    where,
    whole,
    sentence,
    why,
  });
  if (where === 'near-plug')
    return said(
      tell('trace-near-plug', { kind, distanceM, withinM: PLUG_M + WITHIN_95 * distanceM.u }),
      tell('trace-near-plug-why', { kind }),
    );
  if (where === 'beyond') return said(tell('trace-behind-end', { kind, distanceM }));
  if (where !== 'far-plug') return said(tell('trace-at', { kind, distanceM }));
  if (kind !== HOLDS[farEnd])
    return said(
      tell('trace-far-plug', { kind, distanceM, withinM }),
      tell('trace-far-plug-why', { kind, farEnd }),
    );
  if (scaled)
    return said(tell('trace-known-end', { kind, distanceM }), tell('trace-known-end-why', {}));
  return withinM <= WHOLE_WITHIN_M
    ? said(tell('trace-whole', { distanceM }), tell('trace-whole-why', { withinM }), true)
    : said(
        tell('trace-end-or-before', { kind, distanceM, withinM }),
        tell('trace-end-or-before-why', { how: link.lengthHow ?? 'scheduled', withinM }),
      );
}

/** Told within this, a far end is told from a cut before it well enough to call the cable whole. Generic. */
const WHOLE_WITHIN_M = 0.6;
