import { Router } from 'express';
import { parseId } from '../http/parse';
import { getLink } from '../links/repository';
import type { Services } from '../services';
import { byJob } from '../work/mount';
import { listTests } from './repository';

/** What testers other than wire-map testers showed. */
export function testsRouter({ db, pool }: Services): Router {
  const router = Router();
  router.get('/links/:id/tests', async (request, response) => {
    const link = await getLink(db, parseId(request, 'link'));
    response.json({ tests: await listTests(db, link.id) });
  });
  router.post('/links/:id/tests', byJob(pool, 'keepTest'));
  return router;
}
