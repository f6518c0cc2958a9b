import type { Trace } from '../../formats/captures';
import type { Message } from '../../message';
import { clippedRuns, type ClippedRun } from './clipped';
import { tell } from './messages';
import { noiseFloor, roughNoise } from './noise-floor';

/** What can be seen of a trace without explaining it. */
export interface Survey {
  readonly baselineV: number;
  /** Standard deviation of one sample, by what stands before the launch. */
  readonly noiseV: number;
  /** The least step between two samples' values; 0 where there is none to be seen. */
  readonly quantumV: number;
  /** Height of the launch over the baseline. */
  readonly launchV: number;
  /** Half way up its first edge, after the instrument's clock. */
  readonly atS: number;
  readonly riseS: number;
  /** Until it is half way down again; null where it does not come down. */
  readonly widthS: number | null;
  /** First sample that belongs to the launch. */
  readonly launchIndex: number;
  readonly clipped: readonly ClippedRun[];
}

export type Surveyed =
  | { readonly ok: true; readonly survey: Survey }
  | { readonly ok: false; readonly sample: number; readonly reason: Message };

const LEAST_SAMPLES = 32;
const LEAST_BEFORE = 6;
/** The level before the launch is looked up in so many: in more, the launch itself may stand. */
const HEAD_SAMPLES = 12;
/** A launch stands out by so many times the noise, or there is none. */
const STANDS_OUT = 8;
/** Of the whole range, what the launch's edge crosses first. */
const CROSSING = 0.15;

/**
 * The launch of a trace, its baseline and its noise.
 *
 * Refuses what has too few samples, nothing that stands out, or no baseline before the launch.
 */
export function survey({ volts, intervalS, fromS }: Trace): Surveyed {
  const count = volts.length;
  if (count < LEAST_SAMPLES) return no(0, tell('too-few-samples', { count, least: LEAST_SAMPLES }));
  let [least, most] = [Infinity, -Infinity];
  for (const volt of volts) {
    if (volt < least) least = volt;
    if (volt > most) most = volt;
  }
  const range = most - least;
  if (!(range > 0)) return no(0, tell('all-samples-alike', {}));
  const rough = roughNoise(volts);
  if (range < STANDS_OUT * rough) return no(0, tell('no-launch-in-noise', {}));
  const head = medianOf(volts, 0, HEAD_SAMPLES);
  const crossing = Math.max(CROSSING * range, Math.min(STANDS_OUT * rough, range / 2));
  let cross = -1;
  for (let n = 0; n < count - 1; n += 1)
    if (
      Math.abs((volts[n] as number) - head) > crossing &&
      Math.abs((volts[n + 1] as number) - head) > crossing * 0.7
    ) {
      cross = n;
      break;
    }
  if (cross < 0) return no(0, tell('no-launch-rises', {}));
  // The edge may have begun a little before.
  const slope = edgeLength(volts, cross, head);
  const launchIndex = cross - slope.before;
  if (launchIndex < LEAST_BEFORE)
    return no(launchIndex < 0 ? 0 : launchIndex, tell('launch-at-start', {}));
  const before = volts.subarray(0, Math.max(LEAST_BEFORE, launchIndex - slope.before));
  const {
    baselineV,
    quantumV,
    spread,
    noiseV: measuredV,
  } = noiseFloor(before, volts, range, rough);
  const edge = firstEdge(volts, cross, slope, baselineV, measuredV);
  // Quieter than a model of cables can be right is of no use.
  const noiseV = Math.max(measuredV, MODEL_SHARE * Math.abs(edge.launchV));
  const fall = fallAfter(volts, edge.top, baselineV, edge.launchV);
  return {
    ok: true,
    survey: {
      baselineV,
      noiseV,
      quantumV,
      launchV: edge.launchV,
      atS: fromS + edge.half * intervalS,
      riseS: Math.max(edge.rise, 0.8) * intervalS,
      widthS: fall === null ? null : (fall - edge.half) * intervalS,
      launchIndex,
      clipped: clippedRuns(volts, {
        least,
        most,
        noise: spread,
        quantum: quantumV,
        rise: edge.rise,
        over: fall === null ? edge.top : fall + edge.rise,
      }),
    },
  };
}

const no = (sample: number, reason: Message): Surveyed => ({ ok: false, sample, reason });

/** Of the launch: what a model of line, source and scope can’t tell better, at any one sample. */
const MODEL_SHARE = 0.0015;

function medianOf(volts: Float64Array, from: number, to: number): number {
  const sorted = volts.slice(from, to).sort();
  return sorted[sorted.length >> 1] ?? 0;
}

/** How far the edge around a crossing reaches to both sides, in samples: until it hardly slopes. */
function edgeLength(volts: Float64Array, cross: number, base: number) {
  const height = Math.abs((volts[cross] as number) - base);
  let before = 0;
  while (before < cross && Math.abs((volts[cross - before] as number) - base) > 0.1 * height)
    before += 1;
  return { before: before + 2 };
}

/** The first edge: where it stands half way, how long it takes from 10 to 90 %, and how high it goes. */
function firstEdge(
  volts: Float64Array,
  cross: number,
  slope: { readonly before: number },
  base: number,
  noise: number,
) {
  const sign = Math.sign((volts[cross] as number) - base);
  const up = (n: number) =>
    sign * ((volts[Math.min(volts.length - 1, Math.max(0, n))] as number) - base);
  // Up the edge until a stretch of it brings nothing more.
  let top = cross;
  let stretch = Math.max(2, slope.before);
  for (;;) {
    const now = mean(up, top, Math.max(1, stretch >> 1));
    const next = mean(up, top + stretch, Math.max(1, stretch >> 1));
    if (next - now < Math.max(0.04 * now, 2 * noise) || top + stretch >= volts.length) break;
    top += Math.max(1, stretch >> 1);
    stretch = Math.max(stretch, (top - cross) >> 2);
  }
  const high = Math.max(mean(up, top, Math.max(1, stretch >> 1)), up(top), up(top + 1));
  const level = (share: number) => {
    let n = cross - slope.before;
    while (n < top && up(n) < share * high) n += 1;
    const [lower, upper] = [up(n - 1), up(n)];
    return (
      n -
      1 +
      (upper > lower ? Math.min(1, Math.max(0, (share * high - lower) / (upper - lower))) : 1)
    );
  };
  const rise = level(0.9) - level(0.1);
  return { half: level(0.5), rise, launchV: sign * high, top };
}

function mean(of: (n: number) => number, from: number, count: number): number {
  let sum = 0;
  for (let n = from; n < from + count; n += 1) sum += of(n);
  return sum / count;
}

/** Where it is half way down again and stays so for a while; null where it never is. */
function fallAfter(volts: Float64Array, top: number, base: number, launchV: number): number | null {
  const up = (n: number) => ((volts[n] as number) - base) / launchV;
  for (let n = top; n + 2 < volts.length; n += 1)
    if (up(n) < 0.5 && up(n + 1) < 0.4 && up(n + 2) < 0.35) {
      const before = n > 0 ? up(n - 1) : 1;
      return n - 1 + (before > up(n) ? (before - 0.5) / (before - up(n)) : 0.5);
    }
  return null;
}

/** So many rises behind its width, a launch is over. */
const OVER_RISES = 3;

/** What the instrument’s range cut off of the launch; null where it is whole. */
export function launchCut(
  { clipped, widthS, riseS, launchIndex }: Survey,
  intervalS: number,
): ClippedRun | null {
  const [cut] = clipped;
  const longS = (widthS ?? 0) + OVER_RISES * riseS;
  return cut && cut.from < launchIndex + longS / intervalS ? cut : null;
}
