import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import type { Guess } from './guess';
import type { Parameter } from './parameter';

/** What a guess predicts, over the residuals' places, and how it changes with each parameter. */
export interface Prediction {
  /** The first so many of them. */
  readonly values: (guess: Guess, count: number) => Float64Array;
  /** By each parameter's scale, so that they are all of about one size. */
  readonly jacobian: (
    guess: Guess,
    parameters: readonly Parameter[],
    count: number,
  ) => Float64Array[];
  /** What an echo alone predicts, as it would be so much later: about, as it would be smeared a little more. */
  readonly later: (echo: Float64Array, byS: number) => Float64Array;
}

/** What was measured: each with one over its standard deviation; nothing where it does not count. */
export interface Measured {
  readonly values: Float64Array;
  readonly weights: Float64Array;
  /** The places in use: from, and up to. */
  readonly from: number;
  readonly to: number;
}

export interface Fit {
  readonly guess: Guess;
  /** Sum of squares of the residuals over their standard deviations, without what the priors add. */
  readonly chi2: number;
  readonly count: number;
  /** With what the priors add. */
  readonly cost: number;
  readonly parameters: readonly Parameter[];
  /** Of the parameters in their order, for a noise as told; null where they could not be told apart. Few are asked. */
  readonly covariance: () => Matrix | null;
}

/** How hard a fit is tried. */
export interface Pains {
  readonly rounds: number;
  /** A step that gains less than this, in squares of standard deviations, is the last. */
  readonly leastGain: number;
  /** Or less than this share of what a fit is off by beyond noise: it will not come right any more. */
  readonly leastShare: number;
  /** What costs more than this is not asked for: a fit that comes no nearer to it is given up. */
  readonly mostCost?: number | undefined;
}
/** Further than so many of its scales nothing moves at once: so far off, slopes tell nothing. */
const MOST_STEP = 6;
/** So many rounds in a row that gain less than this share of what is still too much are enough to give up. */
const POOR_ROUNDS = 3;
const POOR_SHARE = 0.2;
/** While a search finds its way: kinds differ by more than this leaves. */
export const SEARCHING: Pains = { rounds: 12, leastGain: 0.3, leastShare: 0.01 };
/** For what is told: what is left changes nothing. */
export const WEIGHING: Pains = { rounds: 25, leastGain: 0.02, leastShare: 0 };

/**
 * The guess nearest to what was measured: Gauss and Newton's steps, damped after Levenberg and Marquardt,
 * each parameter in units of its own scale and within its bounds.
 */
export function fitGuess(
  start: Guess,
  parameters: readonly Parameter[],
  measured: Measured,
  prediction: Prediction,
  { rounds, leastGain, leastShare, mostCost = Infinity }: Pains,
): Fit {
  let guess = start;
  let now = costOf(guess, parameters, measured, prediction.values(guess, measured.to));
  let damping = 1e-3;
  let normal = null as Normal | null;
  let poor = 0;
  for (let round = 0; round < rounds; round += 1) {
    normal ??= normalOf(guess, parameters, measured, prediction, now.residuals);
    const room = parameters.map(({ get, least, most, scale }) => ({
      down: Math.max(-MOST_STEP, (least - get(guess)) / scale),
      up: Math.min(MOST_STEP, (most - get(guess)) / scale),
    }));
    const step = solveStep(normal, damping, room);
    if (!step) {
      damping *= 10;
      if (damping > 1e8) break;
      continue;
    }
    let next = guess;
    let moved = 0;
    for (const [index, parameter] of parameters.entries()) {
      const value = parameter.get(guess) + (step[index] as number) * parameter.scale;
      const bounded = Math.min(parameter.most, Math.max(parameter.least, value));
      moved = Math.max(moved, Math.abs(bounded - parameter.get(guess)) / parameter.scale);
      next = parameter.set(next, bounded);
    }
    const then = costOf(next, parameters, measured, prediction.values(next, measured.to));
    const tooMuch = now.cost - mostCost;
    poor = tooMuch > 0 && now.cost - then.cost < POOR_SHARE * tooMuch ? poor + 1 : 0;
    if (then.cost <= now.cost) {
      const gain = now.cost - then.cost;
      [guess, now] = [next, then];
      normal = null;
      damping = Math.max(1e-9, damping / 8);
      const off = leastShare * (now.cost - now.count);
      if (gain < Math.max(leastGain, off) || moved < 1e-5) break;
    } else {
      if (moved < 1e-6) break;
      damping *= 8;
      if (damping > 1e8) break;
    }
    if (poor >= POOR_ROUNDS) break;
  }
  const found = guess;
  let covariance: Matrix | null | undefined;
  return {
    guess,
    chi2: now.chi2,
    cost: now.cost,
    count: now.count,
    parameters,
    covariance: () =>
      (covariance ??= covarianceOf(
        normal ?? normalOf(found, parameters, measured, prediction, now.residuals),
        parameters,
      )),
  };
}

interface Normal {
  readonly matrix: Matrix;
  readonly gradient: readonly number[];
}

