import { ownTesterInput, type OwnTester } from '@near-spoke/contract/tests';
import { parseOwnTester } from '@near-spoke/core/verify/enter';
import { Router } from 'express';
import type { Services } from '../services';
import { parseBody, parseId, parseVersion } from '../http/parse';
import { createOwnTester, listOwnTesters, putOwnTesterAway } from './own-repository';
import { refuse } from '../http/problem-error';

/** Lamp testers of the firm's own. */
export function ownTestersRouter({ db }: Services): Router {
  const router = Router();
  router.get('/testers', async (_request, response) => {
    response.json({ testers: await listOwnTesters(db) });
  });
  router.post('/testers', async (request, response) => {
    const input = parseBody(ownTesterInput, request);
    const parsed = parseOwnTester(input.steps, input);
    if (!parsed.ok) refuse([{ path: 'steps', reason: `line ${parsed.line}: ${parsed.reason}` }]);
    const kept: OwnTester = await createOwnTester(db, input);
    response.status(201).json(kept);
  });
  router.delete('/testers/:id', async (request, response) => {
    await putOwnTesterAway(db, parseId(request, 'tester'), parseVersion(request));
    response.status(204).end();
  });
  return router;
}
