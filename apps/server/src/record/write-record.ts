import type { LinkRecord } from '@near-spoke/contract';
import { ENDS, wireRows, wiringOf, type Job } from '@near-spoke/core/link';
import { linkFacts, recordMessage, tickedKeys, togetherWith } from '@near-spoke/core/record';
import { recordSections, signature } from '@near-spoke/core/record/sections';
import { ofDeed } from '@near-spoke/core/link';
import { common } from '@near-spoke/core/message';
import { terminateMessage } from '@near-spoke/core/terminate';
import { tester } from '@near-spoke/core/verify';
import { told, type Tell } from '@near-spoke/words';
import { INK, MARGIN, QUIET, ROW, field, hasRoom, rule, title, when } from '../pdf/lines';
import type { Page } from '../pdf/page';

/** Height that a photo may take, and what is between two, points. */
const PHOTO_HEIGHT = 170;
const GUTTER = 15;

/** Files that were kept, by their SHA-256. */
export type Files = ReadonlyMap<string, Buffer>;

/** All that a record says of one link, from where the page stands on. */
export function writeRecord(
  page: Page,
  record: LinkRecord,
  job: Job,
  files: Files,
  tell: Tell,
): void {
  heading(page, record, tell);
  facts(page, record, job, tell);
  wireMap(page, record, job, tell);
  result(page, record, tell);
  entries(page, record, tell);
  pictures(page, record, files, tell);
  work(page, record, tell);
}

function heading(page: Page, { link, site }: LinkRecord, tell: Tell): void {
  page.font('text').fontSize(10).fillColor(QUIET).text(site.name);
  page.font('bold').fontSize(26).fillColor(INK).text(link.label);
  page
    .font('text')
    .fontSize(12)
    .text(tell.pages.record.fromTo(link.near.place, link.far.place))
    .moveDown(0.3);
  page
    .font('bold')
    .fontSize(14)
    .text(tell(recordMessage('link-state', { state: link.state })));
  rule(page);
}

function facts(page: Page, { link }: LinkRecord, job: Job, tell: Tell): void {
  for (const [name, value] of linkFacts(link, job)) field(page, tell(name), tell(value));
  rule(page);
}

/** Contact by contact: where each conductor should go, and where the last test saw it go. */
function wireMap(page: Page, { link, readings }: LinkRecord, job: Job, tell: Tell): void {
  const say = tell.pages.record;
  const latest = readings.at(-1);
  title(page, latest ? say.mapTested : say.mapIntended);
  const columns = [MARGIN, MARGIN + 60, MARGIN + 160, MARGIN + 260];
  const heads = [say.near, say.conductor, say.shouldReach, say.reached];
  const row = (cells: readonly string[], face: 'bold' | 'mono') => {
    if (!hasRoom(page, ROW) && cells !== heads) {
      page.addPage();
      row(heads, 'bold');
    }
    const y = page.y;
    cells.forEach((cell, index) =>
      page.font(face).fontSize(9.5).text(cell, columns[index], y, { lineBreak: false }),
    );
    page.x = MARGIN;
    page.y = y + ROW;
  };
  row(heads, 'bold');
  for (const wire of wireRows(latest?.nets ?? [], wiringOf(link, job))) {
    const reached = wire.reached.join(', ') || say.nothing;
    row(
      [
        wire.near,
        wire.conductor ?? say.none,
        wire.wanted ?? say.nothing,
        latest ? `${reached}${wire.right ? '' : `, ${say.wrong}`}` : say.untested,
      ],
      'mono',
    );
  }
  page.moveDown(0.4);
  rule(page);
}

function result(page: Page, { diagnosis, readings }: LinkRecord, tell: Tell): void {
  const say = tell.pages.record;
  const latest = readings.at(-1);
  title(page, say.result);
  if (!diagnosis || !latest) {
    page.font('text').fontSize(10.5).text(say.notTested);
    rule(page);
    return;
  }
  page.font('bold').fontSize(10.5).text(diagnosis.summary);
  page.font('text').fontSize(10.5);
  for (const fault of diagnosis.faults) page.text(say.fault(fault.sentence));
  for (const action of diagnosis.actions) page.text(say.toDo(action.sentence));
  page
    .fillColor(QUIET)
    .text(
      `${say.tested(when(latest.takenAt, tell), tell(signature(latest)))}: ${tester(latest.tester).name}. ${tell(recordMessage('entered', { entered: latest.entered }))}`,
    );
  for (const note of diagnosis.unseenNotes) page.text(say.notShown(note));
  page.fillColor(INK);
  rule(page);
}

