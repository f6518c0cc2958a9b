import type { Band } from './first-echo';

/** Between two draws of noise a quarter of the echoes is below this, in a part's deviation. */
const LOWER_QUARTER = Math.sqrt(2 * Math.log(4 / 3));
/** No instrument is quieter. */
const LEAST = 1e-5;

/**
 * Deviation of each part of a reflection: most delays of a line hold no echo, so the lower quarter is noise.
 *
 * @param values all real parts, then all imaginary ones
 */
export function noiseOf({ echoesOf, noiseShare }: Band, values: Float64Array): number {
  const { sizes } = echoesOf(values);
  const floor = sizes.slice().sort()[sizes.length >> 2] ?? 0;
  return Math.max(LEAST, floor / LOWER_QUARTER / noiseShare);
}
