import { Router } from 'express';
import type { Services } from '../services';
import { byJob } from '../work/mount';

/** How ends are made: what is planned, and what has to be brought. */
export function terminateRouter({ pool }: Services): Router {
  const router = Router();
  router.post('/terminate/plan', byJob(pool, 'plan'));
  router.post('/terminate/batch', byJob(pool, 'batch'));
  router.get('/terminate/template.pdf', byJob(pool, 'template'));
  router.get('/sites/:id/kit', byJob(pool, 'kit'));
  router.get('/sites/:id/pace', byJob(pool, 'pace'));
  return router;
}
