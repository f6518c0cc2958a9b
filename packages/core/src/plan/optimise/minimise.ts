import loadHighs, { type Highs } from 'highs';

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

let loading: Promise<Highs> | null = null;
const highs = (): Promise<Highs> => (loading ??= loadHighs());

/** Of `primal_solution_status`. */
const FEASIBLE = 2;
/** Costs nearer than this are alike. */
const SAME_COST = 1e-4;

/**
 * The values of a programme’s columns that cost least, and how little anything could cost.
 *
 * @param start values that keep all rows, to be better than; none where none are known
 * @param seconds at most
 */
export async function minimise(
  { columns, rows }: Programme,
  start: Float64Array | null,
  seconds: number,
): Promise<Minimised> {
  const solver = await highs();
  const starts = [0];
  const indices: number[] = [];
  const values: number[] = [];
  for (const { terms } of rows) {
    for (const [column, factor] of terms) {
      indices.push(column);
      values.push(factor);
    }
    starts.push(indices.length);
  }
  const model = solver.createModel({
    numCols: columns.length,
    numRows: rows.length,
    colCost: columns.map(({ cost }) => cost),
    colLower: columns.map(({ least }) => least),
    colUpper: columns.map(({ most }) => most),
    rowLower: rows.map(({ least }) => least),
    rowUpper: rows.map(({ most }) => most),
    matrix: {
      format: 'csr',
      numRows: rows.length,
      numCols: columns.length,
      starts,
      indices,
      values,
    },
    integrality: columns.map(({ isWhole }) => (isWhole ? 1 : 0)),
  });
  try {
    model.options.set({
      output_flag: false,
      time_limit: seconds,
      mip_rel_gap: 0,
      mip_abs_gap: SAME_COST,
    });
    if (start) model.setSolution({ colValue: start });
    model.run();
    const { optimal, infeasible } = solver.constants.modelStatus;
    const status = model.getModelStatus();
    if (status === infeasible) return { values: null, bound: Infinity, proven: true };
    const isFound = model.info.get('primal_solution_status') === FEASIBLE;
    return {
      values: isFound ? model.getSolution().colValue : null,
      bound: Number(model.info.get('mip_dual_bound')),
      proven: status === optimal,
    };
  } finally {
    model.dispose();
  }
}
