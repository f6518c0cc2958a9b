import { blobsOf } from '../blobs/repository';
import type { LanguageId } from '@near-spoke/words';
import type { Database } from '../db/database';
import { file } from '../http/reply';
import { jobOf } from '../sites/job';
import { linkRecord } from './link-record';
import { teller } from '../words/teller';
import { recordPdf } from './record-pdf';

interface OfLink {
  readonly id: string;
  readonly query: { readonly language: LanguageId };
}

export const record = ({ id, query }: OfLink, db: Database) => linkRecord(db, id, query.language);

export async function recordAsPdf({ id, query: { language } }: OfLink, db: Database) {
  const known = await linkRecord(db, id, language);
  const files = await blobsOf(
    db,
    known.photos.map(({ blob }) => blob),
  );
  const body = await recordPdf(
    known,
    await jobOf(db, known.site),
    files,
    teller(language, known.site.units),
  );
  return file({ name: `${known.link.label}-record.pdf`, type: 'application/pdf', body });
}
