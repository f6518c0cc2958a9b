import { siteInput, sitePatch } from '@near-spoke/contract';
import { Router } from 'express';
import type { Services } from '../services';
import { parseBody, parseId, parseVersion } from '../http/parse';
import { createSite, getSite, listSites, removeSite, updateSite } from './repository';

export function sitesRouter({ db }: Services): Router {
  const router = Router();
  router.get('/sites', async (_request, response) => {
    response.json({ sites: await listSites(db) });
  });
  router.post('/sites', async (request, response) => {
    response.status(201).json(await createSite(db, parseBody(siteInput, request)));
  });
  router.get('/sites/:id', async (request, response) => {
    response.json(await getSite(db, parseId(request, 'site')));
  });
  router.patch('/sites/:id', async (request, response) => {
    const id = parseId(request, 'site');
    await getSite(db, id);
    response.json(await updateSite(db, id, parseBody(sitePatch, request)));
  });
  router.delete('/sites/:id', async (request, response) => {
    await removeSite(db, parseId(request, 'site'), parseVersion(request));
    response.status(204).end();
  });
  return router;
}
