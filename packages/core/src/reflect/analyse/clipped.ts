/** Samples that the instrument's range cut off, from one up to another. */
export interface ClippedRun {
  readonly from: number;
  readonly to: number;
  readonly volts: number;
}

const LEAST_RUN = 6;
/** Noise that is smaller beside a converter's step leaves runs of one value anyway. */
const STIRRED = 0.8;

/** What is known of a record before it is looked at for what the range cut off. */
export interface Range {
  readonly least: number;
  readonly most: number;
  readonly noise: number;
  readonly quantum: number;
  /** Of the launch, in samples; and when it is over. */
  readonly rise: number;
  readonly over: number;
}

/**
 * Runs of the very highest or lowest value where noise would have stirred it. Where there is too little noise for
 * that, those behind the launch that an edge runs into at its full slope: what is whole comes to its top slowly.
 */
export function clippedRuns(volts: Float64Array, range: Range): ClippedRun[] {
  const { least, most, noise, quantum } = range;
  const isQuiet = noise < STIRRED * quantum || noise < 1e-5 * (most - least);
  if (isQuiet && range.rise < LEAST_RISE) return [];
  const leastRun = isQuiet ? LEAST_RUN : leastRunOf(noise, quantum, volts.length);
  const runs: ClippedRun[] = [];
  for (const rail of [least, most]) {
    let from = -1;
    for (let n = 0; n <= volts.length; n += 1) {
      const at = n < volts.length && Math.abs((volts[n] as number) - rail) < (most - least) * 1e-6;
      if (at && from < 0) from = n;
      if (!at && from >= 0) {
        const isWhole = isQuiet && (from < range.over || !runsInto(volts, from, range));
        if (n - from >= leastRun && !isWhole) runs.push({ from, to: n, volts: rail });
        from = -1;
      }
    }
  }
  return runs.sort((a, b) => a.from - b.from);
}

/** With a shorter rise there is no telling how an edge comes to its top, in samples. */
const LEAST_RISE = 3;
/**
 * Of an edge's steepest, what one of its last two steps into a rail has at least: the last is cut short wherever the
 * rail lies between two samples. A bell's own last is a tenth.
 */
const FULL_SLOPE = 0.5;

/** Whether an edge runs into a rail at its full slope: by its steepest step shortly before. */
function runsInto(volts: Float64Array, from: number, { rise, quantum }: Range): boolean {
  const step = (n: number) => Math.abs((volts[n] as number) - (volts[n - 1] as number));
  let steepest = 0;
  for (let n = Math.max(1, from - Math.ceil(2 * rise)); n <= from; n += 1)
    steepest = Math.max(steepest, step(n));
  const lastSteps = Math.max(step(from), from > 1 ? step(from - 1) : 0);
  return from > 0 && steepest > 4 * quantum && lastSteps > FULL_SLOPE * steepest;
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
