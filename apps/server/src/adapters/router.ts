import { adapterFactInput } from '@near-spoke/contract/map';
import { Router } from 'express';
import { parseBody, parseId } from '../http/parse';
import type { Services } from '../services';
import { byJob } from '../work/mount';
import { addFact, getAdapter, listAdapters, listFacts } from './repository';

export function adaptersRouter({ db, pool }: Services): Router {
  const router = Router();
  router.get('/adapters', async (_request, response) => {
    response.json({ adapters: await listAdapters(db) });
  });
  router.post('/adapters', byJob(pool, 'keepAdapter'));
  router.post('/adapters/import', byJob(pool, 'importAdapter'));
  router.get('/adapters/:id', async (request, response) => {
    response.json(await getAdapter(db, parseId(request, 'adapter')));
  });
  router.patch('/adapters/:id', byJob(pool, 'changeAdapter'));
  router.delete('/adapters/:id', byJob(pool, 'putAdapterAway'));
  router.post('/adapters/:id/restore', byJob(pool, 'takeAdapterBack'));
  router.get('/adapters/:id/facts', async (request, response) => {
    const { id } = await getAdapter(db, parseId(request, 'adapter'));
    response.json({ facts: await listFacts(db, id) });
  });
  router.post('/adapters/:id/facts', async (request, response) => {
    const { id } = await getAdapter(db, parseId(request, 'adapter'));
    response.status(201).json(await addFact(db, id, parseBody(adapterFactInput, request)));
  });
  router.get('/adapters/:id/card.pdf', byJob(pool, 'cardPdf'));
  router.get('/adapters/:id/card.svg', byJob(pool, 'cardSvg'));
  router.get('/adapters/:id/nets.csv', byJob(pool, 'netsCsv'));
  router.get('/adapters/:id/file.json', byJob(pool, 'adapterAsFile'));
  router.get('/adapters/:id/subcircuit.cir', byJob(pool, 'subcircuit'));
  return router;
}
