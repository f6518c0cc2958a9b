import type { Uncertain } from '../../units';
import { attemptsEach, failing } from '../make-or-buy';
import type { Price } from './price-list';

/** Ends with one connector that are still to be made. */
export interface WorkGroup {
  readonly ends: number;
  /** All of them together take: a part's id, and pieces of it. */
  readonly parts: readonly { readonly part: string; readonly count: number }[];
  readonly minutes: number;
  /** Share that has to be made again. */
  readonly rate: Uncertain;
}

/** What is left to do: ends, and metres of cable that is not pulled yet. */
export interface WorkLeft {
  readonly groups: readonly WorkGroup[];
  readonly cables: readonly { readonly part: string; readonly count: number }[];
}

export interface WorkCost {
  /** With those that are made again; of cable metres. */
  readonly parts: readonly {
    readonly part: string;
    readonly count: number;
    /** Of so many; null where the list has no price. */
    readonly cost: number | null;
  }[];
  /** Parts without a price: they cost nothing here, and more in truth. */
  readonly unpriced: readonly string[];
  readonly minutes: Uncertain;
  readonly cost: Uncertain;
}

/**
 * What is left costs, with the prices of a list. Of n good ends n / (1 − rate) are attempted, each with its parts and
 * its minutes; cable is pulled once.
 *
 * @returns `u`: what the rates leave open, and how many of so many ends happen to fail
 */
export function costOfWork(
  { groups, cables }: WorkLeft,
  prices: readonly Price[],
  wagePerHour: number,
): WorkCost {
  const each = new Map(prices.map(({ part, price, pack }) => [part, price / pack]));
  const counts = new Map<string, number>();
  const add = (part: string, count: number): void => {
    counts.set(part, (counts.get(part) ?? 0) + count);
  };
  for (const { parts, rate } of groups)
    for (const { part, count } of parts) add(part, count * attemptsEach(rate));
  for (const { part, count } of cables) add(part, count);
  const parts = [...counts].map(([part, count]) => {
    const price = each.get(part);
    return { part, count, cost: price === undefined ? null : price * count };
  });
  const cable = cables.reduce((sum, { part, count }) => sum + (each.get(part) ?? 0) * count, 0);
  const spent = groups.map((group) => {
    const once = group.parts.reduce((sum, row) => sum + (each.get(row.part) ?? 0) * row.count, 0);
    return expected(group, once + (group.minutes / 60) * wagePerHour);
  });
  const made = sum(spent);
  return {
    parts,
    unpriced: parts.flatMap(({ part, cost }) => (cost === null ? [part] : [])),
    minutes: sum(groups.map((group) => expected(group, group.minutes))),
    cost: { value: cable + made.value, u: made.u },
  };
}

/** What all ends of a group take that together take so much where none fails: a negative binomial count of attempts. */
function expected({ ends, rate }: WorkGroup, once: number): Uncertain {
  const value = once * attemptsEach(rate);
  if (ends === 0) return { value, u: 0 };
  const byRate = value * attemptsEach(rate) * rate.u;
  const byChance = (once / ends) * Math.sqrt(ends * failing(rate)) * attemptsEach(rate);
  return { value, u: Math.hypot(byRate, byChance) };
}

const sum = (of: readonly Uncertain[]): Uncertain => ({
  value: of.reduce((all, { value }) => all + value, 0),
  u: Math.hypot(...of.map(({ u }) => u)),
});
