import { seenOf, testInput } from '@near-spoke/contract/tests';
import { benchOf, judgeTest } from '@near-spoke/core/verify/explain';
import { Router } from 'express';
import type { Database } from '../db/database';
import { parseBody, parseId } from '../http/parse';
import { getLink } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { refuseStrangers } from './refuse-strangers';
import { addTest, listTests } from './repository';

/** What testers other than wire-map testers showed. */
export function testsRouter(db: Database): Router {
  const router = Router();
  router.get('/links/:id/tests', async (request, response) => {
    const link = await getLink(db, parseId(request, 'link'));
    response.json({ tests: await listTests(db, link.id) });
  });
  router.post('/links/:id/tests', async (request, response) => {
    const link = await getLink(db, parseId(request, 'link'));
    const input = parseBody(testInput, request);
    const job = await jobOf(db, await getSite(db, link.siteId));
    const bench = benchOf(link, job);
    refuseStrangers([input.reading], bench.wiring, () => 'reading.');
    const judged = judgeTest(seenOf(input.reading), bench);
    response.status(201).json(await addTest(db, link.id, input, bench.wiring, judged));
  });
  return router;
}
