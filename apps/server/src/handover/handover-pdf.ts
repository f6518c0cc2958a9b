import type { LinkRecord, LinkSummary } from '@near-spoke/contract';
import type { Figure } from '@near-spoke/core/figure';
import { recordMessage } from '@near-spoke/core/record';
import { terminateMessage } from '@near-spoke/core/terminate';
import { formatLength } from '@near-spoke/core/units';
import { drawFigure } from '../adapters/card-pdf';
import { writeFoot } from '../pdf/footers';
import { INK, MARGIN, QUIET, ROW, field, hasRoom, rule, title, when } from '../pdf/lines';
import { newPage, type Page } from '../pdf/page';
import { tableRow } from '../pdf/table-row';
import { POINTS_PER_MM } from '../pdf/units';
import type { Recording } from '../record/link-record';
import { writeRecord, type Files } from '../record/write-record';
import type { Gathered } from './gather';
import { plans, type PlanOf } from './plans';
import { drawPlot, plottedOf } from './plot';

/** Names that a page of the index has, in two columns. */
const INDEX_ROWS = 46;
const INDEX_COLUMNS = 2;

export interface Handover {
  readonly recording: Recording;
  readonly gathered: Gathered;
  readonly adapters: readonly { readonly name: string; readonly figure: Figure }[];
  readonly plans: readonly PlanOf[];
  /** The key that it will be signed with, as people compare it. */
  readonly key: string;
  readonly writtenAt: string;
}

/** The page on which each link begins, by its id. */
type Pages = ReadonlyMap<string, number>;
/** Where in the document the index is. */
const INDEX = 'index';

/**
 * All that is known of a site as one document, on A4: cover, schedule, what is open, floor plans, each link, adapters,
 * index.
 * A page that is full is written out and let go, so that thousands of links need no more memory than few: what
 * is only known at the end, the pages of the index, stands there.
 *
 * @param records of all links in turn, some at a time, with the files that they name
 */
export async function handoverPdf(
  handover: Handover,
  records: AsyncIterable<{ readonly record: LinkRecord; readonly files: Files }>,
): Promise<Buffer> {
  const { site, tell, job } = handover.recording;
  const { document: say } = tell.pages.handover;
  const written = when(handover.writtenAt, tell);
  let number = 0;
  const { page, bytes } = newPage(
    {
      size: 'A4',
      margin: MARGIN,
      info: { Title: `${site.name}: ${say.heading}`, Creator: 'Near Spoke' },
    },
    (begun, at) => {
      number = at;
      writeFoot(begun, say.footer(site.name, written, at));
    },
  );
  const pages = new Map<string, number>();
  cover(page, handover);
  schedule(page, handover);
  unproven(page, handover);
  remade(page, handover);
  changed(page, handover);
  await plans(page, handover.plans, handover.recording);
  for await (const { record, files } of records) {
    page.addPage();
    pages.set(record.link.id, number);
    page.addNamedDestination(record.link.id);
    page.outline.addItem(record.link.label);
    writeRecord(page, record, job, files, tell);
    plots(page, record, files, handover);
  }
  for (const { name, figure } of handover.adapters) {
    page.addPage({
      size: [figure.widthMm * POINTS_PER_MM, figure.heightMm * POINTS_PER_MM],
      margin: 0,
    });
    page.outline.addItem(name);
    drawFigure(page, figure);
  }
  index(page, handover, pages);
  page.end();
  return bytes;
}

function cover(page: Page, handover: Handover): void {
  const { recording, gathered, adapters, plans: drawn, key, writtenAt } = handover;
  const { site, tell } = recording;
  const { document: say, counts } = tell.pages.handover;
  page.moveDown(6);
  page.font('text').fontSize(14).fillColor(QUIET).text(say.heading);
  page.font('bold').fontSize(30).fillColor(INK).text(site.name);
  page.font('text').fontSize(12);
  if (site.note) page.text(site.note);
  page.text(say.written(when(writtenAt, tell))).moveDown(1.5);
  const proven = gathered.links.filter(isProven).length;
  for (const [name, count] of [
    [counts.links, gathered.links.length],
    [counts.proven, proven],
    [counts.open, gathered.links.length - proven],
    [counts.remade, gathered.remakes.length],
    [counts.plans, drawn.length],
    [counts.adapters, adapters.length],
  ] as const)
    field(page, name, String(count));
  page.moveDown(1);
  if (gathered.links.length > 0)
    page.fontSize(10.5).text(say.indexAt, { goTo: INDEX }).moveDown(0.5);
  page.fontSize(10.5).text(say.scheme(site.defaultScheme, site.schemeReason));
  rule(page);
  page.font('bold').fontSize(10.5).text(say.signed(key));
  page.font('text').text(say.signedHow);
  rule(page);
  page.fillColor(QUIET).text(say.caution).fillColor(INK);
}

const isProven = ({ state }: LinkSummary): boolean => state === 'pass';

