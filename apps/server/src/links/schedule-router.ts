import { decodeText } from '@near-spoke/core/captures';
import { importText, type ImportReport } from '@near-spoke/contract';
import { parseSchedule, writeSchedule } from '@near-spoke/core/formats';
import { Router, raw, type Request } from 'express';
import type { Database } from '../db/database';
import { parseBody, parseId } from '../http/parse';
import { ProblemError } from '../http/problem-error';
import { loadCatalogue } from '../parts/repository';
import { getSite } from '../sites/repository';
import { createLinks, listLinks, takenLabels } from './repository';

const PREVIEW = 50;
const PROBLEMS = 1000;
const SCHEDULE_LIMIT = '8mb';

/** Cable schedules in and out. */
export function scheduleRouter(db: Database): Router {
  const router = Router();
  const text = raw({ type: ['text/*', 'application/octet-stream'], limit: SCHEDULE_LIMIT });

  router.post('/sites/:id/links/import', text, async (request, response) => {
    const site = await getSite(db, parseId(request, 'site'));
    const dryRun = request.query['dryRun'] === 'true';
    const parsed = parseSchedule(scheduleText(request), {
      catalogue: await loadCatalogue(db),
      defaultScheme: site.defaultScheme,
      takenLabels: await takenLabels(db, site.id),
    });
    if (!parsed.ok) {
      const lines = new Set(parsed.problems.map((problem) => problem.line)).size;
      throw new ProblemError(
        422,
        'Schedule not imported',
        `${parsed.problems.length} cells on ${lines} lines can’t be read. Nothing was imported.`,
        { cells: parsed.problems.slice(0, PROBLEMS) },
      );
    }
    if (!dryRun) await createLinks(db, site.id, parsed.links);
    const hubs = new Map<string, number>();
    for (const { hub } of parsed.links) hubs.set(hub, (hubs.get(hub) ?? 0) + 1);
    const report: ImportReport = {
      dryRun,
      imported: dryRun ? 0 : parsed.links.length,
      count: parsed.links.length,
      hubs: [...hubs].map(([hub, count]) => ({ hub, count })),
      notes: parsed.notes.slice(0, PROBLEMS),
      links: parsed.links.slice(0, PREVIEW).map((link) => ({
        ...link,
        route: [...link.route],
        schools: {},
      })),
    };
    response.status(dryRun ? 200 : 201).json(report);
  });

  router.get('/sites/:id/links/export', async (request, response) => {
    const site = await getSite(db, parseId(request, 'site'));
    const csv = writeSchedule(await listLinks(db, site.id), await loadCatalogue(db));
    const name = site.name.replace(/[^\w-]+/g, '-').toLowerCase();
    response
      .type('text/csv')
      .attachment(`${name || 'site'}-schedule.csv`)
      .send(csv);
  });
  return router;
}

function scheduleText(request: Request): string {
  if (Buffer.isBuffer(request.body)) return decodeText(request.body);
  if (request.is('application/json')) return parseBody(importText, request).csv;
  throw new ProblemError(
    415,
    'Not supported',
    'Send the schedule as text/csv, or as JSON: {"csv": "..."}.',
  );
}
