import type { Waypoint } from './link';

/** Where the cable leaves a point: behind what is wound up there. */
export const leavesAtM = ({ atM, extraM = 0 }: Waypoint): number => atM + extraM;

export interface RouteProblem {
  /** Which waypoint it is about. */
  readonly index: number;
  readonly field: 'name' | 'atM';
  readonly reason: string;
}

/** A route is written as a text: these part waypoints, and a waypoint from where it is. */
const PARTING = /\||@\s*\d/;

/**
 * What is wrong with a route, the same wherever one is told: waypoints run from the near end to the far end,
 * none begins within what is wound up at the one before, and none goes on beyond the far end.
 */
export function routeProblems({
  route,
  lengthM,
}: {
  readonly route: readonly Waypoint[];
  readonly lengthM: number | null;
}): RouteProblem[] {
  return route.flatMap((point, index): RouteProblem[] => {
    const before = route[index - 1];
    const at = (reason: string): RouteProblem[] => [{ index, field: 'atM', reason }];
    if (PARTING.test(point.name))
      return [
        { index, field: 'name', reason: `‘${point.name}’ is no name: write | between waypoints` },
      ];
    if (before && point.atM < before.atM)
      return at(`‘${point.name}’ comes before ‘${before.name}’: list waypoints from the near end`);
    if (before && point.atM < leavesAtM(before))
      return at(`‘${point.name}’ lies within the cable that is wound up at ‘${before.name}’`);
    return lengthM !== null && leavesAtM(point) > lengthM
      ? at(`‘${point.name}’ lies beyond the far end of the cable`)
      : [];
  });
}
