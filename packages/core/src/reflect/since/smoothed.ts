/** A bell of one sample's deviation. */
const BELL = [1, 4, 6, 4, 1].map((weight) => weight / 16);
const REACH = 2;

/**
 * A record smoothed by a bell of a sample. What stands between samples is a mean of some of them and has less noise
 * than they have; of a smoothed record it has about as much, so that noise pulls nothing to where there is less.
 */
export const smoothed = (volts: Float64Array): Float64Array =>
  volts.map((_, n) =>
    BELL.reduce(
      (sum, weight, k) =>
        sum + weight * (volts[Math.min(volts.length - 1, Math.max(0, n + k - REACH))] as number),
      0,
    ),
  );
