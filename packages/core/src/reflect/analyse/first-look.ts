import type { Capture } from '../../formats/captures';
import type { Uncertain } from '../../units';
import { ANY_VELOCITY, type Told } from '../told';
import { distanceOf } from '../hand';
import { LEAST_POINTS } from './analyse-sweep';
import { benchTrace } from './bench-trace';
import { lookAtSweep, type SweepLooked } from './look-at-sweep';
import { lookAtTrace, type Looked } from './look-at-trace';
import { launchCut, survey, type Survey } from './survey';
import { unevenPoint } from './uneven-point';

/** Where something comes back from, seen without explaining it. */
export interface FirstPlace {
  /** There and back. */
  readonly delayS: Uncertain;
  readonly distanceM: Uncertain;
  /** Which way round: of a sweep nothing tells it. */
  readonly kind: 'rise' | 'drop' | 'something';
  /** Share of what was sent that comes back, of a trace with skin effect undone; no sign where none is told. */
  readonly size: number;
}

/** What a file shows at once, before it is explained. */
export interface FirstLook {
  readonly places: readonly FirstPlace[];
  /** Half way up the launch, by the instrument’s clock; 0 of a sweep. */
  readonly launchAtS: number;
  /** How far the record reaches, there and back. */
  readonly rangeS: number;
}

/**
 * Standard uncertainties of a delay that nothing explains: shares of an edge, of how far the echo is
 * smeared, and of a pulse. By bench:look, the captures of another model: 95 of 100 lie within twice that.
 */
const TRACE_U = { edges: 0.45, smears: 1.6, widths: 0.06 };
const SWEEP_U = 0.4;
/** Where the range cut the launch off, nobody knows half of what height it is: so many edges more. */
const CUT_EDGES = 0.8;
/** More would be told than anybody reads. */
const MOST_PLACES = 12;

/**
 * What a capture shows at a first look, in a small part of the time that it takes to be explained: each
 * place where something comes back. An echo’s echo is a place like any other, and no kind is told.
 *
 * @returns null of what can’t be analysed: see analyse for why
 */
export function firstLook(capture: Capture, told: Told): FirstLook | null {
  const velocityFactor = told.velocityFactor ?? ANY_VELOCITY;
  const placed = (
    delayS: number,
    u: number,
    kind: FirstPlace['kind'],
    size: number,
  ): FirstPlace => ({
    delayS: { value: delayS, u },
    distanceM: distanceOf({ value: delayS, u }, velocityFactor),
    kind,
    size,
  });
  if (capture.kind === 'sweep') {
    const { points, ports } = capture.network;
    const hz = points.map((point) => point.hz);
    const stepHz = ((hz.at(-1) ?? 0) - (hz[0] ?? 0)) / (hz.length - 1);
    if (ports > 2 || points.length < LEAST_POINTS || !(stepHz > 0) || unevenPoint(hz) >= 0)
      return null;
    const part = (of: 're' | 'im') => points.map((point) => point.s[0]?.[0]?.[of] ?? 0);
    const seen = lookAtSweep(hz, Float64Array.from([...part('re'), ...part('im')]));
    return {
      places: greatest(seen).map(({ delayS, size, smearedS }) =>
        placed(delayS, SWEEP_U * smearedS, 'something', size),
      ),
      launchAtS: 0,
      rangeS: 1 / stepHz,
    };
  }
  const { trace } = capture;
  const surveyed = survey(trace);
  if (!surveyed.ok) return null;
  const { riseS, atS, widthS, baselineV } = surveyed.survey;
  const bench = benchTrace(trace, surveyed.survey, Math.max(riseS, 0.8 * trace.intervalS));
  const kind = launchKind(surveyed.survey, told);
  const seen = lookAtTrace(bench, { kind, atS: atS - bench.fromS, widthS, baselineV });
  const cut = launchCut(surveyed.survey, trace.intervalS);
  // Where a launch stands at the rail, what would come back on top of it is cut off too.
  if (cut && seen.length === 0) return null;
  return {
    places: greatest(seen, riseS).map(({ delayS, size, smearedS }) =>
      placed(
        delayS,
        Math.hypot(
          (TRACE_U.edges + (cut ? CUT_EDGES : 0)) * riseS,
          TRACE_U.smears * smearedS,
          kind === 'pulse' ? TRACE_U.widths * (widthS ?? 0) : 0,
        ),
        size > 0 ? 'rise' : 'drop',
        size,
      ),
    ),
    launchAtS: atS,
    rangeS: trace.volts.length * trace.intervalS + trace.fromS - atS,
  };
}

const launchKind = ({ widthS }: Survey, { pulse, pulseWidthS }: Told): 'pulse' | 'step' =>
  pulse !== 'auto' ? pulse : widthS === null && pulseWidthS === null ? 'step' : 'pulse';

/** The greatest few, in the order of their delays; what lies within another’s own smear is part of it. */
function greatest<One extends Looked | SweepLooked>(all: readonly One[], edgeS = 0): One[] {
  return [...all]
    .sort((a, b) => Math.abs(b.size) - Math.abs(a.size))
    .reduce<One[]>(
      (kept, one) =>
        kept.some(
          (other) =>
            Math.abs(other.delayS - one.delayS) < edgeS + Math.max(one.smearedS, other.smearedS),
        )
          ? kept
          : [...kept, one],
      [],
    )
    .slice(0, MOST_PLACES)
    .sort((a, b) => a.delayS - b.delayS);
}
