import { alongRequest } from '@near-spoke/contract';
import type { Database } from '../db/database';
import { json, type Ask } from '../http/ask';
import { bodyOf, idOf } from '../http/parse';
import { readingsOfLinks } from '../readings/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { testsOfLinks } from '../tests/repository';
import { ticksOfLinks } from '../ticks/repository';
import { getRows } from './repository';
import { standingOf } from './standing';

/** Links with all facts about them. A link that is not there any more is left out. */
export async function takeAlong(ask: Ask, db: Database) {
  const site = await getSite(db, idOf(ask, 'site'));
  const wanted = bodyOf(alongRequest, ask).links;
  const rows = await getRows(db, site.id, wanted);
  const ids = rows.map(({ id }) => id);
  const [links, ticks, readings, tests] = await Promise.all([
    standingOf(db, rows, await jobOf(db, site)),
    ticksOfLinks(db, ids),
    readingsOfLinks(db, ids),
    testsOfLinks(db, ids),
  ]);
  const stamps = new Map(rows.map(({ id, stamp }) => [id, stamp]));
  return json({
    links: links.map((link) => ({
      link,
      stamp: stamps.get(link.id) ?? 0,
      ticks: ticks.get(link.id) ?? [],
      readings: readings.get(link.id) ?? [],
      tests: tests.get(link.id) ?? [],
    })),
  });
}
