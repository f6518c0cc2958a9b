import { routeProblems, type Link } from '@near-spoke/core/link';
import { refuse } from '../http/problem-error';

/**
 * Refuses a route that its cable can't take.
 *
 * @throws ProblemError 422 with the path of each waypoint that is wrong
 */
export const refuseRoute = (link: Pick<Link, 'route' | 'lengthM'>): void =>
  refuse(
    routeProblems(link).map(({ index, field, reason }) => ({
      path: `route.${index}.${field}`,
      reason,
    })),
  );
