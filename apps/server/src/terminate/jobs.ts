import { batchRequest, planRequest, templateQuery } from '@near-spoke/contract';
import { DEFAULT_SCHOOLS, type Catalogue } from '@near-spoke/core/catalogue';
import {
  planBatch,
  planTermination,
  toolGaps,
  type TerminationTask,
} from '@near-spoke/core/terminate';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { file, json, type Ask } from '../http/ask';
import { bodyOf, queryOf } from '../http/parse';
import { ProblemError } from '../http/problem-error';
import { namedParts } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';
import { templatePdf } from './template-pdf';

type EndToPlan = z.output<typeof batchRequest>['ends'][number];

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

export async function plan(ask: Ask, db: Database) {
  const { without, tools, ...end } = bodyOf(planRequest, ask);
  const catalogue = await loadCatalogue(db);
  const planned = planTermination({ ...taskOf(end, catalogue), tools }, catalogue);
  const gaps = toolGaps(planned.steps, (tool) => !without.includes(tool));
  return json({ ...planned, gaps });
}

export async function batch(ask: Ask, db: Database) {
  const { ends } = bodyOf(batchRequest, ask);
  const catalogue = await loadCatalogue(db);
  const tasks = ends.map(({ id, ...end }, index) => ({
    id,
    task: taskOf(end, catalogue, `ends.${index}.`),
  }));
  return json(planBatch(tasks, catalogue));
}

export async function template(ask: Ask, db: Database) {
  const catalogue = await loadCatalogue(db);
  const { strip, ...named } = queryOf(templateQuery, ask);
  const task: TerminationTask = {
    ...namedParts(named, catalogue),
    ...(strip === '' ? {} : { schools: { ...DEFAULT_SCHOOLS, strip } }),
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
  const body = await templatePdf(task, cuts);
  return file({ name: 'strip-template.pdf', type: 'application/pdf', body });
}
