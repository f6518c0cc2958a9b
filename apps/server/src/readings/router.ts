import { Router } from 'express';
import type { Services } from '../services';
import { parseId } from '../http/parse';
import { getLink } from '../links/repository';
import { byJob } from '../work/mount';
import { listReadings } from './repository';

export function readingsRouter({ db, pool }: Services): Router {
  const router = Router();
  router.get('/links/:id/readings', async (request, response) => {
    const link = await getLink(db, parseId(request, 'link'));
    response.json({ readings: await listReadings(db, link.id) });
  });
  router.post('/links/:id/readings', byJob(pool, 'keepReading'));
  return router;
}
