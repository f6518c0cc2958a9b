import type { Link } from '@near-spoke/contract';
import { ENDS, type Job } from '@near-spoke/core/link';
import { endProgress, remakesOf } from '@near-spoke/core/record';
import { isFixed } from '@near-spoke/core/terminate';
import type { Database } from '../db/database';
import { factsAbout } from '../facts/repository';

/** How ends with a connector went. */
export interface EndsMade {
  /** That are left to make. */
  needed: number;
  /** Times that one was made, those that were made again too. */
  made: number;
  failed: number;
}

/** How the ends of links went up to now, by connector. */
export async function endsMade(
  db: Database,
  links: readonly Link[],
  job: Job,
  author?: string,
): Promise<ReadonlyMap<string, EndsMade>> {
  const all = await factsAbout(
    db,
    'tick',
    links.map((link) => link.id),
  );
  const counted = new Map<string, EndsMade>();
  for (const link of links) {
    const ticks = all.get(link.id) ?? [];
    const progress = endProgress(link, ticks, job);
    const remakes = remakesOf(link, ticks, job);
    for (const end of ENDS) {
      if (progress[end].state === 'does-not-fit') continue;
      const { connector } = link[end];
      const row = counted.get(connector) ?? { needed: 0, made: 0, failed: 0 };
      counted.set(connector, row);
      if (progress[end].state !== 'made') row.needed += 1;
      const isTheirs = (tick: { readonly author: string } | undefined) =>
        author === undefined || tick?.author === author;
      const again = remakes.filter((tick) => tick.end === end && isTheirs(tick)).length;
      const last = ticks.findLast((tick) => tick.end === end && tick.done);
      row.failed += again;
      row.made += again + (isFixed(progress[end]) && isTheirs(last) ? 1 : 0);
    }
  }
  return counted;
}
