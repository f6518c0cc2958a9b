import type { Tell } from '@near-spoke/words';
import type { Page } from './page';

export const MARGIN = 50;
export const INK = '#1d1a16';
export const QUIET = '#5c554b';
/** Width of the names that stand before what is to say, points. */
const NAMES = 125;
/** Height of a row, points. */
export const ROW = 14;

/** With a line under it, so that no page ends on a title. */
export function title(page: Page, text: string, room = 3 * ROW): void {
  if (!hasRoom(page, room)) page.addPage();
  page.font('bold').fontSize(11).fillColor(INK).text(text, MARGIN).moveDown(0.2);
}

/** A name and beside it what is to say, both on one page where a page holds them. */
export function field(page: Page, name: string, value: string): void {
  const wide = { width: page.page.width - 2 * MARGIN - NAMES };
  const narrow = { width: NAMES - 5 };
  page.font('text').fontSize(10);
  const named = page.heightOfString(name, narrow);
  if (!hasRoom(page, Math.max(named, page.heightOfString(value, wide)))) page.addPage();
  const y = page.y;
  page.fillColor(QUIET).text(name, MARGIN, y, narrow);
  page.fillColor(INK).text(value, MARGIN + NAMES, y, wide);
  page.x = MARGIN;
  // What went on to another page ends there.
  if (page.y > y) page.y = Math.max(page.y, y + named);
}

/** Whether so much still goes on this page. */
export const hasRoom = (page: Page, height: number): boolean =>
  page.y + height <= page.page.height - MARGIN;

export function rule(page: Page): void {
  if (!hasRoom(page, ROW)) return;
  page.moveDown(0.5);
  page
    .moveTo(MARGIN, page.y)
    .lineTo(page.page.width - MARGIN, page.y)
    .lineWidth(0.5)
    .strokeColor(QUIET)
    .stroke();
  page.moveDown(0.6);
}

/** "4 May 2026, 08:20 UTC". */
export function when(instant: string, tell: Tell): string {
  const day = new Intl.DateTimeFormat(tell.pages.record.locale, {
    dateStyle: 'medium',
    timeZone: 'UTC',
  }).format(new Date(instant));
  return `${day}, ${instant.slice(11, 16)} UTC`;
}
