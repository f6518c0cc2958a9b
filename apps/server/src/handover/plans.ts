import { metresPerUnit, scaleShare, type Drawing } from '@near-spoke/core/plan/drawing';
import { METRES_PER, formatLength } from '@near-spoke/core/units';
import { INK, MARGIN, QUIET, ROW, hasRoom } from '../pdf/lines';
import type { Page } from '../pdf/page';
import { pictureForPdf } from '../pdf/picture';
import { tableRow } from '../pdf/table-row';
import type { Recording } from '../record/link-record';

/** A floor plan of a site, and its picture as it is kept; null where that is gone. */
export interface PlanOf {
  readonly drawing: Drawing;
  readonly picture: { readonly bytes: Buffer; readonly type: string } | null;
}

const WAY = '#8a6414';
/** Dots of places and of what stands, points. */
const DOT = 2.2;
/** Lengths that a scale bar may have, in metres or feet. */
const BARS = [1, 2, 5, 10, 20, 50, 100, 200, 500];
/** A scale bar takes no more of the width than this. */
const BAR_SHARE = 0.25;

const LIST = {
  columns: { number: MARGIN, name: MARGIN + 30, what: MARGIN + 300 },
  size: 9,
  row: ROW,
} as const;

/** A page of each floor: its picture with its ways and places by number, then what they are. */
export async function plans(
  page: Page,
  all: readonly PlanOf[],
  { site, tell }: Recording,
): Promise<void> {
  const { document: say } = tell.pages.handover;
  for (const { drawing, picture } of all) {
    page.addPage({ size: 'A4', layout: 'landscape', margin: MARGIN });
    page.outline.addItem(say.plan(drawing.picture.name));
    page.font('bold').fontSize(16).fillColor(INK).text(say.plan(drawing.picture.name), MARGIN, 36);
    const image = picture && (await pictureForPdf(picture, drawing.picture));
    const sheet = onPage(page, drawing);
    if (!image || !isDrawn(page, image, sheet))
      page
        .font('text')
        .fontSize(10)
        .fillColor(QUIET)
        .text(say.noPicture, sheet.x + 8, sheet.y + 8);
    page
      .rect(sheet.x, sheet.y, sheet.width, sheet.height)
      .lineWidth(0.5)
      .strokeColor(QUIET)
      .stroke();
    const rows = numbered(drawing);
    drawWays(page, drawing, sheet);
    for (const { number, at, way } of rows) drawDot(page, sheet.at(at), number, way);
    drawScale(page, drawing, sheet, { site, tell });
    listed(page, rows, { site, tell });
  }
}

interface Sheet {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Points of the page to a unit of the picture. */
  readonly per: number;
  readonly at: (point: { readonly x: number; readonly y: number }) => {
    readonly x: number;
    readonly y: number;
  };
}

/** As large as the page holds it above the line of its scale. */
function onPage(page: Page, { picture }: Drawing): Sheet {
  const [top, foot] = [66, 72];
  const room = {
    width: page.page.width - 2 * MARGIN,
    height: page.page.height - top - foot,
  };
  const per = Math.min(room.width / picture.width, room.height / picture.height);
  return {
    x: MARGIN,
    y: top,
    width: per * picture.width,
    height: per * picture.height,
    per,
    at: ({ x, y }) => ({ x: MARGIN + per * x, y: top + per * y }),
  };
}

function isDrawn(page: Page, image: Buffer, { x, y, width, height }: Sheet): boolean {
  try {
    page.image(image, x, y, { width, height });
    return true;
  } catch {
    return false;
  }
}

interface Numbered {
  readonly number: number;
  readonly name: string;
  readonly at: { readonly x: number; readonly y: number };
  readonly heightM: number;
  /** Null of a place. */
  readonly way: Drawing['ways'][number]['of'] | null;
}

