import type { Asked } from '@near-spoke/contract';
import type { ImportReport, scheduleEndpoints } from '@near-spoke/contract/schedule';
import { decodeText } from '@near-spoke/core/captures';
import { parseSchedule } from '@near-spoke/core/formats';
import { NOT_TESTED, summariseLink } from '@near-spoke/core/record';
import { told } from '@near-spoke/words';
import type { Database } from '../db/database';
import { ProblemError } from '../http/problem-error';
import { jsonText } from '../http/reply';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { createLinks, linksHaveGrown, takenLabels } from './repository';
import { KEPT } from '../words/teller';

const PREVIEW = 50;
/** Bad cells and notes that are told one by one. */
const TOLD = 100;
/** A schedule of so many changes what the database is like. */
const MANY = 2000;

const count = (many: number, what: string) => `${many} ${what}${many === 1 ? '' : 's'}`;

/** Reads a cable schedule, and keeps all of it or nothing. */
export async function importSchedule(
  { id, query, body, file }: Asked<typeof scheduleEndpoints.read>,
  db: Database,
) {
  const site = await getSite(db, id);
  const dryRun = query.dryRun === 'true';
  const job = await jobOf(db, site);
  const parsed = parseSchedule(file ? decodeText(file) : (body?.csv ?? ''), {
    catalogue: job.catalogue,
    defaultScheme: site.defaultScheme,
    takenLabels: await takenLabels(db, site.id),
  });
  if (!parsed.ok) {
    const { problems } = parsed;
    const lines = new Set(problems.map((problem) => problem.line)).size;
    throw new ProblemError(
      422,
      'Schedule not imported',
      `${count(problems.length, 'cell')} on ${count(lines, 'line')} can’t be read. Nothing was imported.`,
      {
        cells: problems.slice(0, TOLD),
        ...(problems.length > TOLD ? { errorCount: problems.length } : {}),
      },
    );
  }
  const { links, notes } = parsed;
  if (!dryRun) {
    await createLinks(
      db,
      site.id,
      links.map((link) => told(summariseLink(link, [], NOT_TESTED, job), KEPT)),
    );
    // All of it is kept by now, whatever becomes of this.
    if (links.length >= MANY) await linksHaveGrown(db).catch(() => undefined);
  }
  const hubs = new Map<string, number>();
  for (const { hub } of links) hubs.set(hub, (hubs.get(hub) ?? 0) + 1);
  const report: ImportReport = {
    dryRun,
    imported: dryRun ? 0 : links.length,
    count: links.length,
    hubs: [...hubs].map(([hub, count]) => ({ hub, count })),
    notes: notes.slice(0, TOLD),
    noteCount: notes.length,
    links: links
      .slice(0, PREVIEW)
      .map((link) => ({ ...link, route: [...link.route], schools: {} })),
  };
  // Nothing was made by a dry run.
  return dryRun ? jsonText(JSON.stringify(report)) : report;
}
