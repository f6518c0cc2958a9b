import { gridOf, sizeFor, type Grid } from './grid';
import { launchSpectrum, type Launch } from './launch';
import type { Line } from './line';
import { inputImpedance, type InputImpedance } from './input-impedance';
import { keepMedia } from './medium';
import { times } from './plane';
import { teeShare, valueOf, type Tee } from './ratio';

/** Edges with fewer samples than this would ring: the line is worked out on a finer grid. */
const SAMPLES_AN_EDGE = 3;

export interface Timebase {
  readonly samples: number;
  readonly intervalS: number;
  /** Of the first sample. */
  readonly fromS: number;
}

const finerBy = (intervalS: number, riseS: number): number =>
  Math.max(1, Math.ceil((SAMPLES_AN_EDGE * intervalS) / riseS));

/** Samples of the inner grid by which a trace is worked out: what it costs. */
export const innerSamples = ({
  samples,
  intervalS,
  riseS,
}: Pick<Timebase, 'samples' | 'intervalS'> & { readonly riseS: number }): number =>
  samples * finerBy(intervalS, riseS);

/**
 * The volts at the tee, sample by sample: launch, echoes and all that goes to and fro.
 *
 * @param riseS the launch's 10 to 90 % rise, by which the inner grid is chosen
 */
export function traceOf(
  line: Line,
  launch: Launch,
  tee: Tee,
  base: Timebase,
  riseS: number,
): Float64Array {
  const finer = finerBy(base.intervalS, riseS);
  const grid: Grid = gridOf(sizeFor(base.samples * finer * 1.25), base.intervalS / finer);
  const source = launchSpectrum({ ...launch, atS: launch.atS - base.fromS }, grid.plane);
  const seen = inputImpedance(line, keepMedia(grid.plane)).near[0] as InputImpedance;
  const volts = new Float64Array(grid.size);
  grid.toTime(times(source, valueOf(teeShare(tee), seen, grid.plane)), null, volts, null);
  return Float64Array.from({ length: base.samples }, (_, n) => volts[n * finer] as number);
}
