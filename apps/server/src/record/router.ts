import { Router } from 'express';
import type { Services } from '../services';
import { byJob } from '../work/mount';

export function recordRouter({ pool }: Services): Router {
  const router = Router();
  router.get('/links/:id/record', byJob(pool, 'record'));
  router.get('/links/:id/record.pdf', byJob(pool, 'recordAsPdf'));
  return router;
}
