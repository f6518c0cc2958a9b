/** Least and greatest of ever longer stretches of a trace, so that any part of it is drawn from few. */
export interface Pyramid {
  readonly volts: Float64Array;
  /** Of each level: least, greatest, least, greatest … of stretches STEP times as long as the last one's. */
  readonly levels: readonly Float32Array[];
}

const STEP = 8;
const LEAST_STRETCHES = 256;

export function pyramidOf(volts: Float64Array): Pyramid {
  const levels: Float32Array[] = [];
  let size = Math.ceil(volts.length / STEP);
  while (size >= LEAST_STRETCHES) {
    const before = levels.at(-1);
    const level = new Float32Array(2 * size);
    for (let n = 0; n < size; n += 1) {
      let [least, most] = [Infinity, -Infinity];
      const end = Math.min((n + 1) * STEP, before ? before.length / 2 : volts.length);
      for (let m = n * STEP; m < end; m += 1) {
        least = Math.min(least, (before ? before[2 * m] : volts[m]) as number);
        most = Math.max(most, (before ? before[2 * m + 1] : volts[m]) as number);
      }
      level[2 * n] = least;
      level[2 * n + 1] = most;
    }
    levels.push(level);
    size = Math.ceil(size / STEP);
  }
  return { volts, levels };
}

export interface Point {
  readonly sample: number;
  readonly volt: number;
}

/**
 * A part of a trace in at most so many columns: its samples where there are few, else the least and the
 * greatest of each column, so that no spike is lost.
 */
export function partOf(
  { volts, levels }: Pyramid,
  from: number,
  to: number,
  columns: number,
): Point[] {
  const first = Math.max(0, Math.floor(from));
  const last = Math.min(volts.length, Math.ceil(to));
  const perColumn = (last - first) / columns;
  if (perColumn <= 2)
    return Array.from({ length: Math.max(0, last - first) }, (_, n) => ({
      sample: first + n,
      volt: volts[first + n] as number,
    }));
  // The level whose stretches are just shorter than a column.
  const depth = Math.min(levels.length, Math.floor(Math.log(perColumn) / Math.log(STEP)));
  const stretch = STEP ** depth;
  const level = depth > 0 ? levels[depth - 1] : undefined;
  const points: Point[] = [];
  for (let column = 0; column < columns; column += 1) {
    const begin = Math.floor((first + column * perColumn) / stretch);
    const end = Math.max(begin + 1, Math.floor((first + (column + 1) * perColumn) / stretch));
    let [least, most] = [Infinity, -Infinity];
    for (let n = begin; n < end; n += 1) {
      const low = level ? level[2 * n] : volts[n];
      const high = level ? level[2 * n + 1] : volts[n];
      if (low === undefined || high === undefined) break;
      least = Math.min(least, low);
      most = Math.max(most, high);
    }
    if (least > most) continue;
    const sample = first + (column + 0.5) * perColumn;
    points.push({ sample, volt: least });
    if (most > least) points.push({ sample, volt: most });
  }
  return points;
}
