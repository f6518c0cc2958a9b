import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Catalogue } from '@near-spoke/core/catalogue';
import { writeSchedule } from '@near-spoke/core/formats';
import type { Request, Response } from 'express';
import type { Database } from '../db/database';
import { file } from '../http/ask';
import { parseId } from '../http/parse';
import { loadCatalogue } from '../parts/repository';
import { getSite } from '../sites/repository';
import { linkPages } from './repository';
import { toLink } from './rows';

const PAGE = 250;

/** The schedule as CSV, page by page: only a page of it is held at a time, and who reads slowly is waited for. */
export async function exportSchedule(
  db: Database,
  request: Request,
  response: Response,
): Promise<void> {
  const site = await getSite(db, parseId(request, 'site'));
  const catalogue = await loadCatalogue(db);
  const name = `${site.name}-schedule.csv`;
  response.set(file({ name, type: 'text/csv; charset=utf-8', body: '', saved: true }).headers);
  const pages = Readable.from(pagesOf(db, site.id, catalogue), { objectMode: true });
  // Who hangs up ends it: there is nobody left to tell.
  await pipeline(pages, response).catch((error: unknown) => {
    if (!response.destroyed) throw error;
  });
}

async function* pagesOf(db: Database, siteId: string, catalogue: Catalogue) {
  let headed = true;
  for await (const rows of linkPages(db, siteId, PAGE)) {
    yield writeSchedule(rows.map(toLink), catalogue, headed);
    headed = false;
  }
}
