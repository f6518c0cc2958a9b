import type { Column, Programme, Row } from '../optimise';
import { SAME_M, type LaidOut } from './laid-out';

/** Reels that are there come first, boxes that may be bought behind them. */
export interface Lengths {
  readonly needsM: readonly number[];
  readonly reelsM: readonly number[];
  readonly owned: number;
  readonly leastRestM: number | null;
  /** How many runs are left out and how many boxes bought, where no plan does with fewer; null where none is sure. */
  readonly sure: { readonly unplaced: number; readonly bought: number } | null;
}

/** A cutting plan as a mixed integer programme. */
export interface CutProgramme {
  readonly programme: Programme;
  /** What each run that is left out costs, and each box that is bought, in metres of waste. */
  readonly costs: { readonly unplaced: number; readonly bought: number };
  readonly valuesOf: (laid: LaidOut) => Float64Array;
  readonly laidBy: (values: Float64Array) => LaidOut;
}

/**
 * Runs of one length count together. Of each length so many on each reel, and so many left out; a reel is opened
 * or not; what is left of it is of use or waste. Fewer runs left out come before fewer boxes bought, those before
 * less waste: each costs more than all that comes behind it can.
 */
export function cutProgramme({ needsM, reelsM, owned, leastRestM, sure }: Lengths): CutProgramme {
  const groups = grouped(needsM);
  const columns: Column[] = [];
  const rows: Row[] = [];
  const column = (one: Column): number => columns.push(one) - 1;
  const bought = sure ? 0 : reelsM.reduce((sum, one) => sum + one, 0) + 1;
  const unplaced = bought * (reelsM.length - owned + 1);
  const costs = { unplaced, bought };
  const left = groups.map(({ runs }) =>
    column({ cost: unplaced, least: 0, most: runs.length, isWhole: true }),
  );
  const laid = groups.map(({ needM, runs }) =>
    reelsM.map((reelM) => {
      const most = Math.min(runs.length, Math.floor((reelM + SAME_M) / needM));
      return most > 0 ? column({ cost: 0, least: 0, most, isWhole: true }) : null;
    }),
  );
  const opened = reelsM.map((_, reel) =>
    column({ cost: reel < owned ? 0 : bought, least: 0, most: 1, isWhole: true }),
  );
  const useful = reelsM.map((reelM) =>
    leastRestM !== null && leastRestM <= reelM
      ? column({ cost: 0, least: 0, most: 1, isWhole: true })
      : null,
  );
  const waste = reelsM.map((reelM) => column({ cost: 1, least: 0, most: reelM, isWhole: false }));
  const exactly = (count: number, of: readonly number[]): Row => ({
    least: count,
    most: count,
    terms: of.map((one) => [one, 1]),
  });
  if (sure) rows.push(exactly(sure.unplaced, left), exactly(sure.bought, opened.slice(owned)));
  for (const [group, { runs }] of groups.entries())
    rows.push({
      least: runs.length,
      most: runs.length,
      terms: [
        [left[group] ?? 0, 1],
        ...(laid[group] ?? []).flatMap((one): [number, number][] =>
          one === null ? [] : [[one, 1]],
        ),
      ],
    });
  for (const [reel, reelM] of reelsM.entries()) {
    const cut = groups.flatMap(({ needM }, group): [number, number][] => {
      const one = laid[group]?.[reel] ?? null;
      return one === null ? [] : [[one, needM]];
    });
    const open = opened[reel] ?? 0;
    const use = useful[reel] ?? null;
    rows.push({ least: -Infinity, most: SAME_M, terms: [...cut, [open, -reelM]] });
    if (use !== null)
      rows.push({
        least: -Infinity,
        most: reelM + SAME_M,
        terms: [...cut, [use, leastRestM ?? 0]],
      });
    rows.push({
      least: 0,
      most: Infinity,
      terms: [
        [waste[reel] ?? 0, 1],
        ...cut,
        [open, -reelM],
        ...(use === null ? [] : [[use, reelM] as const]),
      ],
    });
    // Boxes are all alike: the first is bought first.
    if (reel > owned)
      rows.push({
        least: 0,
        most: 1,
        terms: [
          [opened[reel - 1] ?? 0, 1],
          [open, -1],
        ],
      });
  }
  return {
    programme: { columns, rows },
    costs,
    valuesOf: ({ onReels, unplaced: out }) => {
      const values = new Float64Array(columns.length);
      const groupOf = (run: number) => groups.findIndex(({ runs }) => runs.includes(run));
      const add = (at: number | null | undefined, more: number) => {
        if (at !== null && at !== undefined) values[at] = (values[at] ?? 0) + more;
      };
      for (const run of out) add(left[groupOf(run)], 1);
      for (const [reel, runs] of onReels.entries()) {
        for (const run of runs) add(laid[groupOf(run)]?.[reel], 1);
        if (runs.length === 0) continue;
        add(opened[reel], 1);
        const restM = (reelsM[reel] ?? 0) - runs.reduce((sum, run) => sum + (needsM[run] ?? 0), 0);
        const isUseful = leastRestM !== null && restM >= leastRestM;
        if (isUseful) add(useful[reel], 1);
        else add(waste[reel], Math.max(0, restM));
      }
      return values;
    },
    laidBy: (values) => {
      const queues = groups.map(({ runs }) => [...runs]);
      const take = (group: number, at: number | null | undefined): number[] =>
        queues[group]?.splice(
          0,
          at === null || at === undefined ? 0 : Math.round(values[at] ?? 0),
        ) ?? [];
      const onReels = reelsM.map((_, reel) =>
        groups.flatMap((__, group) => take(group, laid[group]?.[reel])),
      );
      return { onReels, unplaced: queues.flat() };
    },
  };
}

interface Group {
  readonly needM: number;
  readonly runs: readonly number[];
}

/** Runs of the same length, the longest first. */
function grouped(needsM: readonly number[]): Group[] {
  const byLength = new Map<number, number[]>();
  for (const [run, needM] of needsM.entries()) {
    const length = Math.round(needM / SAME_M);
    byLength.set(length, [...(byLength.get(length) ?? []), run]);
  }
  return [...byLength.values()]
    .map((runs) => ({ needM: Math.max(...runs.map((run) => needsM[run] ?? 0)), runs }))
    .sort((a, b) => b.needM - a.needM);
}
