import type { Link, LinkSummary } from '@near-spoke/contract';
import type { Job } from '@near-spoke/core/link';
import { summariseLink } from '@near-spoke/core/record';
import type { Database } from '../db/database';
import { latestReadings } from '../readings/repository';
import { ticksOfLinks } from '../ticks/repository';

/** Links with where they stand, in the order given. */
export async function summarise(
  db: Database,
  links: readonly Link[],
  job: Job,
): Promise<LinkSummary[]> {
  const ids = links.map((link) => link.id);
  const [latest, ticks] = await Promise.all([latestReadings(db, ids), ticksOfLinks(db, ids)]);
  return links.map((link) =>
    summariseLink(link, ticks.get(link.id) ?? [], latest.get(link.id) ?? null, job),
  );
}
