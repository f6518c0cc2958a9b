import { planRequest } from '@near-spoke/contract';
import { planTermination } from '@near-spoke/core/terminate';
import { Router } from 'express';
import { parseBody } from '../http/parse';

export function terminateRouter(): Router {
  const router = Router();
  router.post('/terminate/plan', (request, response) => {
    response.json(planTermination(parseBody(planRequest, request)));
  });
  return router;
}
