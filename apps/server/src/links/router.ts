import { linkInput, linkPatch, linkQuery, rowQuery, type Link } from '@near-spoke/contract';
import { hubOf } from '@near-spoke/core/link';
import { Router } from 'express';
import { repin } from '../adapters/repository';
import { inTransaction, type Database } from '../db/database';
import { parseBody, parseId, parseQuery, parseVersion } from '../http/parse';
import { invalid } from '../http/problem-error';
import { refuseUnknownParts } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';
import type { Services } from '../services';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { byJob } from '../work/mount';
import { exportSchedule } from './export-schedule';
import { rowsAsJson, standingInNumbers } from './lists';
import {
  createLink,
  getLink,
  getRow,
  linkPage,
  removeLink,
  restoreLink,
  updateLink,
} from './repository';
import { standingOf } from './standing';

export function linksRouter({ db, pool, refresher }: Services): Router {
  const router = Router();

  router.get('/sites/:id/links', async (request, response) => {
    const site = await getSite(db, parseId(request, 'site'));
    const query = parseQuery(linkQuery, request);
    await refresher.beforeList(site.id);
    const { rows, next, total } = await linkPage(db, site.id, query);
    const links = await standingOf(db, rows, await jobOf(db, site));
    response.json({ links, next, total });
  });
  router.get('/sites/:id/rows', async (request, response) => {
    const { id } = await getSite(db, parseId(request, 'site'));
    const { after, limit } = parseQuery(rowQuery, request);
    await refresher.beforeList(id);
    response.type('json').send(await rowsAsJson(db, id, after, limit));
  });
  router.get('/sites/:id/standing', async (request, response) => {
    const { id } = await getSite(db, parseId(request, 'site'));
    await refresher.beforeList(id);
    response.json(await standingInNumbers(db, id));
  });
  router.post('/sites/:id/along', byJob(pool, 'takeAlong'));
  router.post('/sites/:id/links/import', byJob(pool, 'importSchedule'));
  router.get('/sites/:id/links/export', (request, response) =>
    exportSchedule(db, request, response),
  );
  router.post('/sites/:id/links', async (request, response) => {
    const site = await getSite(db, parseId(request, 'site'));
    const { id, ...input } = parseBody(linkInput, request);
    refuseUnknownParts(input, await loadCatalogue(db));
    const link = { ...input, hub: input.hub ?? hubOf(input.near.place) };
    const made = await createLink(db, site.id, link, id);
    response.status(201).json(await summaryOf(db, made.id));
  });
  router.get('/links/:id', async (request, response) => {
    response.json(await summaryOf(db, parseId(request, 'link')));
  });
  router.patch('/links/:id', async (request, response) => {
    const id = parseId(request, 'link');
    const patch = parseBody(linkPatch, request);
    // The link and the cores of the adapter that it may be are changed together.
    await inTransaction(db, async (tx) => {
      const current = await getLink(tx, id);
      const catalogue = await loadCatalogue(tx);
      refuseUnknownParts(patch, catalogue);
      refuseLongRoute({ ...current, ...patch }, patch.route ? 'route' : 'lengthM');
      await updateLink(tx, current, patch);
      await repin(tx, id, catalogue);
    });
    response.json(await summaryOf(db, id));
  });
  router.delete('/links/:id', async (request, response) => {
    await removeLink(db, parseId(request, 'link'), parseVersion(request));
    response.status(204).end();
  });
  router.post('/links/:id/restore', async (request, response) => {
    const { id } = await restoreLink(db, parseId(request, 'link'));
    response.json(await summaryOf(db, id));
  });
  return router;
}

/** A link with where it stands now. */
async function summaryOf(db: Database, id: string) {
  const row = await getRow(db, id);
  const job = await jobOf(db, await getSite(db, row.siteId));
  return (await standingOf(db, [row], job))[0];
}

function refuseLongRoute({ lengthM, route }: Pick<Link, 'lengthM' | 'route'>, path: string): void {
  const last = route.at(-1);
  if (lengthM !== null && last && last.atM > lengthM)
    throw invalid([{ path, reason: `“${last.name}” lies beyond the far end` }]);
}
