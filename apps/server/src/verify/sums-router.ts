import { lampBuildRequest, lineRequest, lossRequest } from '@near-spoke/contract/diagnosis';
import { buildLamps } from '@near-spoke/core/verify/build';
import { lossBudget } from '@near-spoke/core/verify/coax';
import { judgeLine, ringerLoad } from '@near-spoke/core/verify/line';
import { Router } from 'express';
import type { Database } from '../db/database';
import { parseBody } from '../http/parse';
import { ProblemError } from '../http/problem-error';
import { knownCable } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';

/** What Verify works out from a few numbers: loss of coax, telephone lines, lamp testers. */
export function sumsRouter(db: Database): Router {
  const router = Router();
  router.post('/verify/loss', async (request, response) => {
    const { cable: id, ...question } = parseBody(lossRequest, request);
    const cable = knownCable(id, await loadCatalogue(db));
    if (cable?.family !== 'coax')
      throw new ProblemError(422, 'Not valid', 'Loss is worked out for coaxial cables.', {
        errors: [{ path: 'cable', reason: 'is not coaxial' }],
      });
    response.json(lossBudget({ ...question, cable }));
  });
  router.post('/verify/line', (request, response) => {
    const { ringers, ringersMost, ...readings } = parseBody(lineRequest, request);
    response.json({ ...judgeLine(readings), ringers: ringerLoad(ringers, ringersMost) });
  });
  router.post('/verify/lamp-build', (request, response) => {
    response.json(buildLamps(parseBody(lampBuildRequest, request)));
  });
  return router;
}
