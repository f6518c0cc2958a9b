/** A plan drawing: points in its own units, set to scale by two of them whose distance is known. */
export interface LengthTask {
  readonly scale: { readonly from: Point; readonly to: Point; readonly metres: number };
  readonly ways: readonly Way[];
  readonly places: readonly Place[];
  readonly runs: readonly PlannedRun[];
  /** More than the way takes, at each end. */
  readonly slackM: number;
  /** So far a cable may leave a way to come to its place; the nearest way is taken in any case. */
  readonly reachM: number;
}

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A tray, a riser or a stud, along points with their heights. */
export interface Way {
  readonly id: string;
  readonly points: readonly (Point & { readonly heightM: number })[];
  /** What cables may fill of it; null where nobody knows. */
  readonly areaMm2: number | null;
  /** The sheet that it is drawn on: only what is of one sheet meets. None of a riser, which goes through all. */
  readonly sheet?: string;
}

export interface Place extends Point {
  readonly id: string;
  readonly heightM: number;
  readonly sheet?: string;
}

export interface PlannedRun {
  readonly id: string;
  readonly from: string;
  readonly to: string;
  /** Of its jacket; null where nobody knows. */
  readonly diameterMm: number | null;
}

export interface RunLength {
  readonly id: string;
  /** Null where no way leads there. */
  readonly lengthM: number | null;
  /** The ways that it lies in, in their order. */
  readonly by: readonly string[];
  /** Where it goes, in straight pieces from its start on; empty where no way leads there. */
  readonly legs: readonly Leg[];
}

/** A straight piece of a run, in metres of the building: the drawing’s units times its scale. */
export interface Leg {
  readonly from: Spot;
  readonly to: Spot;
  /** How far from the run’s start it begins, slack not counted. */
  readonly atM: number;
  /** The way that it lies in; null between a way and a place. */
  readonly way: string | null;
}

export const legM = ({ from, to }: Pick<Leg, 'from' | 'to'>): number =>
  Math.hypot(from.x - to.x, from.y - to.y, from.heightM - to.heightM);

/** A point in the building, in metres. */
export interface Spot extends Point {
  readonly heightM: number;
}

export interface WayFill {
  readonly id: string;
  readonly runs: readonly string[];
  /** Share of the area that its cables take; null where either is not known. */
  readonly fill: number | null;
}

export interface Lengths {
  readonly metresPerUnit: number;
  readonly runs: readonly RunLength[];
  readonly ways: readonly WayFill[];
}

/** Why lengths can’t be taken from a drawing. */
export type NoLengths =
  | { readonly kind: 'no-scale' }
  | { readonly kind: 'unknown-place'; readonly run: string; readonly name: string };
