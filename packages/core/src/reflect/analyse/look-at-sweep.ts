import { LOSSLESS } from '../line/line';
import { bandsOf, peaksOf, type Band } from './first-echo';
import { noiseOf } from './sweep-noise';

/** What a plain look at a sweep makes of it. */
export interface SweepLooked {
  /** There and back, from the port. */
  readonly delayS: number;
  /** Share that comes back, with all that the cable took of it; nothing tells which way round. */
  readonly size: number;
  /** How far it is smeared: what the part of the band resolves in which it stands out. */
  readonly smearedS: number;
}

/** Nothing is known of a line yet. */
const NO_LINE = { impedanceOhm: 1, loss: LOSSLESS, changes: [] };
/** Within so many resolutions of one that was seen more finely, it is the same. */
const SAME = 1.5;

/**
 * The echoes that stand out in a reflection, in its whole band or in a lower part of it; in order of delay.
 *
 * @param values all real parts, then all imaginary ones
 */
export function lookAtSweep(hz: readonly number[], values: Float64Array): SweepLooked[] {
  const bands = bandsOf(hz);
  const sd = noiseOf(bands[0] as Band, values);
  const nothing = new Float64Array(values.length);
  const seen: SweepLooked[] = [];
  for (const band of bands)
    for (const { delayS, size } of peaksOf(band, values, nothing, sd, NO_LINE))
      if (seen.every((one) => Math.abs(one.delayS - delayS) > SAME * band.resolutionS))
        seen.push({ delayS, size, smearedS: band.resolutionS });
  return seen.sort((a, b) => a.delayS - b.delayS);
}