/** Ways and places by their names, each with the number that it has on the plan. */
function numbered({ ways, places }: Drawing): Numbered[] {
  const rows = [
    ...ways.flatMap(({ name, points, heightM, of }) => {
      const at = of === 'tray' ? middleOf(points) : points[0];
      return at ? [{ name, at, heightM, way: of }] : [];
    }),
    ...places.map(({ place, at, heightM }) => ({ name: place, at, heightM, way: null })),
  ];
  const order = new Intl.Collator(undefined, { numeric: true });
  return rows
    .sort((a, b) => order.compare(a.name, b.name))
    .map((row, index) => ({ ...row, number: index + 1 }));
}

/** Of its longest piece: at its ends other ways begin. */
function middleOf(points: Drawing['ways'][number]['points']): Numbered['at'] | undefined {
  const pieces = points.slice(1).map((b, index) => {
    const a = points[index] ?? b;
    return {
      at: { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 },
      length: Math.hypot(b.x - a.x, b.y - a.y),
    };
  });
  return pieces.sort((a, b) => b.length - a.length)[0]?.at;
}

function drawWays(page: Page, { ways }: Drawing, sheet: Sheet): void {
  for (const { of, points } of ways) {
    if (of !== 'tray') continue;
    points.forEach((point, index) => {
      const { x, y } = sheet.at(point);
      if (index === 0) page.moveTo(x, y);
      else page.lineTo(x, y);
    });
    page.lineWidth(2.5).strokeColor(WAY).strokeOpacity(0.7).stroke().strokeOpacity(1);
  }
}

/** A place is a disc, what stands is a square; what lies is a line, and has its number beside it. */
function drawDot(
  page: Page,
  { x, y }: { readonly x: number; readonly y: number },
  number: number,
  way: Numbered['way'],
): void {
  if (way === null) page.circle(x, y, DOT).fill(INK);
  else if (way !== 'tray') page.rect(x - DOT, y - DOT, 2 * DOT, 2 * DOT).fill(WAY);
  page
    .font('bold')
    .fontSize(7.5)
    .fillColor(way === null ? INK : WAY)
    .text(String(number), x + DOT + 1, y - DOT - 5, { lineBreak: false });
}

type Speaking = Pick<Recording, 'site' | 'tell'>;

function drawScale(page: Page, drawing: Drawing, sheet: Sheet, { site, tell }: Speaking): void {
  const { document: say } = tell.pages.handover;
  const y = sheet.y + sheet.height + 12;
  page.font('text').fontSize(8.5).fillColor(QUIET);
  const { scale } = drawing;
  if (!scale) {
    page.text(say.noScale, sheet.x, y, { lineBreak: false });
    return;
  }
  const pointsPerM = sheet.per / metresPerUnit(scale);
  const lengthOf = (bar: number) => bar * (site.units === 'metric' ? 1 : METRES_PER.ft);
  const barM = lengthOf(
    BARS.findLast((bar) => lengthOf(bar) * pointsPerM <= BAR_SHARE * sheet.width) ?? 1,
  );
  const width = barM * pointsPerM;
  page
    .moveTo(sheet.x, y - 4)
    .lineTo(sheet.x, y)
    .lineTo(sheet.x + width, y)
    .lineTo(sheet.x + width, y - 4)
    .lineWidth(1)
    .strokeColor(INK)
    .stroke();
  page.text(
    say.scale(
      formatLength(barM, site.units),
      formatLength(scale.metres, site.units),
      2 * 100 * scaleShare(drawing, scale),
    ),
    sheet.x + width + 8,
    y - 6,
    { lineBreak: false },
  );
}

function listed(page: Page, rows: readonly Numbered[], { site, tell }: Speaking): void {
  const { document: say } = tell.pages.handover;
  if (rows.length === 0) return;
  page.addPage();
  tableRow(page, LIST, 'bold', say.planColumns);
  for (const { number, name, heightM, way } of rows) {
    if (!hasRoom(page, ROW)) {
      page.addPage();
      tableRow(page, LIST, 'bold', say.planColumns);
    }
    tableRow(page, LIST, 'text', {
      number: String(number),
      name,
      what: say.planWhat[way ?? 'place'](formatLength(heightM, site.units)),
    });
  }
}
