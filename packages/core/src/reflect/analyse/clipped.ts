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
  const leastRun = leastRunOf(noise, quantum, volts.length);
  const runs: ClippedRun[] = [];
  for (const rail of [least, most]) {
    let from = -1;
    for (let n = 0; n <= volts.length; n += 1) {
      const at = n < volts.length && Math.abs((volts[n] as number) - rail) < (most - least) * 1e-6;
      if (at && from < 0) from = n;
      if (!at && from >= 0) {
        if (n - from >= leastRun) runs.push({ from, to: n, volts: rail });
        from = -1;
      }
    }
  }
  return runs.sort((a, b) => a.from - b.from);
}

/** As seldom may chance make a run of a whole record. */
const BY_CHANCE = 1e-3;

/**
 * How many samples of one value in a row noise hardly makes anywhere in a record.
 *
 * Source: of Gaussian noise no level has more than its width times the density in the middle.
 */
function leastRunOf(noise: number, quantum: number, count: number): number {
  const onALevel = quantum / (noise * Math.sqrt(2 * Math.PI));
  return onALevel > 0
    ? Math.max(LEAST_RUN, Math.ceil(Math.log(BY_CHANCE / count) / Math.log(onALevel)))
    : LEAST_RUN;
}
