import { cordBatchInput } from '@near-spoke/contract/cords';
import { countCords } from '@near-spoke/core/record';
import { Router } from 'express';
import { parseBody, parseId } from '../http/parse';
import { refuseUnknownParts } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';
import type { Services } from '../services';
import { getSite } from '../sites/repository';
import { byJob } from '../work/mount';
import { benchOfBatch, refuseTester } from './bench';
import { createBatch, getBatch, listBatches, listFacts } from './repository';

/** Batches of cords that are alike. */
export function cordsRouter({ db, pool }: Services): Router {
  const router = Router();
  router.get('/sites/:id/cords', async (request, response) => {
    const site = await getSite(db, parseId(request, 'site'));
    const batches = await listBatches(db, site.id);
    const counted = batches.map(async (batch) => {
      const { passed, failed } = countCords(await listFacts(db, batch.id));
      return { ...batch, passed, failed };
    });
    response.json({ batches: await Promise.all(counted) });
  });
  router.post('/sites/:id/cords', async (request, response) => {
    const site = await getSite(db, parseId(request, 'site'));
    const body = parseBody(cordBatchInput, request);
    refuseUnknownParts(body.cord, await loadCatalogue(db));
    refuseTester(body.tester, await benchOfBatch(db, { siteId: site.id, cord: body.cord }));
    response.status(201).json(await createBatch(db, site.id, body));
  });
  router.get('/cords/:id', async (request, response) => {
    response.json(await getBatch(db, parseId(request, 'batch of cords')));
  });
  router.get('/cords/:id/facts', async (request, response) => {
    const { id } = await getBatch(db, parseId(request, 'batch of cords'));
    response.json({ facts: await listFacts(db, id) });
  });
  router.post('/cords/:id/facts', byJob(pool, 'keepCord'));
  router.get('/cords/:id/sheet', byJob(pool, 'cordSheet'));
  router.get('/cords/:id/sheet.csv', byJob(pool, 'cordSheetCsv'));
  router.get('/cords/:id/sheet.pdf', byJob(pool, 'cordSheetPdf'));
  return router;
}