function costOf(
  guess: Guess,
  parameters: readonly Parameter[],
  { values, weights, from, to }: Measured,
  predicted: Float64Array,
) {
  const residuals = new Float64Array(to);
  let chi2 = 0;
  let count = 0;
  for (let n = from; n < to; n += 1) {
    const weight = weights[n] as number;
    if (weight === 0) continue;
    const residual = ((values[n] as number) - (predicted[n] as number)) * weight;
    residuals[n] = residual;
    chi2 += residual * residual;
    count += 1;
  }
  let cost = chi2;
  for (const { prior, get } of parameters)
    if (prior) cost += ((get(guess) - prior.mean) / prior.sd) ** 2;
  return { residuals, chi2, cost: Number.isFinite(cost) ? cost : Infinity, count };
}

function normalOf(
  guess: Guess,
  parameters: readonly Parameter[],
  { weights, from, to }: Measured,
  prediction: Prediction,
  residuals: Float64Array,
): Normal {
  const jacobian = prediction.jacobian(guess, parameters, to);
  const size = parameters.length;
  const matrix = Matrix.zeros(size, size);
  const gradient: number[] = [];
  for (let a = 0; a < size; a += 1) {
    const slope = jacobian[a] as Float64Array;
    const { scale, prior, get } = parameters[a] as Parameter;
    for (let n = from; n < to; n += 1) slope[n] = (slope[n] as number) * (weights[n] as number);
    let sum = 0;
    for (let n = from; n < to; n += 1) sum += (slope[n] as number) * (residuals[n] as number);
    for (let b = 0; b <= a; b += 1) {
      const other = jacobian[b] as Float64Array;
      let product = 0;
      for (let n = from; n < to; n += 1) product += (slope[n] as number) * (other[n] as number);
      matrix.set(a, b, product);
      matrix.set(b, a, product);
    }
    if (prior) {
      matrix.set(a, a, matrix.get(a, a) + (scale / prior.sd) ** 2);
      sum += ((prior.mean - get(guess)) / prior.sd) * (scale / prior.sd);
    }
    gradient.push(sum);
  }
  return { matrix, gradient };
}

/** How far a parameter may still go, in its scale. */
interface Room {
  readonly down: number;
  readonly up: number;
}

/** The damped step. What would leave its bounds goes to them, and the others' steps are worked out with it. */
function solveStep(
  { matrix, gradient }: Normal,
  damping: number,
  room: readonly Room[],
): number[] | null {
  if (!matrix.to1DArray().every(Number.isFinite)) return null;
  const step = gradient.map(() => 0);
  let free = [...gradient.keys()];
  for (let pass = 0; pass <= gradient.length && free.length > 0; pass += 1) {
    const held = [...gradient.keys()].filter((index) => !free.includes(index));
    const damped = new Matrix(
      free.map((a) =>
        free.map((b) => matrix.get(a, b) * (a === b ? 1 + damping : 1) + (a === b ? 1e-12 : 0)),
      ),
    );
    const right = free.map((a) =>
      held.reduce((sum, b) => sum - matrix.get(a, b) * (step[b] as number), gradient[a] as number),
    );
    const cholesky = new CholeskyDecomposition(damped);
    if (!cholesky.isPositiveDefinite()) return null;
    const solved = cholesky.solve(Matrix.columnVector(right)).to1DArray();
    if (!solved.every(Number.isFinite)) return null;
    const inside: number[] = [];
    for (const [place, index] of free.entries()) {
      const { down, up } = room[index] as Room;
      const wanted = solved[place] as number;
      step[index] = Math.min(up, Math.max(down, wanted));
      if (step[index] === wanted) inside.push(index);
    }
    if (inside.length === free.length) return step;
    free = inside;
  }
  return step;
}

function covarianceOf({ matrix }: Normal, parameters: readonly Parameter[]): Matrix | null {
  const size = parameters.length;
  if (!matrix.to1DArray().every(Number.isFinite)) return null;
  const held = matrix.clone();
  for (let index = 0; index < size; index += 1)
    held.set(index, index, held.get(index, index) * (1 + 1e-9) + 1e-12);
  const cholesky = new CholeskyDecomposition(held);
  if (!cholesky.isPositiveDefinite()) return null;
  const inverse = cholesky.solve(Matrix.eye(size));
  for (let a = 0; a < size; a += 1)
    for (let b = 0; b < size; b += 1)
      inverse.set(
        a,
        b,
        inverse.get(a, b) * (parameters[a] as Parameter).scale * (parameters[b] as Parameter).scale,
      );
  return inverse;
}

/** Standard uncertainty of one parameter, by its name; infinite where the fit could not tell. */
export function spreadOf({ parameters, covariance: covarianceOfFit }: Fit, name: string): number {
  const index = parameters.findIndex((parameter) => parameter.name === name);
  if (index < 0) return 0;
  const covariance = covarianceOfFit();
  return covariance ? Math.sqrt(Math.max(0, covariance.get(index, index))) : Infinity;
}

/** Square of how far the residuals are beyond their noise, at least 1: a fit that is off tells less. */
export const reducedChiSquared = ({ chi2, count, parameters }: Fit): number =>
  Math.max(1, chi2 / Math.max(1, count - parameters.length));
