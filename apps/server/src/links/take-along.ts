import { asFacts, type Asked } from '@near-spoke/contract';
import type { alongEndpoints } from '@near-spoke/contract/along';
import type { Database } from '../db/database';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { evidenceOf } from './evidence';
import { getRows } from './repository';
import { standingOf } from './standing';

/** Links with all facts about them. A link that is not there any more is left out. */
export async function takeAlong({ id, body }: Asked<typeof alongEndpoints.take>, db: Database) {
  const site = await getSite(db, id);
  const rows = await getRows(db, site.id, body.links);
  const ids = rows.map((row) => row.id);
  const links = await standingOf(db, rows, await jobOf(db, site));
  const evidence = await evidenceOf(db, ids);
  const stamps = new Map(rows.map(({ id, stamp }) => [id, stamp]));
  return {
    links: links.map((link) => ({
      link,
      stamp: stamps.get(link.id) ?? 0,
      facts: asFacts(evidence(link.id)),
    })),
  };
}
