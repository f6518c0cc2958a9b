import { LuDecomposition, Matrix } from 'ml-matrix';
import type { Uncertain } from '../../units';
import { betweenSamples } from './between-samples';

/** A stretch of one record, in samples. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** How a stretch of one record lies over another. */
export interface LaidOver {
  /** Samples that it comes later there. */
  readonly later: Uncertain;
  /** How many times as high it is there. */
  readonly times: number;
  /** Volts that stand under it there. */
  readonly levelV: number;
  /** Root mean square of what is left between the two. */
  readonly leftV: number;
}

const LEAST_SAMPLES = 8;
const MOST_ROUNDS = 20;
/** A step as small as that of a sample is the last. */
const SETTLED = 1e-4;
/** With a smaller share of it moving, a stretch says nothing of when it comes. */
const FLAT = 1e-12;

/**
 * Lays a stretch of one record over another of the same interval: later by how many samples, times what, on what
 * level, by least squares after Gauss and Newton. What both records have in common cancels: form of the launch,
 * input and cable.
 *
 * @param startLater where to begin, in samples
 * @param sd of one sample of either record, by its noise; what is left over counts where it is more
 * @returns null where the stretch is flat, or the two do not come to lie over each other
 */
export function laidOver(
  before: Float64Array,
  now: Float64Array,
  { from, to }: Stretch,
  startLater: number,
  sd: number,
): LaidOver | null {
  const first = Math.max(0, Math.floor(from));
  const last = Math.min(before.length, Math.ceil(to));
  const count = last - first;
  if (count < LEAST_SAMPLES) return null;
  const after = betweenSamples(now);
  // now(n + later) = level + times · before(n): what is between samples is taken of now.
  let [later, times, level] = [startLater, 1, 0];
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const normal = Matrix.zeros(3, 3);
    const right = Matrix.zeros(3, 1);
    let squares = 0;
    for (let n = first; n < last; n += 1) {
      const was = before[n] as number;
      const left = after.at(n + later) - level - times * was;
      const row = [-after.slopeAt(n + later), was, 1];
      squares += left * left;
      for (let a = 0; a < 3; a += 1) {
        right.set(a, 0, right.get(a, 0) + (row[a] as number) * left);
        for (let b = 0; b < 3; b += 1)
          normal.set(a, b, normal.get(a, b) + (row[a] as number) * (row[b] as number));
      }
    }
    if (normal.get(0, 0) < FLAT * squares || normal.get(0, 0) === 0) return null;
    const step = solved(normal, right);
    if (!step) return null;
    later += step.get(0, 0);
    times += step.get(1, 0);
    level += step.get(2, 0);
    if (Math.abs(later - startLater) > count) return null;
    if (Math.abs(step.get(0, 0)) < SETTLED) {
      const leftV = Math.sqrt(squares / count);
      const spread = solved(normal, Matrix.eye(3));
      // Noise of both records stands between the two.
      const u =
        Math.max(leftV, Math.hypot(1, times) * sd) * Math.sqrt(spread?.get(0, 0) ?? Infinity);
      return { later: { value: later, u }, times, levelV: level, leftV };
    }
  }
  return null;
}

/** Null of what is singular. */
function solved(normal: Matrix, right: Matrix): Matrix | null {
  const parts = new LuDecomposition(normal);
  return parts.isSingular() ? null : parts.solve(right);
}
