import { lengthOf, type Link, type Waypoint } from '../../link';
import type { Uncertain } from '../../units';
import { placeOnRoute, type Place, type RoutePoint } from './place';

/** What a point of a route is known to, metres, where nothing else is told: a tape along a wall. Generic. */
export const POINT_U_M = 0.1;

/** What an event tells of where it is. */
export interface Seen {
  readonly distanceM: Uncertain;
  readonly end: boolean;
}

const routePoint = ({ name, atM, extraM = 0 }: Waypoint): RoutePoint => ({
  name,
  atM: { value: atM, u: POINT_U_M },
  extraM,
});

/** Where on a link something lies that was seen at a distance; see placeOnRoute. */
export function placeOnLink(
  { distanceM }: Seen,
  delayShareM: number,
  link: Pick<Link, 'lengthM' | 'lengthHow' | 'route'>,
): Place {
  return placeOnRoute(
    distanceM,
    Math.min(delayShareM, distanceM.u),
    link.route.map(routePoint),
    lengthOf(link),
  );
}
