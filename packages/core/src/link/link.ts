import type { CableId, ConnectorId, SchemeId } from '../catalogue';

export type End = 'near' | 'far';
export const ENDS: readonly End[] = ['near', 'far'];

export interface LinkEnd {
  readonly place: string;
  readonly connector: ConnectorId;
  readonly scheme: SchemeId;
}

/** Something the cable passes, at a distance from the near end along the cable. */
export interface Waypoint {
  readonly name: string;
  readonly atM: number;
}

/** The one model: two ends, a cable between them, a route and an intended wiring. */
export interface Link {
  readonly label: string;
  /** The cabinet or room that the link starts from. */
  readonly hub: string;
  readonly near: LinkEnd;
  readonly far: LinkEnd;
  readonly cable: CableId;
  /** As scheduled or measured by the user; null while nobody knows. */
  readonly lengthM: number | null;
  readonly route: readonly Waypoint[];
  readonly note: string;
}
