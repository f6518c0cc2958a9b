import type { CordSheet } from '@near-spoke/contract/cords';
import { ENTERED, recordMessage } from '@near-spoke/core/record';
import { tester } from '@near-spoke/core/verify';
import { footers } from '../pdf/footers';
import { INK, MARGIN, QUIET } from '../pdf/lines';
import { newPage, type Page } from '../pdf/page';
import { tableRow } from '../pdf/table-row';
import { KEPT } from '../words/teller';

const BOTTOM = 60;
const ROW = 15;
const TABLE = {
  columns: { label: MARGIN, result: 160, shown: 215, at: 400, by: 505 },
  size: 9,
  row: ROW,
} as const;

/** A batch of cords for the client, on A4, black on white: results, who, when, and what was not seen. */
export function cordsPdf(sheet: CordSheet): Promise<Buffer> {
  const { page, bytes } = newPage({
    size: 'A4',
    margin: MARGIN,
    bufferPages: true,
    info: { Title: `Cords ${sheet.batch.name}`, Creator: 'Near Spoke' },
  });
  heading(page, sheet);
  columns(page);
  for (const row of sheet.rows) {
    if (page.y > page.page.height - BOTTOM - ROW) {
      page.addPage();
      columns(page);
    }
    tableRow(page, TABLE, row.verdict === 'fail' ? 'bold' : 'text', {
      label: row.label,
      result: row.verdict,
      shown: row.summary,
      at: `${row.at.slice(0, 10)} ${row.at.slice(11, 16)}`,
      by: row.author,
    });
  }
  const written = `${sheet.writtenAt.slice(0, 10)} ${sheet.writtenAt.slice(11, 16)} UTC`;
  footers(page, (number, of) => `${sheet.batch.name}, written ${written}, page ${number} of ${of}`);
  page.end();
  return bytes;
}

function heading(page: Page, { batch, site, passed, failed, rows, blindTo }: CordSheet): void {
  const used = [...new Set(rows.map((row) => row.tester))].map(nameOf);
  page.font('text').fontSize(10).fillColor(QUIET).text(site);
  page.font('bold').fontSize(24).fillColor(INK).text(batch.name);
  page
    .font('bold')
    .fontSize(13)
    .text(`${rows.length} cords: ${passed} passed, ${failed} failed`)
    .moveDown(0.4);
  page.font('text').fontSize(10.5);
  if (batch.note) page.text(batch.note);
  page.text(`Tested with: ${used.join('; ') || 'nothing yet'}.`);
  if (rows.length > 0) page.text(`Entered: ${howEntered(rows)}.`);
  page.text(
    blindTo.length > 0
      ? `These tests can’t see, or not always: ${blindTo.join(', ')}. They do not measure performance.`
      : 'These tests do not measure performance.',
  );
  page.moveDown(0.8);
}

const howEntered = (rows: CordSheet['rows']) =>
  ENTERED.map((how) => ({ how, count: rows.filter((row) => row.entered === how).length }))
    .filter(({ count }) => count > 0)
    .map(({ how, count }) => KEPT(recordMessage('entered-count', { entered: how, count })))
    .join(', ');

const nameOf = (id: string) => tester(id as CordSheet['batch']['tester']).name;

function columns(page: Page): void {
  const names = { label: 'Label', result: 'Result', shown: 'Shown', at: 'When, UTC', by: 'By' };
  tableRow(page, TABLE, 'bold', names);
}