/** Labels in order, each with its page. */
function index(page: Page, { recording, gathered }: Handover, pages: Pages): void {
  const { tell } = recording;
  const { document: say } = tell.pages.handover;
  const order = new Intl.Collator(tell.pages.record.locale, { numeric: true });
  const links = [...gathered.links].sort((a, b) => order.compare(a.label, b.label));
  const width = (page.page.width - 2 * MARGIN) / INDEX_COLUMNS;
  links.forEach((link, place) => {
    const onPage = place % (INDEX_ROWS * INDEX_COLUMNS);
    if (onPage === 0) {
      page.addPage({ size: 'A4', margin: MARGIN });
      if (place === 0) {
        page.addNamedDestination(INDEX);
        page.outline.addItem(say.index);
      }
      page.font('bold').fontSize(16).fillColor(INK).text(say.index, MARGIN, MARGIN);
    }
    const x = MARGIN + Math.floor(onPage / INDEX_ROWS) * width;
    const y = MARGIN + 32 + (onPage % INDEX_ROWS) * ROW;
    const row = { height: ROW - 2, ellipsis: true, lineBreak: false, goTo: link.id };
    page
      .font('text')
      .fontSize(9.5)
      .text(link.label, x, y, { ...row, width: width - 80 });
    page
      .fillColor(QUIET)
      .text(say.page(pages.get(link.id) ?? 0), x + width - 76, y, { ...row, width: 60 })
      .fillColor(INK);
  });
}

/** A part of its own, on a new page that the outline names. */
function part(page: Page, name: string): void {
  page.addPage();
  page.outline.addItem(name);
  page.font('bold').fontSize(16).fillColor(INK).text(name, MARGIN).moveDown(0.5);
}

const SCHEDULE = {
  columns: { label: 50, near: 110, far: 195, cable: 300, length: 400, state: 450 },
  size: 8.5,
  row: ROW,
} as const;

function schedule(page: Page, { recording, gathered }: Handover): void {
  const { site, tell, job } = recording;
  const { document: say } = tell.pages.handover;
  part(page, say.schedule);
  tableRow(page, SCHEDULE, 'bold', say.columns);
  for (const link of gathered.links) {
    if (!hasRoom(page, ROW)) {
      page.addPage();
      tableRow(page, SCHEDULE, 'bold', say.columns);
    }
    tableRow(page, SCHEDULE, 'text', {
      label: link.label,
      near: link.near.place,
      far: link.far.place,
      cable: job.catalogue.cable(link.cable).name,
      length: link.lengthM === null ? say.noLength : formatLength(link.lengthM, site.units),
      state: tell(recordMessage('link-state', { state: link.state })),
    });
  }
}

/** What nobody may take for proven, with what would prove it. */
function unproven(page: Page, { recording, gathered }: Handover): void {
  const { tell } = recording;
  const { document: say } = tell.pages.handover;
  part(page, say.unproven);
  const open = gathered.links.filter((link) => !isProven(link));
  if (open.length === 0) page.font('text').fontSize(10.5).text(say.allProven);
  for (const { label, state, next } of open)
    field(page, label, `${tell(recordMessage('link-state', { state }))}. ${next.sentence}`);
}

function remade(page: Page, { recording, gathered }: Handover): void {
  const { tell } = recording;
  const { document: say } = tell.pages.handover;
  part(page, say.remade);
  if (gathered.remakes.length === 0) page.font('text').fontSize(10.5).text(say.noneRemade);
  for (const { label, tick } of gathered.remakes) {
    const end = tell(recordMessage('link-end', { end: tick.end }));
    const cause =
      tick.cause === ''
        ? say.noCause
        : tell(terminateMessage('remake-cause', { cause: tick.cause }));
    field(page, label, say.made(when(tick.at, tell), end, cause));
  }
}

function changed(page: Page, { recording, gathered }: Handover): void {
  const { tell } = recording;
  const { document: say } = tell.pages.handover;
  page.moveDown(1.5);
  title(page, say.changes);
  if (gathered.changes.length === 0) page.font('text').fontSize(10.5).text(say.noChanges);
  for (const { label, change } of gathered.changes)
    field(page, label, `${when(change.at, tell)}, ${change.by}: ${change.text}`);
}

/** What was kept of traces and sweeps, as curves. */
function plots(page: Page, { traces }: LinkRecord, files: Files, { recording }: Handover): void {
  const { document: say } = recording.tell.pages.handover;
  for (const trace of traces) {
    const file = files.get(trace.blob);
    const plotted = file ? plottedOf(file, trace.name) : null;
    if (!plotted) {
      title(page, say.trace(trace.name));
      page.font('text').fontSize(9.5).text(say.noPlot);
      continue;
    }
    const [name, axes] =
      plotted.kind === 'trace'
        ? [say.trace(trace.name), say.traceAxes]
        : [say.sweep(trace.name), say.sweepAxes];
    drawPlot(page, plotted, `${name}, ${when(trace.at, recording.tell)}: ${axes}`);
  }
}
