import type { Figure, Mark, Paint } from '@near-spoke/core/figure';
import { newPage, type Page } from '../pdf/page';
import { POINTS_PER_MM } from '../pdf/units';

const paintOf = (paint: Paint): string =>
  paint === 'ink' ? '#000000' : paint === 'paper' ? '#ffffff' : paint;

/** A figure as one page of a PDF, at its true size. */
export function figurePdf(figure: Figure, title: string): Promise<Buffer> {
  const { page, bytes } = newPage({
    size: [figure.widthMm * POINTS_PER_MM, figure.heightMm * POINTS_PER_MM],
    margin: 0,
    info: { Title: title, Creator: 'Near Spoke' },
  });
  drawFigure(page, figure);
  page.end();
  return bytes;
}

/** The marks of a figure, from the upper left corner of what is the page now. */
export function drawFigure(page: Page, figure: Figure): void {
  for (const mark of figure.marks) draw(page, mark);
}

function draw(page: Page, mark: Mark): void {
  if (mark.kind === 'text') {
    const size = mark.sizeMm * POINTS_PER_MM;
    page
      .font(mark.bold ? 'bold' : 'text')
      .fontSize(size)
      .fillColor('#000000');
    const width = page.widthOfString(mark.text);
    const back = { start: 0, middle: width / 2, end: width }[mark.anchor];
    page.text(mark.text, mark.xMm * POINTS_PER_MM - back, mark.yMm * POINTS_PER_MM, {
      lineBreak: false,
      baseline: 'alphabetic',
    });
    return;
  }
  page.save().scale(POINTS_PER_MM).path(mark.d).lineWidth(mark.widthMm);
  if (mark.fill !== null && mark.stroke !== null)
    page.fillAndStroke(paintOf(mark.fill), paintOf(mark.stroke));
  else if (mark.fill !== null) page.fill(paintOf(mark.fill));
  else if (mark.stroke !== null) page.stroke(paintOf(mark.stroke));
  page.restore();
}
