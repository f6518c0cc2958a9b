import type { siteDayEndpoints } from '@near-spoke/contract/site-day';
import type { Asked } from '@near-spoke/contract';
import { minuteOfDay, untilNext } from './clock';

/** Somebody is let in, it is off, it is dry. */
export const BARS = ['in', 'off', 'dry'] as const;
export type Bar = (typeof BARS)[number];

/** When something can be done, as it is typed. */
export interface TimeRow {
  readonly bar: Bar;
  /** Null: everywhere. */
  readonly place: string | null;
  readonly from: string;
  readonly to: string;
}

type PlaceTimes = Asked<(typeof siteDayEndpoints)['day']>['body']['times'][number];

const MINUTES_A_DAY = 24 * 60;

export const isTimeRows = (stored: unknown): stored is readonly TimeRow[] =>
  Array.isArray(stored) &&
  stored.every(
    (row: Partial<TimeRow> | null) =>
      typeof row === 'object' &&
      row !== null &&
      BARS.some((bar) => bar === row.bar) &&
      (row.place === null || typeof row.place === 'string') &&
      typeof row.from === 'string' &&
      typeof row.to === 'string',
  );

const isUntyped = (text: string): boolean => text.trim() === '';

/** Whether both times of a row are times, or not typed yet. */
export const isReadable = ({ from, to }: TimeRow): boolean =>
  [from, to].every((text) => isUntyped(text) || !Number.isNaN(minuteOfDay(text)));

/**
 * What is typed, in minutes from when the day begins on. Times of the same thing at the same place are taken as one
 * or the other. Without a beginning it is open already, without an end it stays so; what is over today is of
 * tomorrow.
 *
 * @param begin minutes since midnight
 */
export function timesOf(rows: readonly TimeRow[], begin: number): PlaceTimes[] {
  const groups = new Map<string, PlaceTimes>();
  for (const { bar, place, from, to } of rows) {
    if (isUntyped(from) && isUntyped(to)) continue;
    const toMinute = isUntyped(to)
      ? MINUTES_A_DAY
      : untilNext(minuteOfDay(to), begin) || MINUTES_A_DAY;
    const opens = isUntyped(from) ? 0 : untilNext(minuteOfDay(from), begin);
    // It has begun before: it is open now.
    const fromMinute = opens < toMinute ? opens : 0;
    const key = JSON.stringify([bar, place]);
    const spans = [...(groups.get(key)?.spans ?? []), { fromMinute, toMinute }];
    groups.set(key, { place, outdoors: bar === 'dry', spans });
  }
  return [...groups.values()];
}
