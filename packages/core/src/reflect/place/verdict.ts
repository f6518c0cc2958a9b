import { lengthOf, type Link } from '../../link';
import { WITHIN_95, formatUncertain, formatWidth, type UnitSystem } from '../../units';
import type { TraceEvent } from '../analyse';
import type { Seen } from './on-link';

/** What a person says is on the far end; nothing of it is taken for granted. */
export const FAR_ENDS = ['unsaid', 'open', 'terminated', 'short'] as const;
export type FarEnd = (typeof FAR_ENDS)[number];

/** Where on a link an event lies. Both plugs are places of their own. */
export type Whereabouts = 'near-plug' | 'route' | 'far-plug' | 'beyond' | 'unknown';

type Kind = TraceEvent['kind'] | 'hand';
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
  /** What it is and where, in one sentence. */
  readonly sentence: string;
  /** What it means there, or what would tell more. */
  readonly why: string;
}

const NAME: Readonly<Record<Kind, string>> = {
  open: 'Open',
  short: 'Short',
  rise: 'Impedance rises',
  drop: 'Impedance drops',
  series: 'Resistance in the way',
  tap: 'Something across',
  matched: 'Nothing comes back',
  hand: 'Your mark',
  ghost: 'A repeat, no place',
};

/** What an event at a plug is, by its kind. */
const AT_PLUG: Readonly<Record<Kind, string>> = {
  open: 'the plug is open',
  short: 'the plug is shorted',
  rise: 'the plug, its untwisted pair or what is plugged in has a higher impedance',
  drop: 'the plug is squeezed or wet, or what is plugged in has a lower impedance',
  series: 'the plug has a poor joint',
  tap: 'the plug leaks, or something is joined across it',
  matched: 'what is plugged in matches the cable',
  hand: 'it lies at the plug',
  ghost: 'it is no place',
};

/** What an event that is not the one said means at the far end, by what is said to be there. */
const OTHERWISE: Readonly<Record<FarEnd, string>> = {
  unsaid: 'Say what is on the far end: then it is told whether this is just that.',
  open: 'It is said to hang open, and this is not an open.',
  terminated: 'It is said to have its terminator, and a terminator gives nothing back.',
  short: 'It is said to be shorted, and this is not a short.',
};

/**
 * What an event says of a link: its kind, its place, and what it can't tell apart. The cable is only called
 * whole where the far end shows what it is said to hold, and the length is known well enough to tell that end
 * from a cut before it.
 *
 * @param scaled whether the distances were scaled by this very end: then it can't show that it is the end
 */
export function verdictOf(
  event: Event,
  link: Known,
  farEnd: FarEnd,
  units: UnitSystem,
  scaled = false,
): Verdict {
  const where = whereabouts(event, link);
  const name = NAME[event.kind];
  const at = formatUncertain(event.distanceM, units);
  const slack = slackM(event, link) ?? 0;
  const width = formatWidth(slack, units);
  if (where === 'near-plug')
    return {
      where,
      whole: false,
      sentence: `${name} at the near end, ${at}: the plug here, or the ${formatWidth(PLUG_M + WITHIN_95 * event.distanceM.u, units)} behind it.`,
      why: `If it is there, ${AT_PLUG[event.kind]}. Remake the near end before anything is opened.`,
    };
  if (where === 'beyond')
    return { where, whole: false, sentence: `${name} at ${at}, behind the far end.`, why: '' };
  if (where !== 'far-plug') return { where, whole: false, sentence: `${name} at ${at}.`, why: '' };
  const good = event.kind === HOLDS[farEnd];
  if (good && scaled)
    return {
      where,
      whole: false,
      sentence: `${name} at ${at}: the end that you took as known.`,
      why: 'The scale was taken from this very end, so a cut before it would look the same. A velocity factor that was measured elsewhere on this cable would tell.',
    };
  if (good && slack <= WHOLE_WITHIN_M)
    return {
      where,
      whole: true,
      sentence: `The cable is whole to its far end, ${at}.`,
      why: `It shows what you say is there. What lies in the last ${width} can’t be told from it.`,
    };
  if (good)
    return {
      where,
      whole: false,
      sentence: `${name} at ${at}: the far end as you say it is, or up to ${width} before it.`,
      why: `The length is ${HOW[link.lengthHow ?? 'scheduled']}: a cut in the last ${width} would look the same. Tape the cable, or measure from the other end too.`,
    };
  return {
    where,
    whole: false,
    sentence: `${name} at the far end, ${at}: the plug, or the ${width} before it.`,
    why: `${OTHERWISE[farEnd]}${farEnd === 'unsaid' ? '' : ` If it is there, ${AT_PLUG[event.kind]}.`}`,
  };
}

/** Told within this, a far end is told from a cut before it well enough to call the cable whole. Generic. */
const WHOLE_WITHIN_M = 0.6;

const HOW = {
  scheduled: 'only scheduled',
  taped: 'taped',
  reflected: 'measured by reflectometry',
} as const;
