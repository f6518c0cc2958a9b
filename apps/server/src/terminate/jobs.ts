import type { Asked, batchRequest, terminateEndpoints } from '@near-spoke/contract';
import { DEFAULT_SCHOOLS, type Catalogue } from '@near-spoke/core/catalogue';
import {
  planBatch,
  planTermination,
  toolGaps,
  type TerminationTask,
} from '@near-spoke/core/terminate';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { ProblemError } from '../http/problem-error';
import { file } from '../http/reply';
import { namedParts } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';
import { templatePdf } from './template-pdf';

type Endpoints = typeof terminateEndpoints;
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

export async function plan(
  { body: { without, tools, ...end } }: Asked<Endpoints['plan']>,
  db: Database,
) {
  const catalogue = await loadCatalogue(db);
  const planned = planTermination({ ...taskOf(end, catalogue), tools }, catalogue);
  const gaps = toolGaps(planned.steps, (tool) => !without.includes(tool));
  return { ...planned, gaps };
}

export async function batch({ body: { ends } }: Asked<Endpoints['batch']>, db: Database) {
  const catalogue = await loadCatalogue(db);
  const tasks = ends.map(({ id, ...end }, index) => ({
    id,
    task: taskOf(end, catalogue, `ends.${index}.`),
  }));
  return planBatch(tasks, catalogue);
}

export async function template(
  { query: { strip, ...named } }: Asked<Endpoints['template']>,
  db: Database,
) {
  const catalogue = await loadCatalogue(db);
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
