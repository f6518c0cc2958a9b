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
}

export interface Place extends Point {
  readonly id: string;
  readonly heightM: number;
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
