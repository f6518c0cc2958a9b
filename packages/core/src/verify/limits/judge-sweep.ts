import type { Complex, Touchstone } from '../../formats';
import type { End } from '../../link';
import type { Message } from '../../message';
import {
  MOST_MHZ,
  heatFactor,
  limitDb,
  type LimitSet,
  type Parameter,
  type Warmth,
} from './class-limits';
import { tell } from './messages';

/** What was measured of one parameter, dB as losses are told: positive. */
export interface Sweep {
  readonly name: Message;
  readonly parameter: Parameter;
  /** Pairs that it is about, where that is known, from 0. */
  readonly pairs?: readonly number[];
  readonly points: readonly { readonly mhz: number; readonly db: number }[];
}

export interface JudgedSweep extends Sweep {
  /** Null where nothing lies beyond the limit and not all of the class's range was measured. */
  readonly pass: boolean | null;
  /** The point nearest to its limit, or farthest beyond; null when none lies in the class’s range. */
  readonly worst: {
    readonly mhz: number;
    readonly db: number;
    readonly limitDb: number;
    readonly marginDb: number;
  } | null;
  readonly sentence: Message;
}

const decibels = (ratio: number): number => -20 * Math.log10(Math.max(1e-12, ratio));
const size = ({ re, im }: Complex): number => Math.hypot(re, im);

type Matrix = Touchstone['points'][number]['s'];

interface Entry {
  readonly name: Message;
  readonly parameter: Parameter;
  readonly pairs: readonly number[];
  readonly db: (matrix: Matrix) => number;
}

/** What stands in a matrix of so many pairs: their near ends come first, their far ends after them. */
function entriesOf(count: number): Entry[] {
  const all = [...Array(count).keys()];
  const named = (
    parameter: Parameter,
    pairs: readonly number[],
    end: End | null = null,
    from: number | null = null,
  ) => tell('sweep', { parameter, pairs, end, from });
  const alone = (pair: number) => (count === 1 ? [] : [pair]);
  const at = (matrix: Matrix, to: number, from: number) =>
    size(matrix[to]?.[from] ?? { re: 0, im: 0 });
  const side = { near: 0, far: count } as const;
  const ends = ['near', 'far'] as const;
  const others = (pair: number) => all.filter((other) => other !== pair);
  const power = (ratios: readonly number[]) => Math.hypot(...ratios);
  const loss = (matrix: Matrix, pair: number) => decibels(at(matrix, count + pair, pair));
  return [
    ...all.map((pair): Entry => ({
      name: named('insertion-loss', alone(pair)),
      parameter: 'insertion-loss',
      pairs: [pair],
      db: (matrix) => loss(matrix, pair),
    })),
    ...ends.flatMap((end) =>
      all.flatMap((a) =>
        all.slice(a + 1).map((b): Entry => ({
          name: named('next', count > 2 ? [a, b] : [], end),
          parameter: 'next',
          pairs: [a, b],
          db: (matrix) => decibels(at(matrix, side[end] + b, side[end] + a)),
        })),
      ),
    ),
    ...all.flatMap((to) =>
      others(to).map((from): Entry => ({
        name: named('acr-f', [to], null, from),
        parameter: 'acr-f',
        pairs: [to],
        db: (matrix) => decibels(at(matrix, count + to, from)) - loss(matrix, to),
      })),
    ),
    // Power sums are of all the others: only a matrix of four pairs has them.
    ...(count === 4 ? all : []).flatMap((to): Entry[] => [
      ...ends.map((end): Entry => ({
        name: named('ps-next', alone(to), end),
        parameter: 'ps-next',
        pairs: [to],
        db: (matrix) =>
          decibels(power(others(to).map((from) => at(matrix, side[end] + to, side[end] + from)))),
      })),
      {
        name: named('ps-acr-f', alone(to)),
        parameter: 'ps-acr-f',
        pairs: [to],
        db: (matrix) =>
          decibels(power(others(to).map((from) => at(matrix, count + to, from)))) -
          loss(matrix, to),
      },
    ]),
    ...all.flatMap((pair) =>
      ends.map((end): Entry => ({
        name: named('return-loss', alone(pair), end),
        parameter: 'return-loss',
        pairs: [pair],
        db: (matrix) => decibels(at(matrix, side[end] + pair, side[end] + pair)),
      })),
    ),
  ];
}

