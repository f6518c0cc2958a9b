import { planRequest, templateQuery } from '@near-spoke/contract';
import { planTermination, toolGaps } from '@near-spoke/core/terminate';
import { Router } from 'express';
import { parseBody, parseQuery } from '../http/parse';
import { ProblemError } from '../http/problem-error';
import { templatePdf } from './template-pdf';

export function terminateRouter(): Router {
  const router = Router();
  router.post('/terminate/plan', (request, response) => {
    const { without, ...task } = parseBody(planRequest, request);
    const plan = planTermination(task);
    response.json({ ...plan, gaps: toolGaps(plan, new Set(without)) });
  });
  router.get('/terminate/template.pdf', async (request, response) => {
    const task = {
      ...parseQuery(templateQuery, request),
      scheme: 'T568B',
      otherEnd: 'made',
    } as const;
    const { fit } = planTermination(task);
    if (!fit.ok)
      throw new ProblemError(422, 'Does not fit', 'This connector does not take this cable.', {
        errors: fit.problems.map(({ what, have, need }) => ({
          path: what,
          reason: `${have}; it needs ${need}`,
        })),
      });
    response
      .type('application/pdf')
      .set('Content-Disposition', 'inline; filename="strip-template.pdf"')
      .send(await templatePdf(task));
  });
  return router;
}
