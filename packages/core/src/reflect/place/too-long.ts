import { lengthOf, type Link } from '../../link';
import { WITHIN_95, formatDistance, type Uncertain, type UnitSystem } from '../../units';
import type { Seen } from './on-link';

/**
 * An end that shows behind the link's own far end, in a sentence with what that makes of a place before it:
 * the velocity factor or the length is wrong, and the place as much as the end. Null where it does not.
 *
 * @param placeM of what is asked for, by the same velocity factor; null where nothing lies before the end
 */
export function tooLong(
  { distanceM, end }: Seen,
  placeM: Uncertain | null,
  velocityFactor: number,
  link: Pick<Link, 'lengthM' | 'lengthHow'>,
  units: UnitSystem = 'metric',
): string | null {
  const length = lengthOf(link);
  if (!end || !length) return null;
  const over = distanceM.value - length.value;
  if (over < WITHIN_95 * Math.hypot(distanceM.u, length.u)) return null;
  const share = length.value / distanceM.value;
  const told = (metres: number) => formatDistance(metres, units);
  const place = placeM
    ? ` If the length is right, ${told(placeM.value)} is ${told(share * placeM.value)} and the velocity factor ${(share * velocityFactor).toFixed(3)}.`
    : '';
  return `The end shows at ${told(distanceM.value)}, and this link is told as ${told(length.value)} long: the length or the velocity factor is wrong, or the trace is of another cable.${place} Find out which before anything is opened.`;
}
