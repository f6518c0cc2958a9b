/** Samples that the instrument's range cut off, from one up to another. */
export interface ClippedRun {
  readonly from: number;
  readonly to: number;
  readonly volts: number;
}

const LEAST_RUN = 6;
/** Noise that is smaller beside a converter's step leaves runs of one value anyway. */
const STIRRED = 0.8;

/** Runs of the very highest or lowest value where noise would have stirred it. */
export function clippedRuns(
  volts: Float64Array,
  least: number,
  most: number,
  noise: number,
  quantum: number,
): ClippedRun[] {
  // Without noise a level is one value anyway.
  if (noise < STIRRED * quantum || noise < 1e-5 * (most - least)) return [];
  const runs: ClippedRun[] = [];
  for (const rail of [least, most]) {
    let from = -1;
    for (let n = 0; n <= volts.length; n += 1) {
      const at = n < volts.length && Math.abs((volts[n] as number) - rail) < (most - least) * 1e-6;
      if (at && from < 0) from = n;
      if (!at && from >= 0) {
        if (n - from >= LEAST_RUN) runs.push({ from, to: n, volts: rail });
        from = -1;
      }
    }
  }
  return runs.sort((a, b) => a.from - b.from);
}
