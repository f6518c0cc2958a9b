import { blobsOf } from '../blobs/repository';
import type { Database } from '../db/database';
import { file } from '../http/reply';
import { jobOf } from '../sites/job';
import { linkRecord } from './link-record';
import { recordPdf } from './record-pdf';

interface OfLink {
  readonly id: string;
}

export const record = ({ id }: OfLink, db: Database) => linkRecord(db, id);

export async function recordAsPdf({ id }: OfLink, db: Database) {
  const known = await linkRecord(db, id);
  const files = await blobsOf(
    db,
    known.photos.map(({ blob }) => blob),
  );
  const body = await recordPdf(known, await jobOf(db, known.site), files);
  return file({ name: `${known.link.label}-record.pdf`, type: 'application/pdf', body });
}
