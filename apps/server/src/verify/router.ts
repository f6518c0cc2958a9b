import { diagnoseRequest } from '@near-spoke/contract';
import { diagnose } from '@near-spoke/core/verify';
import { Router } from 'express';
import { parseBody } from '../http/parse';

export function verifyRouter(): Router {
  const router = Router();
  router.post('/verify/diagnose', (request, response) => {
    const { scheme, shielded, ...shown } = parseBody(diagnoseRequest, request);
    response.json(diagnose({ ...shown, wiring: { scheme, shielded } }));
  });
  return router;
}
