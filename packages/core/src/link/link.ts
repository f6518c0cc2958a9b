import {
  BUILT_IN,
  DEFAULT_SCHOOLS,
  chosenSchools,
  type CableId,
  type Catalogue,
  type ConductorId,
  type Contact,
  type ConnectorId,
  type Jacket,
  type SchemeId,
  type SchoolChoices,
  type Schools,
} from '../catalogue';
import type { UnitSystem } from '../units';
import type { LengthHow } from './length';

export type End = 'near' | 'far';
export const ENDS: readonly End[] = ['near', 'far'];

export interface LinkEnd {
  readonly place: string;
  readonly connector: ConnectorId;
  /** Which order an eight-contact connector follows; others have one order only. */
  readonly scheme: SchemeId;
}

/** Something the cable passes, at a distance from the near end along the cable. */
export interface Waypoint {
  readonly name: string;
  readonly atM: number;
  /** Cable that is wound up here, or goes up and down, before it goes on: a slack loop, a drop. */
  readonly extraM?: number | undefined;
}

/** Which core is on which contact of each end, in the order of the contacts. */
export type Pinout = Readonly<Record<End, readonly Pin[]>>;

/** A contact, the core on it, and what that core looks like at this end where that was measured to differ. */
export type Pin = readonly [contact: Contact, core: ConductorId, looks?: ConductorId];

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
  /** As scheduled, if nothing else is said. */
  readonly lengthHow?: LengthHow | undefined;
  readonly route: readonly Waypoint[];
  /** The harshest place that the route passes. */
  readonly environment: Jacket;
  /** Where this link differs from its job. */
  readonly schools: SchoolChoices;
  readonly note: string;
  /** Of an adapter, instead of a scheme. */
  readonly pinout?: Pinout | null;
}

/** What every link of a job shares: the parts that can be named, and the choices made for it. */
export interface Job {
  readonly catalogue: Catalogue;
  readonly schools: SchoolChoices;
  /** How sizes are told. */
  readonly units: UnitSystem;
}

/** A job with the built-in parts and the usual choices. */
export const PLAIN_JOB: Job = { catalogue: BUILT_IN, schools: {}, units: 'metric' };

/** What holds for a link: its own choices before the job's. */
export function schoolsOf(link: Pick<Link, 'schools'>, job: Job): Schools {
  return Object.keys(link.schools).length + Object.keys(job.schools).length === 0
    ? DEFAULT_SCHOOLS
    : chosenSchools(job.schools, link.schools);
}
