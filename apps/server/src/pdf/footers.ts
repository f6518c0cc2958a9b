import { MARGIN, QUIET } from './lines';
import type { Page } from './page';

/** What stands at the foot of each page that is there, by its number and how many there are. */
export function footers(page: Page, foot: (number: number, of: number) => string): void {
  const { start, count } = page.bufferedPageRange();
  for (let index = start; index < start + count; index += 1) {
    page.switchToPage(index);
    writeFoot(page, foot(index + 1 - start, count));
  }
}

/** What stands at the foot of this page, below where anything else is written. */
export function writeFoot(page: Page, text: string): void {
  const { bottom } = page.page.margins;
  page.page.margins.bottom = 0;
  page
    .font('text')
    .fontSize(8.5)
    .fillColor(QUIET)
    .text(text, MARGIN, page.page.height - 36, { lineBreak: false });
  page.page.margins.bottom = bottom;
}
