import type { Trace } from '../../formats/captures';
import type { Uncertain } from '../../units';
import type { Told } from '../told';
import { benchTrace } from './bench-trace';
import { firstPlaces, type FirstLook } from './first-place';
import { lookAtTrace } from './look-at-trace';
import { launchCut, survey, type Survey } from './survey';

/**
 * Standard uncertainties of a delay that nothing explains: shares of an edge, of how far the echo is
 * smeared, and of a pulse. By bench:look, the captures of another model: 95 of 100 lie within twice that.
 */
const U = { edges: 0.45, smears: 1.6, widths: 0.06 };
/** Where the range cut the launch off, nobody knows half of what height it is: so many edges more. */
const CUT_EDGES = 0.8;

/** What a trace shows at a first look; null of what can’t be analysed. */
export function firstLookAtTrace(
  trace: Trace,
  told: Told,
  velocityFactor: Uncertain,
): FirstLook | null {
  const surveyed = survey(trace);
  if (!surveyed.ok) return null;
  const { riseS, atS, widthS, baselineV } = surveyed.survey;
  const bench = benchTrace(trace, surveyed.survey, Math.max(riseS, 0.8 * trace.intervalS));
  const kind = launchKind(surveyed.survey, told);
  const seen = lookAtTrace(bench, { kind, atS: atS - bench.fromS, widthS, baselineV });
  const cut = launchCut(surveyed.survey, trace.intervalS);
  // Where a launch stands at the rail, what would come back on top of it is cut off too.
  if (cut && seen.length === 0) return null;
  const ofEdgeS = (U.edges + (cut ? CUT_EDGES : 0)) * riseS;
  const ofPulseS = kind === 'pulse' ? U.widths * (widthS ?? 0) : 0;
  return {
    places: firstPlaces(
      seen,
      velocityFactor,
      riseS,
      (size) => (size > 0 ? 'rise' : 'drop'),
      (smearedS) => Math.hypot(ofEdgeS, U.smears * smearedS, ofPulseS),
    ),
    launchAtS: atS,
    rangeS: trace.volts.length * trace.intervalS + trace.fromS - atS,
  };
}

const launchKind = ({ widthS }: Survey, { pulse, pulseWidthS }: Told): 'pulse' | 'step' =>
  pulse !== 'auto' ? pulse : widthS === null && pulseWidthS === null ? 'step' : 'pulse';
