import {
  foldedMm,
  terminateMessage,
  type Cut,
  type TerminationTask,
} from '@near-spoke/core/terminate';
import { METRES_PER } from '@near-spoke/core/units';
import type { Tell } from '@near-spoke/words';
import { newPage, type Page } from '../pdf/page';
import { POINTS_PER_MM } from '../pdf/units';

const INK = '#000';
const LEFT_MM = 25;
/** Of the paper, what no printer reaches. */
const EDGE_MM = 5;
/** How much of a cable an upright page shows. */
const UPRIGHT_MM = 150;

const mm = (length: number) => length * POINTS_PER_MM;

/**
 * A strip template for one end at exactly 1:1 on A4: lay the cable's end on the line, score at the
 * marks. Two rulers on the page show whether it was printed at 100 %.
 */
export function templatePdf(
  { cable, connector }: TerminationTask,
  cuts: readonly Cut[],
  tell: Tell,
): Promise<Buffer> {
  const longestMm = Math.max(0, ...cuts.map(({ fromEndMm }) => fromEndMm));
  const { page, bytes } = newPage({
    size: 'A4',
    layout: longestMm > UPRIGHT_MM ? 'landscape' : 'portrait',
    margin: 0,
    info: { Title: 'Strip template, 1:1', Creator: 'Near Spoke' },
  });
  words(page, 20, 'bold', 18, `Strip template: ${connector.name}`);
  words(page, 29, 'text', 11, `For ${cable.name}. Generic sizes: the part’s sheet decides.`);
  words(
    page,
    35,
    'text',
    11,
    'Print at 100 %, and hold a rule against the scales below before use.',
  );
  template(page, 60, cuts, cable.jacketMm, tell);
  const folded = foldedMm(connector, cuts);
  if (folded > 0)
    words(
      page,
      41,
      'text',
      11,
      `The braid is folded back over the jacket, ${folded.toFixed(1)} mm of it; it is not trimmed.`,
    );
  const scaleMm = 60 + cable.jacketMm + 14 + cuts.length * 9 + 20;
  scale(page, scaleMm, 100, 1, 10, 'mm');
  scale(page, scaleMm + 30, 4 * 25.4, 25.4 / 16, 25.4, 'in');
  page.end();
  return bytes;
}

function words(page: Page, yMm: number, font: string, size: number, text: string): void {
  page
    .font(font)
    .fontSize(size)
    .fillColor(INK)
    .text(text, mm(LEFT_MM), mm(yMm), { lineBreak: false });
}

/** The cable's outline, its end on the left line, and a mark at every cut. */
function template(
  page: Page,
  yMm: number,
  cuts: readonly Cut[],
  jacketMm: number,
  tell: Tell,
): void {
  const longestMm = Math.max(0, ...cuts.map(({ fromEndMm }) => fromEndMm));
  const lengthMm = Math.max(UPRIGHT_MM, longestMm + 10);
  line(page, LEFT_MM, yMm - 12, LEFT_MM, yMm + jacketMm + 12, 1);
  words(page, yMm - 18, 'text', 9, 'Cable’s end here');
  page
    .rect(mm(LEFT_MM), mm(yMm), mm(lengthMm), mm(jacketMm))
    .lineWidth(0.5)
    .strokeColor(INK)
    .stroke();
  cuts.forEach((cut, index) => {
    const xMm = LEFT_MM + cut.fromEndMm;
    const belowMm = yMm + jacketMm + 14 + index * 9;
    page
      .rect(mm(xMm - cut.toleranceMm), mm(yMm), mm(2 * cut.toleranceMm), mm(jacketMm))
      .fillColor('#ddd')
      .fill();
    line(page, xMm, yMm - 6, xMm, belowMm, 0.8);
    const text = cutText(cut, tell);
    page.font('mono').fontSize(9).fillColor(INK);
    // Beside the mark, before it where the paper ends.
    const wide = page.widthOfString(text);
    const room = page.page.width - mm(xMm + 2 + EDGE_MM);
    const left = wide <= room ? mm(xMm + 2) : mm(xMm - 2) - wide;
    page.text(text, left, mm(belowMm - 4), { lineBreak: false });
  });
}

function cutText({ layer, fromEndMm, toleranceMm }: Cut, tell: Tell): string {
  const inches = (fromEndMm / 1000 / METRES_PER.in).toFixed(2);
  const what = tell(terminateMessage('cut-order', { layer }));
  return `${what}: ${fromEndMm} mm ± ${toleranceMm} mm (${inches} in)`;
}

/** A ruler of so many millimetres, graduated in a unit. */
function scale(
  page: Page,
  yMm: number,
  lengthMm: number,
  stepMm: number,
  figureMm: number,
  unit: string,
): void {
  line(page, LEFT_MM, yMm, LEFT_MM + lengthMm, yMm, 0.6);
  const count = Math.round(lengthMm / stepMm);
  const perFigure = Math.round(figureMm / stepMm);
  for (let index = 0; index <= count; index += 1) {
    const xMm = LEFT_MM + index * stepMm;
    const whole = index % perFigure === 0;
    line(page, xMm, yMm, xMm, yMm + (whole ? 6 : index % (perFigure / 2) === 0 ? 4.5 : 3), 0.4);
    if (whole) {
      const figure = unit === 'mm' ? String(index) : String(index / perFigure);
      page
        .font('mono')
        .fontSize(9)
        .fillColor(INK)
        .text(index === 0 ? `0 ${unit}` : figure, mm(xMm - 1), mm(yMm + 8), { lineBreak: false });
    }
  }
}

function line(page: Page, x1: number, y1: number, x2: number, y2: number, width: number): void {
  page.moveTo(mm(x1), mm(y1)).lineTo(mm(x2), mm(y2)).lineWidth(width).strokeColor(INK).stroke();
}
