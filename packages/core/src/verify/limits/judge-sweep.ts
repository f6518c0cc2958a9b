import type { Complex, Touchstone } from '../../formats';
import {
  MOST_MHZ,
  heatFactor,
  limitDb,
  type LimitClass,
  type LimitKind,
  type Parameter,
  type Warmth,
} from './class-limits';

/** What was measured of one parameter, dB as losses are told: positive. */
export interface Sweep {
  readonly name: string;
  readonly parameter: Parameter;
  readonly points: readonly { readonly mhz: number; readonly db: number }[];
}

export interface JudgedSweep extends Sweep {
  readonly pass: boolean | null;
  /** The point nearest to its limit, or farthest beyond; null when none lies in the class’s range. */
  readonly worst: {
    readonly mhz: number;
    readonly db: number;
    readonly limitDb: number;
    readonly marginDb: number;
  } | null;
  readonly sentence: string;
}

const lossDb = ({ re, im }: Complex): number =>
  -20 * Math.log10(Math.max(1e-12, Math.hypot(re, im)));

/** What the entries of a matrix are: of two ports a pair from end to end; of four, two pairs. */
const ENTRIES: Readonly<Record<number, readonly (readonly [string, Parameter, number, number])[]>> =
  {
    1: [['Return loss', 'return-loss', 0, 0]],
    2: [
      ['Insertion loss', 'insertion-loss', 1, 0],
      ['Return loss, near', 'return-loss', 0, 0],
      ['Return loss, far', 'return-loss', 1, 1],
    ],
    4: [
      ['Insertion loss, first pair', 'insertion-loss', 2, 0],
      ['Insertion loss, second pair', 'insertion-loss', 3, 1],
      ['NEXT, near', 'next', 1, 0],
      ['NEXT, far', 'next', 3, 2],
      ['Return loss, first pair, near', 'return-loss', 0, 0],
      ['Return loss, second pair, near', 'return-loss', 1, 1],
      ['Return loss, first pair, far', 'return-loss', 2, 2],
      ['Return loss, second pair, far', 'return-loss', 3, 3],
    ],
  };

/**
 * The sweeps in a matrix. Two ports are one pair, near and far. Four are two pairs: ports 1 and 2
 * their near ends, 3 and 4 their far ends, in this order.
 */
export function sweepsOf({ ports, points }: Touchstone): Sweep[] {
  return (ENTRIES[ports] ?? []).map(([name, parameter, row, column]) => ({
    name,
    parameter,
    points: points.map(({ hz, s }) => ({
      mhz: hz / 1e6,
      db: lossDb(s[row]?.[column] ?? { re: 0, im: 0 }),
    })),
  }));
}

/** Below this insertion loss return loss is not judged: 3 dB. Source: ISO/IEC 11801-1. */
const RETURN_COUNTS_FROM_DB = 3;

/**
 * A sweep against the limit of a class, with its worst margin and where that is. The limit holds on
 * the hottest day, so insertion loss is told as it will be then.
 *
 * @param loss of the same pair, which says from where on its return loss counts
 */
export function judgeSweep(
  sweep: Sweep,
  name: LimitClass,
  kind: LimitKind,
  { measuredC, hottestC, shielded }: Warmth,
  loss: Sweep | null = null,
): JudgedSweep {
  const hotter =
    sweep.parameter === 'insertion-loss'
      ? heatFactor(hottestC, shielded) / heatFactor(measuredC, shielded)
      : 1;
  const lossAt = new Map(loss?.points.map(({ mhz, db }) => [mhz, db]));
  let worst: JudgedSweep['worst'] = null;
  for (const { mhz, db: measured } of sweep.points) {
    const limit = limitDb(sweep.parameter, name, kind, mhz);
    if (limit === null) continue;
    if (
      sweep.parameter === 'return-loss' &&
      (lossAt.get(mhz) ?? RETURN_COUNTS_FROM_DB) < RETURN_COUNTS_FROM_DB
    )
      continue;
    const db = measured * hotter;
    const marginDb = sweep.parameter === 'insertion-loss' ? limit - db : db - limit;
    if (!worst || marginDb < worst.marginDb) worst = { mhz, db, limitDb: limit, marginDb };
  }
  const covered = sweep.points.at(-1)?.mhz ?? 0;
  const told = worst
    ? `${sweep.name}: ${worst.marginDb >= 0 ? `${worst.marginDb.toFixed(1)} dB to spare` : `${(-worst.marginDb).toFixed(1)} dB short`} at ${Number(worst.mhz.toPrecision(4))} MHz.`
    : `${sweep.name}: nothing in the range of this class was measured.`;
  const short =
    worst && covered < MOST_MHZ[name] * 0.999
      ? ` Measured up to ${Number(covered.toPrecision(4))} of ${MOST_MHZ[name]} MHz: what lies above is not known.`
      : '';
  return { ...sweep, pass: worst ? worst.marginDb >= 0 : null, worst, sentence: told + short };
}
