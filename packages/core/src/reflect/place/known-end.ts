import { lengthOf, type Link } from '../../link';
import type { Message } from '../../message';
import { LIGHT_M_S, type Uncertain } from '../../units';
import { tell } from './messages';
import type { Seen } from './on-link';
import { whereabouts } from './verdict';

/** A trace's own end at a length that is known better: what that makes of every distance. */
export interface KnownEnd {
  /** Leads before the cable count as cable: its zero is where the trace's is. */
  readonly velocityFactor: Uncertain;
  readonly sentence: Message;
}

/** Only a length that is known better than the distance is, by so much, is worth scaling by. */
const BETTER = 0.7;

/**
 * What a trace tells for free where its end is the link's own: the velocity factor, 2 L / (c t), and by it
 * every place before the end.
 *
 * @param end the trace's last event, by the velocity factor that the page goes by
 * @param place what is asked for; null where nothing lies before the end
 */
export function knownEnd(
  end: Seen & { readonly delayS: Uncertain },
  place: (Seen & { readonly delayS: Uncertain }) | null,
  link: Pick<Link, 'lengthM' | 'lengthHow'>,
): KnownEnd | null {
  const length = lengthOf(link);
  // A schedule is not a tape: it is no end that anybody knows.
  if (!length || (link.lengthHow ?? 'scheduled') === 'scheduled') return null;
  // An end that lies elsewhere is a cut, and no scale.
  if (!end.end || end.delayS.value <= 0 || whereabouts(end, link) !== 'far-plug') return null;
  const share = {
    length: length.u / length.value,
    distance: end.distanceM.u / end.distanceM.value,
  };
  if (share.length > BETTER * share.distance) return null;
  const value = (2 * length.value) / (LIGHT_M_S * end.delayS.value);
  const velocityFactor = {
    value,
    u: value * Math.hypot(share.length, end.delayS.u / end.delayS.value),
  };
  const before = place && place.delayS !== end.delayS ? place : null;
  const scaled = before && {
    value: (LIGHT_M_S * value * before.delayS.value) / 2,
    u: Math.hypot(
      (share.length * LIGHT_M_S * value * before.delayS.value) / 2,
      (LIGHT_M_S * value * before.delayS.u) / 2,
    ),
  };
  const known =
    before && scaled
      ? { fromM: before.distanceM.value, to: scaled, isEnd: false }
      : { fromM: end.distanceM.value, to: length, isEnd: true };
  return {
    velocityFactor,
    sentence: tell('place-by-known-end', { ...known, velocityFactor: value }),
  };
}
