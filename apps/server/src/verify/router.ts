import { diagnoseRequest } from '@near-spoke/contract';
import { fourPairWiring } from '@near-spoke/core/link';
import { diagnose } from '@near-spoke/core/verify';
import { Router } from 'express';
import { parseBody } from '../http/parse';

export function verifyRouter(): Router {
  const router = Router();
  router.post('/verify/diagnose', (request, response) => {
    const { scheme, shielded, ...shown } = parseBody(diagnoseRequest, request);
    response.json(
      diagnose({ ...shown, wiring: fourPairWiring(scheme.near, scheme.far, shielded) }),
    );
  });
  return router;
}
