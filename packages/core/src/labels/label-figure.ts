import { path, rectangle, words, type Mark } from '../figure';
import type { Box } from './stock';

/** A QR symbol: dark modules, row by row, without its quiet zone. */
export type QrModules = readonly (readonly boolean[])[];

/** How wide a text is for each millimetre of its letters' size. */
export type Measure = (text: string, bold: boolean) => number;

export interface LabelFace {
  readonly marks: readonly Mark[];
  /** Size of the smallest letters, mm; 0 where nothing is written. */
  readonly letterMm: number;
  /** Of one module of the QR symbol, mm; null without one. */
  readonly moduleMm: number | null;
}

const EDGE_MM = 1;
/** No line is written larger than this, whatever the room. */
const LARGEST_MM = 6;
/** The first line names the link, and is read from further away. */
const FIRST = 1.4;
const LEADING = 1.2;
/** Of a line's height, from its top to where letters stand. */
const STANDS = 0.85;
/** Around a QR symbol, in modules: ISO/IEC 18004. */
const QUIET_MODULES = 4;
/** At most so much of a face's width is its QR symbol. */
const QR_SHARE = 0.55;

/** Words, and a QR symbol to their left, as large as a face holds them. */
export function labelFace(
  { xMm, yMm, widthMm, heightMm }: Box,
  lines: readonly string[],
  qr: QrModules | null,
  measure: Measure,
): LabelFace {
  const highMm = heightMm - 2 * EDGE_MM;
  const sideMm = qr ? Math.min(highMm + 2 * EDGE_MM, widthMm * QR_SHARE) : 0;
  const written = lines.filter((line) => line !== '');
  const [leftMm, wideMm] = qr
    ? [xMm + sideMm, widthMm - sideMm - EDGE_MM]
    : [xMm + EDGE_MM, widthMm - 2 * EDGE_MM];
  const weights = written.map((_, index) => (index === 0 && written.length > 1 ? FIRST : 1));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const sizeMm = Math.max(
    0,
    Math.min(
      LARGEST_MM,
      highMm / (LEADING * total),
      ...written.map(
        (line, index) => wideMm / ((weights[index] ?? 1) * measure(line, index === 0)),
      ),
    ),
  );
  let topMm = yMm + (heightMm - LEADING * total * sizeMm) / 2;
  const texts = written.map((line, index) => {
    const ownMm = sizeMm * (weights[index] ?? 1);
    const stands = topMm + LEADING * STANDS * ownMm;
    topMm += LEADING * ownMm;
    const wide = ownMm * measure(line, index === 0);
    return { ...words(leftMm, stands, line, ownMm, 'start', index === 0), wideMm: wide };
  });
  const moduleMm = qr ? sideMm / (qr.length + 2 * QUIET_MODULES) : null;
  const symbol =
    qr && moduleMm !== null
      ? [path(symbolPath(qr, moduleMm, xMm, yMm + (heightMm - sideMm) / 2), 'ink', null)]
      : [];
  return { marks: [...symbol, ...texts], letterMm: written.length > 0 ? sizeMm : 0, moduleMm };
}

/** Dark modules of a row that lie side by side are one bar: no hairline between them. */
function symbolPath(qr: QrModules, moduleMm: number, xMm: number, yMm: number): string {
  const bars: string[] = [];
  qr.forEach((row, y) => {
    for (let from = 0; from < row.length; from += 1) {
      if (!row[from]) continue;
      let to = from;
      while (row[to]) to += 1;
      bars.push(
        rectangle(
          xMm + (from + QUIET_MODULES) * moduleMm,
          yMm + (y + QUIET_MODULES) * moduleMm,
          (to - from) * moduleMm,
          moduleMm,
        ),
      );
      from = to;
    }
  });
  return bars.join('');
}
