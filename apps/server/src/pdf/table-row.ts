import { INK, MARGIN } from './lines';
import type { Page } from './page';

/** How a table is set: where each column begins, from the left edge, and its letters and rows, points. */
export interface Table<Column extends string> {
  readonly columns: Readonly<Record<Column, number>>;
  readonly size: number;
  readonly row: number;
}

/** Between two columns, points. */
const GAP = 6;

/** One row of a table, where the page stands; what is too long for its column ends in an ellipsis. */
export function tableRow<Column extends string>(
  page: Page,
  { columns, size, row }: Table<Column>,
  face: 'bold' | 'text',
  cells: Readonly<Record<Column, string>>,
): void {
  const y = page.y;
  const places = Object.entries(columns) as [Column, number][];
  places.forEach(([name, x], index) => {
    const next = places[index + 1]?.[1] ?? page.page.width - MARGIN;
    page
      .font(face)
      .fontSize(size)
      .fillColor(INK)
      .text(cells[name], x, y, {
        width: next - x - GAP,
        height: row - 3,
        ellipsis: true,
        lineBreak: false,
      });
  });
  page.x = MARGIN;
  page.y = y + row;
}
