import { linkInput, linkPatch, type Link } from '@near-spoke/contract';
import { hubOf } from '@near-spoke/core/link';
import { Router } from 'express';
import { repin } from '../adapters/repository';
import type { Database } from '../db/database';
import { parseBody, parseId, parseVersion } from '../http/parse';
import { ProblemError } from '../http/problem-error';
import { refuseUnknownParts } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { createLink, getLink, listLinks, removeLink, restoreLink, updateLink } from './repository';
import { summarise } from './standing';

export function linksRouter(db: Database): Router {
  const router = Router();
  const one = async (link: Link) => {
    const job = await jobOf(db, await getSite(db, link.siteId));
    return (await summarise(db, [link], job))[0];
  };

  router.get('/sites/:id/links', async (request, response) => {
    const site = await getSite(db, parseId(request, 'site'));
    const job = await jobOf(db, site);
    response.json({ links: await summarise(db, await listLinks(db, site.id), job) });
  });
  router.post('/sites/:id/links', async (request, response) => {
    const site = await getSite(db, parseId(request, 'site'));
    const { id, ...input } = parseBody(linkInput, request);
    refuseUnknownParts(input, await loadCatalogue(db));
    const link = { ...input, hub: input.hub ?? hubOf(input.near.place) };
    response.status(201).json(await one(await createLink(db, site.id, link, id)));
  });
  router.get('/links/:id', async (request, response) => {
    response.json(await one(await getLink(db, parseId(request, 'link'))));
  });
  router.patch('/links/:id', async (request, response) => {
    const current = await getLink(db, parseId(request, 'link'));
    const patch = parseBody(linkPatch, request);
    refuseUnknownParts(patch, await loadCatalogue(db));
    const { lengthM, route } = { ...current, ...patch };
    const last = route.at(-1);
    if (lengthM !== null && last && last.atM > lengthM)
      throw new ProblemError(422, 'Not valid', `“${last.name}” lies beyond the far end.`, {
        errors: [{ path: patch.route ? 'route' : 'lengthM', reason: 'the route is longer' }],
      });
    const updated = await updateLink(db, current, patch);
    await repin(db, updated.id, await loadCatalogue(db));
    response.json(await one(await getLink(db, updated.id)));
  });
  router.delete('/links/:id', async (request, response) => {
    await removeLink(db, parseId(request, 'link'), parseVersion(request));
    response.status(204).end();
  });
  router.post('/links/:id/restore', async (request, response) => {
    response.json(await one(await restoreLink(db, parseId(request, 'link'))));
  });
  return router;
}
