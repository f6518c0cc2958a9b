import type { Errands } from './errands';
import type { Span } from './task';

/** An order of visits, each after those it waits for, and who does each; what takes two is done by both. */
export interface Way {
  readonly order: readonly number[];
  /** Of each visit, by its number. */
  readonly who: readonly number[];
}

export interface ActedOut {
  /** Of each visit, by its number. */
  readonly starts: readonly number[];
  readonly totalMinutes: number;
  /** Visits for which it was too late. */
  readonly outside: readonly number[];
}

/**
 * When each visit begins, where everybody does his own in their order and waits for what has to be done before, and
 * until it is open.
 */
export function actOut(
  { minutes, people, after, walk, fromStart, crew, open }: Errands,
  { order, who }: Way,
): ActedOut {
  const free = new Array<number>(crew).fill(0);
  const at = new Array<number>(crew).fill(-1);
  const starts = new Array<number>(minutes.length).fill(0);
  const outside: number[] = [];
  let totalMinutes = 0;
  for (const visit of order) {
    const both = (people[visit] ?? 1) > 1;
    let start = 0;
    for (let person = 0; person < crew; person += 1) {
      if (!both && person !== who[visit]) continue;
      const here = at[person] ?? -1;
      const way = (here < 0 ? fromStart[visit] : walk[here]?.[visit]) ?? 0;
      start = Math.max(start, (free[person] ?? 0) + way);
    }
    for (const one of after[visit] ?? [])
      start = Math.max(start, (starts[one] ?? 0) + (minutes[one] ?? 0));
    const opens = whenOpen(open[visit] ?? null, start, minutes[visit] ?? 0);
    if (opens === null) outside.push(visit);
    else start = opens;
    const end = start + (minutes[visit] ?? 0);
    for (let person = 0; person < crew; person += 1) {
      if (!both && person !== who[visit]) continue;
      free[person] = end;
      at[person] = visit;
    }
    starts[visit] = start;
    totalMinutes = Math.max(totalMinutes, end);
  }
  return { starts, totalMinutes, outside };
}

/** Thousandths of a minute are rounding. */
const CLOSE = 1e-9;

/** When something that can be begun at a minute is open long enough; null: not any more. */
export function whenOpen(
  open: readonly Span[] | null,
  readyMinute: number,
  minutes: number,
): number | null {
  if (open === null) return readyMinute;
  for (const { fromMinute, toMinute } of open) {
    const start = Math.max(readyMinute, fromMinute);
    if (start + minutes <= toMinute + CLOSE) return start;
  }
  return null;
}

/** Whether each comes after those that it waits for. */
export function isInOrder({ after }: Errands, order: readonly number[]): boolean {
  const done = new Set<number>();
  for (const visit of order) {
    if (!(after[visit] ?? []).every((one) => done.has(one))) return false;
    done.add(visit);
  }
  return true;
}
