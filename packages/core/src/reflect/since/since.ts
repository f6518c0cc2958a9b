import type { Trace } from '../../formats/captures';
import type { Uncertain } from '../../units';
import { benchTrace } from '../analyse/bench-trace';
import { firstPlaces, type FirstPlace } from '../analyse/first-place';
import { lookAtTrace } from '../analyse/look-at-trace';
import { survey, type Survey } from '../analyse/survey';
import { betweenSamples } from './between-samples';
import { laidOver, type LaidOver } from './laid-over';
import { smoothed } from './smoothed';

/** What two traces of one line, taken with the same launch, leads and settings, tell of each other. */
export interface Since {
  /**
   * How much later an echo comes now, there and back, by its own form in both: what they have in common cancels.
   * Null where the two are not the same echo.
   */
  readonly shiftOf: (wasS: number, isS: number) => Uncertain | null;
  /** Where the one, taken out of the other, leaves something, by the launch of now. */
  readonly changed: readonly FirstPlace[];
}

/** About a launch or an echo, so many of the launch’s edges before it and behind are of its form. */
const EDGES = { before: 3, behind: 6 };
/** A far echo is smeared by the cable: behind it this share of its delay is of it, too. */
const SMEARED = 0.02;
/** An echo that is so many times higher or lower now, or leaves this share of itself, is not the same one. */
const TIMES = [0.4, 2.5] as const;
const LEFT_SHARE = 0.15;
/**
 * What comes from further away is smeared more and by that alone seems later: a share of how far it moved. By the
 * skin effect of a thin pair at a hundred metres; less of anything else.
 */
const MORE_SMEARED = 0.03;
/** Of a delay that nothing explains: shares of an edge, and of how far it is smeared; as of a first look. */
const CHANGED_U = { edges: 0.45, smears: 1.6 };

/** @returns null of what has no launch, or where the launches of the two are not alike */
export function since(before: Trace, now: Trace, velocityFactor: Uncertain): Since | null {
  const was = sampled(before, now.intervalS);
  const [seenWas, seenIs] = [survey(was), survey(now)];
  if (!seenWas.ok || !seenIs.ok) return null;
  const { intervalS } = now;
  const is = seenIs.survey;
  const edge = is.riseS / intervalS;
  const long = (is.widthS ?? 0) / intervalS;
  const at = (trace: Trace, { atS }: Survey) => (atS - trace.fromS) / intervalS;
  const [launchWas, launchIs] = [at(was, seenWas.survey), at(now, is)];
  const sd = Math.max(seenWas.survey.noiseV, is.noiseV);
  const [smoothWas, smoothIs] = [smoothed(was.volts), smoothed(now.volts)];
  const overAt = (sample: number, startLater: number, smeared: number): LaidOver | null =>
    laidOver(
      smoothWas,
      smoothIs,
      {
        from: sample - EDGES.before * edge,
        to: sample + long + EDGES.behind * edge + smeared,
      },
      startLater,
      sd,
    );
  const launch = overAt(launchWas, launchIs - launchWas, 0);
  if (!launch || !isAlike(launch, Math.abs(is.launchV))) return null;
  return {
    shiftOf: (wasS, isS) => {
      const delay = wasS / intervalS;
      const later = launch.later.value + (isS - wasS) / intervalS;
      const echo = overAt(launchWas + delay, later, SMEARED * delay);
      const high = heightOf(was.volts, launchWas + delay, edge + SMEARED * delay);
      if (!echo || !isAlike(echo, high)) return null;
      const byS = (echo.later.value - launch.later.value) * intervalS;
      const u = Math.hypot(echo.later.u, launch.later.u) * intervalS;
      return { value: byS, u: Math.hypot(u, MORE_SMEARED * byS) };
    },
    changed: changedIn(was, now, launch, is, velocityFactor),
  };
}

const isAlike = ({ times, leftV }: LaidOver, highV: number): boolean =>
  times > TIMES[0] && times < TIMES[1] && leftV < LEFT_SHARE * highV;

/** How far a record goes up and down about a sample. */
function heightOf(volts: Float64Array, at: number, reach: number): number {
  const some = volts.subarray(
    Math.max(0, Math.floor(at - reach)),
    Math.min(volts.length, Math.ceil(at + reach) + 1),
  );
  let [least, most] = [Infinity, -Infinity];
  for (const volt of some) [least, most] = [Math.min(least, volt), Math.max(most, volt)];
  return most - least;
}

/** A trace by another interval. */
function sampled(trace: Trace, intervalS: number): Trace {
  const by = intervalS / trace.intervalS;
  if (Math.abs(by - 1) < 1e-9) return trace;
  const between = betweenSamples(trace.volts);
  const count = Math.floor((trace.volts.length - 1) / by) + 1;
  const volts = Float64Array.from({ length: count }, (_, n) => between.at(n * by));
  return { volts, intervalS, fromS: trace.fromS };
}

/** What is left of a trace where an earlier one is taken out of it, laid over it at the launch. */
function changedIn(
  was: Trace,
  now: Trace,
  { later, times, levelV }: LaidOver,
  found: Survey,
  velocityFactor: Uncertain,
): FirstPlace[] {
  const { intervalS } = now;
  const bench = benchTrace(now, found, Math.max(found.riseS, 0.8 * intervalS));
  const between = betweenSamples(was.volts);
  const folded = Math.round(bench.intervalS / intervalS);
  const first = Math.round((bench.fromS - now.fromS) / intervalS - (folded - 1) / 2);
  const end = was.volts.length - 1 + later.value;
  const left = Float64Array.from({ length: bench.count }, (_, m) => {
    let sum = 0;
    for (let n = first + m * folded; n < first + (m + 1) * folded; n += 1)
      // Behind the end of the earlier record nobody knows what was there.
      if (n >= later.value && n <= end)
        sum += (now.volts[n] as number) - times * between.at(n - later.value) - levelV;
    return sum / folded;
  });
  const { atS, widthS, riseS, baselineV } = found;
  const kind = widthS === null ? ('step' as const) : ('pulse' as const);
  const noisier = { ...bench, sd: bench.sd * Math.hypot(1, times) };
  const seen = lookAtTrace(noisier, { kind, atS: atS - bench.fromS, widthS, baselineV }, left);
  return firstPlaces(
    seen,
    velocityFactor,
    riseS,
    (size) => (size > 0 ? 'rise' : 'drop'),
    (smearedS) => Math.hypot(CHANGED_U.edges * riseS, CHANGED_U.smears * smearedS),
  );
}
