import type { Site } from '@near-spoke/contract';
import type { Catalogue } from '@near-spoke/core/catalogue';
import { writeSchedule } from '@near-spoke/core/formats';
import type { Database } from '../db/database';
import { file } from '../http/reply';
import { loadCatalogue } from '../parts/repository';
import { getSite } from '../sites/repository';
import { linkPages } from './repository';
import { toLink } from './rows';

const PAGE = 250;

/** The schedule as CSV, page by page: only a page of it is held at a time. */
export async function exportSchedule(db: Database, siteId: string) {
  const site = await getSite(db, siteId);
  const catalogue = await loadCatalogue(db);
  return file({
    name: `${site.name}-schedule.csv`,
    type: 'text/csv; charset=utf-8',
    body: pagesOf(db, site, catalogue),
    saved: true,
  });
}

async function* pagesOf(db: Database, { id, units }: Site, catalogue: Catalogue) {
  let headed = true;
  for await (const rows of linkPages(db, id, PAGE)) {
    yield writeSchedule(rows.map(toLink), catalogue, headed, units);
    headed = false;
  }
}
