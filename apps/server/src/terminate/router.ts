import { batchRequest, planRequest, templateQuery } from '@near-spoke/contract';
import { DEFAULT_SCHOOLS, type Catalogue } from '@near-spoke/core/catalogue';
import {
  planBatch,
  planTermination,
  toolGaps,
  type TerminationTask,
} from '@near-spoke/core/terminate';
import { Router } from 'express';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { parseBody, parseQuery } from '../http/parse';
import { ProblemError } from '../http/problem-error';
import { namedParts } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';
import { templatePdf } from './template-pdf';

type EndToPlan = z.output<typeof batchRequest>['ends'][number];

export function terminateRouter(db: Database): Router {
  const router = Router();
  const taskOf = (
    { unit, schools, ...rest }: Omit<EndToPlan, 'id'>,
    catalogue: Catalogue,
    under = '',
  ): TerminationTask => ({
    ...rest,
    ...namedParts(rest, catalogue, under),
    schools: { ...DEFAULT_SCHOOLS, ...schools },
    units: unit === 'in' ? 'imperial' : 'metric',
  });

  router.post('/terminate/plan', async (request, response) => {
    const { without, tools, ...end } = parseBody(planRequest, request);
    const catalogue = await loadCatalogue(db);
    const plan = planTermination({ ...taskOf(end, catalogue), tools }, catalogue);
    const gaps = toolGaps(plan.steps, (tool) => !without.includes(tool));
    response.json({ ...plan, gaps });
  });
  router.post('/terminate/batch', async (request, response) => {
    const { ends } = parseBody(batchRequest, request);
    const catalogue = await loadCatalogue(db);
    const tasks = ends.map(({ id, ...end }, index) => ({
      id,
      task: taskOf(end, catalogue, `ends.${index}.`),
    }));
    response.json(planBatch(tasks, catalogue));
  });
  router.get('/terminate/template.pdf', async (request, response) => {
    const catalogue = await loadCatalogue(db);
    const task: TerminationTask = {
      ...namedParts(parseQuery(templateQuery, request), catalogue),
      scheme: 'T568B',
      otherEnd: 'made',
    };
    const { fit, cuts } = planTermination(task, catalogue);
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
      .send(await templatePdf(task, cuts));
  });
  return router;
}
