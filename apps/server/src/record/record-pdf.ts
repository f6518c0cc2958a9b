import type { LinkRecord } from '@near-spoke/contract';
import type { Job } from '@near-spoke/core/link';
import type { Tell } from '@near-spoke/words';
import { MARGIN, when } from '../pdf/lines';
import { footers } from '../pdf/footers';
import { newPage } from '../pdf/page';
import { writeRecord, type Files } from './write-record';

/** The record of one link as an A4 page (or more, if much has happened), black on white. */
export function recordPdf(record: LinkRecord, job: Job, files: Files, tell: Tell): Promise<Buffer> {
  const { link, writtenAt } = record;
  const { page, bytes } = newPage({
    size: 'A4',
    margin: MARGIN,
    bufferPages: true,
    info: { Title: tell.pages.record.heading(link.label), Creator: 'Near Spoke' },
  });
  writeRecord(page, record, job, files, tell);
  footers(page, (number, of) =>
    tell.pages.record.footer(link.label, when(writtenAt, tell), number, of),
  );
  page.end();
  return bytes;
}