function work(page: Page, { link, ticks, plans }: LinkRecord, tell: Tell): void {
  const say = tell.pages.record;
  title(page, say.work);
  for (const end of ENDS) {
    const { done, total } = link.ends[end];
    const last = ticks.filter((tick) => tick.end === end).at(-1);
    const by = last ? `, ${say.lastTick(when(last.at, tell), tell(signature(last)))}` : '';
    field(page, tell(recordMessage('link-end', { end })), `${say.ticked(done, total)}${by}`);
    // The stop points, since they can't be looked at any more.
    const ticked = tickedKeys(ticks, end);
    const together = togetherWith(ticks, end);
    if (together.size > 0) field(page, '', say.together(together.size));
    for (const step of plans[end].steps)
      for (const check of step.checks)
        if (ticked.has(`${step.id}/${check.id}`)) {
          const run = together.get(`${step.id}/${check.id}`);
          field(
            page,
            '',
            run ? say.tickedTogetherAt(run.at.slice(11, 16), check.text) : say.checked(check.text),
          );
        }
    for (const tick of ticks.filter((fact) => fact.end === end)) {
      const step = plans[end].steps.find(({ id }) => id === tick.key);
      if (tick.done && tick.measuredMm !== null && step?.measure && ticked.has(tick.key))
        field(
          page,
          '',
          say.measured(step.measure.what, tell(common('cut', { mm: tick.measuredMm }))),
        );
      if (tick.cause)
        field(
          page,
          '',
          say.madeAgain(
            when(tick.at, tell),
            tell(terminateMessage('remake-cause', { cause: tick.cause })),
          ),
        );
    }
  }
  rule(page);
}

/** What is told entry by entry: the same on screen. */
function entries(page: Page, record: LinkRecord, tell: Tell): void {
  const sections = recordSections({ ...record, places: ofDeed(record.places, 'place') });
  for (const { title: name, entries: rows } of told(sections, tell)) {
    title(page, name);
    for (const { at, by, text, quiet, taken } of rows) {
      const back = taken
        ? tell.pages.record.takenBack(when(taken.at, tell), taken.by, taken.why)
        : '';
      field(page, when(at, tell), [`${by}: ${text}`, quiet, back].filter(Boolean).join(' '));
    }
    rule(page);
  }
}

/** Photos, two beside one another, each with what it shows. */
function pictures(page: Page, { photos }: LinkRecord, files: Files, tell: Tell): void {
  if (photos.length === 0) return;
  title(page, tell.pages.record.photos, PHOTO_HEIGHT + 4 * ROW);
  const width = (page.page.width - 2 * MARGIN - GUTTER) / 2;
  const rows = [...photos].reverse();
  for (let from = 0; from < rows.length; from += 2) {
    const row = rows.slice(from, from + 2);
    page.font('text').fontSize(9.5);
    const words = row.map((photo) =>
      `${tell(recordMessage('where', { where: photo.where }))}, ${when(photo.at, tell)}, ${tell(signature(photo))}. ${photo.text}`.trim(),
    );
    const wordsHeight = Math.max(...words.map((text) => page.heightOfString(text, { width })));
    if (!hasRoom(page, PHOTO_HEIGHT + wordsHeight + ROW)) page.addPage();
    const y = page.y;
    row.forEach((photo, index) => {
      const x = MARGIN + index * (width + GUTTER);
      const file = files.get(photo.blob);
      if (!file || !drawn(page, file, x, y, width))
        page.fillColor(QUIET).text(tell.pages.record.noPhoto, x, y, { width });
      page.fillColor(INK).text(words[index] ?? '', x, y + PHOTO_HEIGHT + 4, { width });
    });
    page.x = MARGIN;
    page.y = y + PHOTO_HEIGHT + wordsHeight + ROW;
  }
  rule(page);
}

function drawn(page: Page, file: Buffer, x: number, y: number, width: number): boolean {
  try {
    page.image(file, x, y, { fit: [width, PHOTO_HEIGHT] });
    return true;
  } catch {
    return false;
  }
}