const ONE_PORT: readonly Entry[] = [
  {
    name: tell('sweep', { parameter: 'return-loss', pairs: [], end: null, from: null }),
    parameter: 'return-loss',
    pairs: [0],
    db: (matrix) => decibels(size(matrix[0]?.[0] ?? { re: 0, im: 0 })),
  },
];

/**
 * The sweeps in a matrix: of two, four or eight ports one, two or four pairs, first their near ends,
 * then their far ends in the same order.
 */
export function sweepsOf({ ports, points }: Touchstone): Sweep[] {
  const entries = ports === 1 ? ONE_PORT : [2, 4, 8].includes(ports) ? entriesOf(ports / 2) : [];
  return entries.map(({ name, parameter, pairs, db }) => ({
    name,
    parameter,
    pairs,
    points: points.map(({ hz, s }) => ({ mhz: hz / 1e6, db: db(s) })),
  }));
}

/**
 * Below this insertion loss of the same pair a parameter is told for information alone, dB. Source:
 * ISO/IEC 11801-1; for categories all is judged.
 */
const COUNTS_FROM_DB: Readonly<Partial<Record<Parameter, number>>> = {
  'return-loss': 3,
  next: 4,
  'ps-next': 4,
};

/** How far from the ends of a class's range a sweep may begin and end. */
const NEARLY = 0.001;

/**
 * A sweep against the limit of a class, with its worst margin and where that is. The limit holds on
 * the hottest day, so insertion loss is told as it will be then.
 *
 * @param losses of the same pairs, which say from where on a parameter counts
 */
export function judgeSweep(
  sweep: Sweep,
  limits: LimitSet,
  { measuredC, hottestC, shielded }: Warmth,
  losses: readonly Sweep[] = [],
): JudgedSweep {
  const hotter =
    sweep.parameter === 'insertion-loss'
      ? heatFactor(hottestC, shielded) / heatFactor(measuredC, shielded)
      : 1;
  const countsFrom = limits.standard === 'iso' ? (COUNTS_FROM_DB[sweep.parameter] ?? 0) : 0;
  const lossAt = new Map<number, number>();
  for (const { points } of losses)
    for (const { mhz, db } of points) lossAt.set(mhz, Math.max(db, lossAt.get(mhz) ?? 0));
  let worst: JudgedSweep['worst'] = null;
  for (const { mhz, db: measured } of sweep.points) {
    const limit = limitDb(sweep.parameter, limits, mhz);
    if (limit === null || (lossAt.get(mhz) ?? countsFrom) < countsFrom) continue;
    const db = measured * hotter;
    const marginDb = sweep.parameter === 'insertion-loss' ? limit - db : db - limit;
    if (!worst || marginDb < worst.marginDb) worst = { mhz, db, limitDb: limit, marginDb };
  }
  const gaps = unmeasured(sweep, limits);
  const isWhole = gaps.belowMhz === null && gaps.aboveMhz === null;
  const meets = worst !== null && worst.marginDb >= 0;
  return {
    ...sweep,
    pass: worst === null || (meets && !isWhole) ? null : meets,
    worst,
    sentence: worst
      ? tell('sweep-judged', {
          name: sweep.name,
          marginDb: worst.marginDb,
          mhz: worst.mhz,
          ...gaps,
        })
      : tell('sweep-outside', { name: sweep.name, limit: limitName(limits) }),
  };
}

/** "Class E_A", "Category 6A". */
export const limitName = ({ standard, name }: Pick<LimitSet, 'standard' | 'name'>) =>
  tell('limit-name', { standard, class: name });

/** Which part of a class's range was not measured: below and above which frequency. */
function unmeasured({ points }: Sweep, { name }: LimitSet) {
  const [first, last] = [points[0]?.mhz ?? 0, points.at(-1)?.mhz ?? 0];
  return {
    belowMhz: first > 1 + NEARLY ? first : null,
    aboveMhz: last < MOST_MHZ[name] * (1 - NEARLY) ? last : null,
  };
}
