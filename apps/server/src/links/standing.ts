import type { Link, LinkSummary } from '@near-spoke/contract';
import type { Job } from '@near-spoke/core/link';
import { summariseLink } from '@near-spoke/core/record';
import type { Database } from '../db/database';
import { latestReadings } from '../readings/repository';
import { testsOfLinks } from '../tests/repository';
import { ticksOfLinks } from '../ticks/repository';

/** Links with where they stand, in the order given. */
export async function summarise(
  db: Database,
  links: readonly Link[],
  job: Job,
): Promise<LinkSummary[]> {
  const ids = links.map((link) => link.id);
  const [latest, tests, ticks] = await Promise.all([
    latestReadings(db, ids),
    testsOfLinks(db, ids),
    ticksOfLinks(db, ids),
  ]);
  return links.map((link) =>
    summariseLink(
      link,
      ticks.get(link.id) ?? [],
      { reading: latest.get(link.id) ?? null, tests: tests.get(link.id) ?? [] },
      job,
    ),
  );
}
