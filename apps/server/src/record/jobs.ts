import type { Database } from '../db/database';
import { file, json, type Ask } from '../http/ask';
import { idOf } from '../http/parse';
import { jobOf } from '../sites/job';
import { linkRecord } from './link-record';
import { recordPdf } from './record-pdf';

export const record = async (ask: Ask, db: Database) =>
  json(await linkRecord(db, idOf(ask, 'link')));

export async function recordAsPdf(ask: Ask, db: Database) {
  const known = await linkRecord(db, idOf(ask, 'link'));
  const body = await recordPdf(known, await jobOf(db, known.site));
  return file({ name: `${known.link.label}-record.pdf`, type: 'application/pdf', body });
}
