import { ENDS, type End, type Job, type Link } from '../link';
import { fixingKeys, planTermination, type RemakeCause } from '../terminate';
import { taskOf, type Tick } from './link-state';

/** A tick as it is kept: with what made somebody begin an end anew, or nothing. */
export type CausedTick = Tick & { readonly cause: RemakeCause | '' };

/**
 * The ticks at which an end was made again: those that say why, and those that crimp, punch or solder what was
 * crimped, punched or soldered already, though nobody has said why.
 *
 * @param ticks in order of time
 */
export function remakesOf<T extends CausedTick>(link: Link, ticks: readonly T[], job: Job): T[] {
  return ENDS.flatMap((end) =>
    remakesAt(
      ticks.filter((tick) => tick.end === end),
      fixingAt(link, end, job),
    ),
  ).sort((a, b) => (a.at < b.at ? -1 : 1));
}

const fixingAt = (link: Link, end: End, job: Job): readonly string[] =>
  fixingKeys(planTermination(taskOf(link, end, job), job.catalogue));

function remakesAt<T extends CausedTick>(ticks: readonly T[], fixing: readonly string[]): T[] {
  let fixed = new Set<string>();
  const remakes: T[] = [];
  for (const tick of ticks) {
    if (tick.cause !== '') {
      remakes.push(tick);
      fixed = new Set();
      continue;
    }
    if (!fixing.includes(tick.key)) continue;
    if (!tick.done) {
      fixed.delete(tick.key);
      continue;
    }
    if (fixed.has(tick.key)) {
      remakes.push(tick);
      // The other ticks of the same making are no further one.
      fixed = new Set();
    }
    fixed.add(tick.key);
  }
  return remakes;
}
