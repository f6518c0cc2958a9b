import type { Minimise } from '@near-spoke/core/plan/cut';
import loadHighs, { type Highs } from 'highs';

let loading: Promise<Highs> | null = null;
const highs = (): Promise<Highs> => (loading ??= loadHighs());

/** Of `primal_solution_status`. */
const FEASIBLE = 2;
/** Costs nearer than this are alike. */
const SAME_COST = 1e-4;

/** By HiGHS, loaded once it is asked for. */
export const minimise: Minimise = async ({ columns, rows }, start, seconds) => {
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
    model.setSolution({ colValue: start });
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
};
