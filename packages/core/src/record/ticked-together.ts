import type { End } from '../link';
import { runsAtOnce, type TickKey } from '../terminate';
import { tickedKeys, type Tick } from './link-state';

/** Ticks that were set one right after the other: not watched one by one. */
export interface Together {
  /** ISO 8601, of the first of them. */
  readonly at: string;
  readonly count: number;
}

/** What stands ticked at an end and was ticked together with something else, by its key. */
export function togetherWith(ticks: readonly Tick[], end: End): ReadonlyMap<TickKey, Together> {
  const ticked = tickedKeys(ticks, end);
  const last = new Map(
    ticks
      .filter((tick) => tick.end === end && tick.done && ticked.has(tick.key))
      .map((tick) => [tick.key, tick]),
  );
  const standing = [...last.values()].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
  return new Map(
    runsAtOnce(standing).flatMap((run) =>
      run.map((tick) => [tick.key, { at: run[0]?.at ?? tick.at, count: run.length }]),
    ),
  );
}
