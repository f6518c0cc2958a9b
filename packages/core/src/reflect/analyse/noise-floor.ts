/** What stands before a launch. */
export interface Quiet {
  readonly baselineV: number;
  /** Root mean square about it. */
  readonly spread: number;
  /** The least step between two samples' values; 0 where there is none to be seen. */
  readonly quantumV: number;
  /** Standard deviation of one sample, with what rounding hides of it. */
  readonly noiseV: number;
}

const ENOUGH_SAMPLES = 24;

/** @param before of the samples, those before the launch; rough: the noise by neighbours' differences */
export function noiseFloor(
  before: Float64Array,
  all: Float64Array,
  range: number,
  rough: number,
): Quiet {
  const baselineV = meanOf(before);
  const quantumV = quantumOf(all);
  const spread = Math.sqrt(
    before.reduce((sum, v) => sum + (v - baselineV) ** 2, 0) / before.length,
  );
  const stirred = Math.sqrt(Math.max(0, spread * spread - quantumV ** 2 / 12));
  const noiseV = Math.max(
    before.length >= ENOUGH_SAMPLES ? spread : Math.max(spread, rough),
    // What rounding alone leaves.
    quantumV / Math.sqrt(12),
    Math.hypot(spread, roundingBias(quantumV, stirred) * Math.sqrt(ALIKE_SAMPLES)),
    range * 1e-6,
  );
  return { baselineV, spread, quantumV, noiseV };
}

/** Samples on a level that are rounded alike where noise does not stir them. */
const ALIKE_SAMPLES = 30;

/**
 * What rounding leaves in the mean of a level, root mean square over levels: the first harmonic of the
 * converter's staircase, which noise blurs.
 *
 * Source: Fourier series of the sawtooth that rounding adds, averaged over Gaussian noise.
 */
function roundingBias(quantum: number, noise: number): number {
  if (quantum === 0) return 0;
  return (quantum / (Math.PI * Math.SQRT2)) * Math.exp(-2 * (Math.PI * (noise / quantum)) ** 2);
}

/** Noise by the differences of neighbours, of which few are edges. */
export function roughNoise(volts: Float64Array): number {
  const step = Math.max(1, Math.floor(volts.length / 20_000));
  const differences: number[] = [];
  for (let n = 0; n + 1 < volts.length; n += step)
    differences.push(Math.abs((volts[n + 1] as number) - (volts[n] as number)));
  differences.sort((a, b) => a - b);
  const kept = differences.slice(0, Math.max(4, Math.floor(differences.length * 0.8)));
  const meanSquare = kept.reduce((sum, one) => sum + one * one, 0) / kept.length;
  // Of a bell's four fifths nearest to its middle, the mean square is 0.44 of the whole.
  return Math.sqrt(meanSquare / 0.437 / 2);
}

function meanOf(volts: Float64Array): number {
  let sum = 0;
  for (const volt of volts) sum += volt;
  return sum / volts.length;
}

/** The least step between values, where the record has few of them. */
function quantumOf(volts: Float64Array): number {
  const step = Math.max(1, Math.floor(volts.length / 8192));
  const seen = new Set<number>();
  for (let n = 0; n < volts.length; n += step) {
    seen.add(volts[n] as number);
    if (seen.size > 4096) return 0;
  }
  const sorted = [...seen].sort((a, b) => a - b);
  let least = Infinity;
  const range = (sorted.at(-1) ?? 0) - (sorted[0] ?? 0);
  for (let n = 1; n < sorted.length; n += 1) {
    const gap = (sorted[n] as number) - (sorted[n - 1] as number);
    // Two spellings of one value are not a step.
    if (gap > range * 1e-5 && gap < least) least = gap;
  }
  // A converter's steps come again and again; a smooth record has none.
  return Number.isFinite(least) && sorted.length < volts.length / step / 2 ? least : 0;
}
