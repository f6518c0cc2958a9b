import type { Asked, alongEndpoints } from '@near-spoke/contract';
import type { Database } from '../db/database';
import { voidedOfLinks } from '../facts/voids';
import { readingsOfLinks } from '../readings/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { testsOfLinks } from '../tests/repository';
import { ticksOfLinks } from '../ticks/repository';
import { getRows } from './repository';
import { standingOf } from './standing';

/** Links with all facts about them. A link that is not there any more is left out. */
export async function takeAlong({ id, body }: Asked<typeof alongEndpoints.take>, db: Database) {
  const site = await getSite(db, id);
  const rows = await getRows(db, site.id, body.links);
  const ids = rows.map((row) => row.id);
  const [links, ticks, readings, tests, voided] = await Promise.all([
    standingOf(db, rows, await jobOf(db, site)),
    ticksOfLinks(db, ids),
    readingsOfLinks(db, ids),
    testsOfLinks(db, ids),
    voidedOfLinks(db, ids),
  ]);
  const stamps = new Map(rows.map(({ id, stamp }) => [id, stamp]));
  return {
    links: links.map((link) => ({
      link,
      stamp: stamps.get(link.id) ?? 0,
      ticks: ticks.get(link.id) ?? [],
      readings: readings.get(link.id) ?? [],
      tests: tests.get(link.id) ?? [],
      voided: voided.get(link.id) ?? [],
    })),
  };
}
