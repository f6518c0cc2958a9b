import type { BenchTrace } from './bench-trace';
import { matchedEchoes, type MatchedEcho } from './matched-filter';

/** What a plain look at a trace makes of it. */
export interface Looked {
  /** There and back, from the launch. */
  readonly delayS: number;
  /** Share of the launch that comes back, with what skin effect took of it undone. */
  readonly size: number;
  /** How far it is smeared. */
  readonly smearedS: number;
}

/** The launch, when it is over, and what it is. */
export interface LaunchSeen {
  readonly kind: 'pulse' | 'step';
  /** Half way up, on the bench's own time. */
  readonly atS: number;
  /** Of a pulse. */
  readonly widthS: number | null;
  readonly baselineV: number;
}

/** More samples than these are taken together: a first look need not be finer. */
const MOST_SAMPLES = 8192;
/** So many edges before the launch's middle, and behind its end, are of it. */
const EDGES = { before: 4, behind: 4 };
/** From so many edges behind the launch on, echoes are told from it. */
const APART_EDGES = 2;
/** A smaller share of the launch is not told. */
export const LEAST_SEEN = 0.02;

/**
 * What comes back of a launch, by a filter matched to it.
 *
 * @param left what is looked through: the trace itself, or what an explanation leaves of it
 */
export function lookAtTrace(
  bench: BenchTrace,
  launch: LaunchSeen,
  left: Float64Array | null = null,
  fromS = 0,
): Looked[] {
  const folded = Math.ceil(bench.count / MOST_SAMPLES);
  const intervalS = folded * bench.intervalS;
  const record = foldedBy(levelled(bench.measured.values, launch.baselineV), folded);
  const edge = Math.max(1, Math.round(bench.edge / folded));
  const at = launch.atS / intervalS - (folded - 1) / (2 * folded);
  const first = Math.max(0, Math.floor(at - EDGES.before * edge));
  const width = launch.kind === 'pulse' ? (launch.widthS ?? 0) / intervalS : 0;
  const end = Math.ceil(at + width + EDGES.behind * edge);
  const searched = {
    sent: record.slice(first, end + 1),
    sentAt: first,
    edge,
    through: launch.kind === 'pulse' ? ('level' as const) : ('slope' as const),
    sd: bench.sd / Math.sqrt(folded),
    from: Math.max(width + APART_EDGES * edge, fromS / intervalS),
    least: LEAST_SEEN,
  };
  const values = left ? withLaunch(foldedBy(left, folded), searched.sent, first) : record;
  return matchedEchoes({ ...searched, values }).map(
    ({ later, size, smeared }: MatchedEcho): Looked => ({
      delayS: later * intervalS,
      size,
      smearedS: smeared * intervalS,
    }),
  );
}

const levelled = (values: Float64Array, baselineV: number) =>
  values.map((volt) => volt - baselineV);

/** What is left over, and the launch that its echoes are told by: it goes on as high as that ends. */
function withLaunch(left: Float64Array, sent: Float64Array, at: number): Float64Array {
  const level = sent.at(-1) ?? 0;
  return left.map((volt, n) => sent[n - at] ?? (n < at ? volt : volt + level));
}

function foldedBy(values: Float64Array, by: number): Float64Array {
  if (by === 1) return values;
  return Float64Array.from({ length: Math.floor(values.length / by) }, (_, n) => {
    let sum = 0;
    for (let m = n * by; m < (n + 1) * by; m += 1) sum += values[m] as number;
    return sum / by;
  });
}
