import { lengthOf, type Link } from '../../link';
import type { Message } from '../../message';
import { WITHIN_95, type Uncertain } from '../../units';
import { tell } from './messages';
import type { Seen } from './on-link';

/**
 * An end that shows behind the link's own far end, with what that makes of a place before it:
 * the velocity factor or the length is wrong, and the place as much as the end. Null where it does not.
 *
 * @param placeM of what is asked for, by the same velocity factor; null where nothing lies before the end
 */
export function tooLong(
  { distanceM, end }: Seen,
  placeM: Uncertain | null,
  velocityFactor: number,
  link: Pick<Link, 'lengthM' | 'lengthHow'>,
): Message | null {
  const length = lengthOf(link);
  if (!end || !length) return null;
  const over = distanceM.value - length.value;
  if (over < WITHIN_95 * Math.hypot(distanceM.u, length.u)) return null;
  const share = length.value / distanceM.value;
  return tell('place-too-long', {
    endM: distanceM.value,
    lengthM: length.value,
    place: placeM && {
      atM: placeM.value,
      wouldBeM: share * placeM.value,
      velocityFactor: share * velocityFactor,
    },
  });
}
