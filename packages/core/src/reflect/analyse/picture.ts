import type { Touchstone } from '../../formats/captures';
import { traceOf } from '../line/respond';
import type { Analysis } from './analysis';
import { echoTransform } from './echoes';
import { lineOf, type GuessedLine } from './guess';

/** A curve to draw beside what was measured: times there and back from the launch, and heights. */
export interface Curve {
  readonly delayS: readonly number[];
  readonly values: readonly number[];
}

const MOST_POINTS = 3000;

/**
 * What an explained trace would look like on another line, with its own launch, source and scope.
 *
 * @returns null for a sweep
 */
export function predictedCurve(analysis: Analysis, line: GuessedLine): Curve | null {
  const { trace } = analysis;
  if (!trace) return null;
  const { guess } = trace;
  const fromS = -0.04 * analysis.rangeS;
  const spanS = analysis.rangeS - fromS;
  // Points enough for the launch's edge, and no more than can be drawn.
  const samples = Math.min(MOST_POINTS, Math.ceil((4 * spanS) / trace.riseS));
  const intervalS = spanS / samples;
  const volts = traceOf(
    lineOf(line),
    { ...guess.launch, atS: 0 },
    guess.tee,
    { samples, intervalS, fromS },
    trace.riseS,
  );
  return {
    delayS: Array.from({ length: samples }, (_, n) => fromS + n * intervalS),
    values: Array.from(volts, (volt) => volt + guess.offsetV),
  };
}

/** The line that a link should be: its own cable to an open far end. */
export function goodLine(analysis: Analysis, lengthDelayS: number): GuessedLine | null {
  const line = analysis.trace?.guess.line;
  return line
    ? { ...line, changes: [{ kind: 'end', delayS: lengthDelayS, size: 1, stubS: 0 }] }
    : null;
}

/** Sizes of echoes over their delays, of a sweep's own reflection. */
export function sweepCurve({ points }: Touchstone): Curve {
  const hz = points.map((point) => point.hz);
  const spanHz = (hz.at(-1) ?? 1) - (hz[0] ?? 0);
  const values = new Float64Array(2 * hz.length);
  points.forEach((point, k) => {
    values[k] = point.s[0]?.[0]?.re ?? 0;
    values[hz.length + k] = point.s[0]?.[0]?.im ?? 0;
  });
  const { delaysS, sizes } = echoTransform(hz.length, spanHz / (hz.length - 1)).echoesOf(values);
  return { delayS: [...delaysS], values: [...sizes] };
}
