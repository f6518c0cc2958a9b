import { MARGIN, QUIET } from './lines';
import type { Page } from './page';

/** What stands at the foot of each page that is there, by its number and how many there are. */
export function footers(page: Page, foot: (number: number, of: number) => string): void {
  const { start, count } = page.bufferedPageRange();
  for (let index = start; index < start + count; index += 1) {
    page.switchToPage(index);
    page.page.margins.bottom = 0;
    page
      .font('text')
      .fontSize(8.5)
      .fillColor(QUIET)
      .text(foot(index + 1 - start, count), MARGIN, page.page.height - 36, { lineBreak: false });
  }
}
