import { runsAtOnce } from './at-once';

/** A tick with the person who set it. */
export interface PacedTick {
  readonly key: string;
  readonly done: boolean;
  /** ISO 8601. */
  readonly at: string;
  readonly author: string;
}

/** How long a step takes a person, s, with its standard uncertainty and how often it was seen. */
export interface Pace {
  readonly seconds: number;
  readonly u: number;
  readonly count: number;
}

/** Longer than this between two ticks, the person was away. */
const AWAY_S = 900;
/** The catalogue's time counts as much as so many of a person's own. */
const PRIOR_COUNT = 3;
/** How uncertain the catalogue's time is, as a part of it. Generic. */
const PRIOR_SPREAD = 0.5;

/**
 * How long steps take one person, from the time between their ticks: the catalogue's time, drawn toward
 * what was seen. A step's checks count together. Steps that were ticked together tell nothing of any of
 * them: the time before the first of them was the time of all.
 *
 * @param ticks in any order, of any links.
 * @param usual the catalogue's seconds of each step.
 */
export function paceOf(
  ticks: readonly PacedTick[],
  author: string,
  usual: ReadonlyMap<string, number>,
): Map<string, Pace> {
  const own = ticks
    .filter((tick) => tick.author === author)
    .sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
  const atOnce = new Set(
    runsAtOnce(own)
      .filter((run) => new Set(run.map(({ key }) => stepOf(key))).size > 1)
      .flat(),
  );
  const seen = new Map<string, number[]>();
  own.forEach((tick, index) => {
    const [before, after] = [own[index - 1], own[index + 1]];
    const step = stepOf(tick.key);
    // The last check of a stop point closes it; the earlier ones are on the way.
    if (!before || !tick.done || atOnce.has(tick)) return;
    if (after && stepOf(after.key) === step && after.key !== tick.key) return;
    const began =
      own
        .slice(0, index)
        .reverse()
        .find((row) => stepOf(row.key) !== step) ?? before;
    const seconds = (Date.parse(tick.at) - Date.parse(began.at)) / 1000;
    if (seconds > AWAY_S) return;
    seen.set(step, [...(seen.get(step) ?? []), seconds]);
  });
  return new Map(
    [...usual].map(([step, seconds]) => [step, drawnToward(seconds, seen.get(step) ?? [])]),
  );
}

const stepOf = (key: string) => key.split('/')[0] ?? '';

function drawnToward(usual: number, seen: readonly number[]): Pace {
  const count = seen.length;
  const weight = PRIOR_COUNT + count;
  const seconds = (PRIOR_COUNT * usual + seen.reduce((sum, value) => sum + value, 0)) / weight;
  const squares =
    PRIOR_COUNT * ((usual - seconds) ** 2 + (PRIOR_SPREAD * usual) ** 2) +
    seen.reduce((sum, value) => sum + (value - seconds) ** 2, 0);
  return { seconds, u: Math.sqrt(squares) / weight, count };
}
