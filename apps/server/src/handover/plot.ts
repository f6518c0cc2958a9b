import { parseCapture, type Capture } from '@near-spoke/core/captures';
import { INK, MARGIN, QUIET, hasRoom } from '../pdf/lines';
import type { Page } from '../pdf/page';

/** Height of a plot and of what is written with it, points. */
const HEIGHT = 110;
const WORDS = 40;
/** So many columns a plot has: in each, the least and the most that was measured. */
const COLUMNS = 460;
/** Nothing that is measured comes back fainter, decibels. */
const FAINTEST_DB = 80;

/** What was measured, over what, in units that people read. */
export interface Plotted {
  readonly kind: Capture['kind'];
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly unitX: string;
  readonly unitY: string;
}

/** A capture as a curve; null of what can't be read, or tells nothing. */
export function plottedOf(file: Uint8Array, name: string): Plotted | null {
  const parsed = parseCapture(file, name);
  if (!parsed.ok) return null;
  const { capture } = parsed;
  if (capture.kind === 'trace') {
    const { volts, intervalS, fromS } = capture.trace;
    const x = Float64Array.from(volts, (_, n) => (fromS + n * intervalS) * 1e9);
    return { kind: 'trace', x, y: volts, unitX: 'ns', unitY: 'V' };
  }
  const { points } = capture.network;
  const y = points.map(({ s }) => {
    const { re, im } = s[0]?.[0] ?? { re: 0, im: 0 };
    return Math.min(FAINTEST_DB, -20 * Math.log10(Math.hypot(re, im)));
  });
  return {
    kind: 'sweep',
    x: Float64Array.from(points, ({ hz }) => hz / 1e6),
    y: Float64Array.from(y),
    unitX: 'MHz',
    unitY: 'dB',
  };
}

const bounds = (values: Float64Array): readonly [number, number] => {
  let [least, most] = [Infinity, -Infinity];
  for (const value of values) {
    least = Math.min(least, value);
    most = Math.max(most, value);
  }
  return [least, most];
};

/** A curve in its frame, with what its edges are. */
export function drawPlot(page: Page, { x, y, unitX, unitY }: Plotted, words: string): void {
  if (!hasRoom(page, HEIGHT + WORDS)) page.addPage();
  page.font('text').fontSize(9.5).fillColor(INK).text(words, MARGIN);
  const [left, top] = [MARGIN, page.y + 4];
  const width = page.page.width - 2 * MARGIN;
  const [fromX, toX] = bounds(x);
  const [low, high] = bounds(y);
  const atX = (value: number) => left + ((value - fromX) / (toX - fromX || 1)) * width;
  const atY = (value: number) => top + HEIGHT - ((value - low) / (high - low || 1)) * HEIGHT;
  page.rect(left, top, width, HEIGHT).lineWidth(0.5).strokeColor(QUIET).stroke();
  const each = Math.max(1, Math.ceil(x.length / COLUMNS));
  for (let from = 0; from < x.length; from += each) {
    const [least, most] = bounds(y.subarray(from, from + each));
    const at = atX(x[from] ?? 0);
    if (from === 0) page.moveTo(at, atY(y[0] ?? 0));
    page.lineTo(at, atY(least)).lineTo(at, atY(most));
  }
  page.lineWidth(0.8).strokeColor(INK).stroke();
  const said = (value: number) => String(Number(value.toPrecision(4)));
  page.font('mono').fontSize(8).fillColor(QUIET);
  page.text(`${said(fromX)} ${unitX}`, left, top + HEIGHT + 3, { lineBreak: false });
  page.text(`${said(low)} ${unitY} … ${said(high)} ${unitY}`, left + width / 3, top + HEIGHT + 3, {
    width: width / 3,
    align: 'center',
    lineBreak: false,
  });
  page.text(`${said(toX)} ${unitX}`, left + (2 * width) / 3, top + HEIGHT + 3, {
    width: width / 3,
    align: 'right',
    lineBreak: false,
  });
  page.fillColor(INK);
  page.x = MARGIN;
  page.y = top + HEIGHT + WORDS / 2;
}
