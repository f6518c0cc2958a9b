import { once } from 'node:events';
import { writeSchedule } from '@near-spoke/core/formats';
import type { Request, Response } from 'express';
import type { Database } from '../db/database';
import { file } from '../http/ask';
import { parseId } from '../http/parse';
import { loadCatalogue } from '../parts/repository';
import { getSite } from '../sites/repository';
import { linkPage } from './repository';
import { toLink } from './rows';

const PAGE = 500;

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
  for (let after: string | null = '0'; after !== null;) {
    const page = await linkPage(db, site.id, { after: Number(after), limit: PAGE });
    const text = writeSchedule(page.rows.map(toLink), catalogue, after === '0');
    if (!response.write(text))
      await Promise.race([once(response, 'drain'), once(response, 'close')]);
    if (response.destroyed) return;
    after = page.next;
  }
  response.end();
}
