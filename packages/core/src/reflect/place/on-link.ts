import { SCHEDULED_LENGTH_SHARE, type Link, type Waypoint } from '../../link';
import { WITHIN_95, type Uncertain } from '../../units';
import { placeOnRoute, type Place, type RoutePoint } from './place';

/** What a point of a route is known to, metres, where nothing else is told: a tape along a wall. Generic. */
export const POINT_U_M = 0.1;

/** What an event tells of where it is. */
export interface Seen {
  readonly distanceM: Uncertain;
  readonly end: boolean;
}

/** A link's length with what a schedule is good for; null while it is not known. */
export const scheduledLength = ({ lengthM }: Pick<Link, 'lengthM'>): Uncertain | null =>
  lengthM === null ? null : { value: lengthM, u: SCHEDULED_LENGTH_SHARE * lengthM };

const routePoint = ({ name, atM, extraM = 0 }: Waypoint): RoutePoint => ({
  name,
  atM: { value: atM, u: POINT_U_M },
  extraM,
});

/** Where on a link something lies that was seen at a distance; see placeOnRoute. */
export function placeOnLink(
  { distanceM }: Seen,
  delayShareM: number,
  link: Pick<Link, 'lengthM' | 'route'>,
): Place {
  return placeOnRoute(
    distanceM,
    Math.min(delayShareM, distanceM.u),
    link.route.map(routePoint),
    scheduledLength(link),
  );
}

/** Whether an end is where the link's own far end should be, as well as both are known. */
export function isFarEnd({ distanceM, end }: Seen, link: Pick<Link, 'lengthM'>): boolean {
  const length = scheduledLength(link);
  return (
    end &&
    length !== null &&
    Math.abs(distanceM.value - length.value) < WITHIN_95 * Math.hypot(distanceM.u, length.u)
  );
}
