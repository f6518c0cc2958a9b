/** A mixed integer programme: columns with a cost and bounds, rows with sums between bounds. */
export interface Programme {
  readonly columns: readonly Column[];
  readonly rows: readonly Row[];
}

export interface Column {
  readonly cost: number;
  readonly least: number;
  readonly most: number;
  readonly isWhole: boolean;
}

/** Of the columns by their number. */
export interface Row {
  readonly least: number;
  readonly most: number;
  readonly terms: readonly (readonly [column: number, factor: number])[];
}

export interface Minimised {
  /** Of the columns in their order; null where nothing was found in time, or nothing can be. */
  readonly values: Float64Array | null;
  /** Nothing costs less than this. */
  readonly bound: number;
  readonly proven: boolean;
}

/**
 * Finds the values of a programme’s columns that cost least, and how little anything could cost, in so many seconds at
 * most. It is given by whoever has a solver.
 *
 * @param start values that keep all rows, to be better than
 */
export type Minimise = (
  programme: Programme,
  start: Float64Array,
  seconds: number,
) => Promise<Minimised>;
