import type { Asked, batchRequest, terminateEndpoints } from '@near-spoke/contract';
import { DEFAULT_SCHOOLS, type Catalogue } from '@near-spoke/core/catalogue';
import {
  planBatch,
  planTermination,
  toolGaps,
  type TerminationTask,
} from '@near-spoke/core/terminate';
import type { UnitSystem } from '@near-spoke/core/units';
import { told } from '@near-spoke/words';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { ProblemError } from '../http/problem-error';
import { file } from '../http/reply';
import { namedParts } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';
import { teller } from '../words/teller';
import { templatePdf } from './template-pdf';

type Endpoints = typeof terminateEndpoints;
type EndToPlan = z.output<typeof batchRequest>['ends'][number];

const taskOf = (
  { unit: _, schools, ...rest }: Omit<EndToPlan, 'id'>,
  catalogue: Catalogue,
  under = '',
): TerminationTask => ({
  ...rest,
  ...namedParts(rest, catalogue, under),
  schools: { ...DEFAULT_SCHOOLS, ...schools },
});

const unitsOf = ({ unit }: Pick<EndToPlan, 'unit'>): UnitSystem =>
  unit === 'in' ? 'imperial' : 'metric';

export async function plan(
  { query, body: { without, tools, ...end } }: Asked<Endpoints['plan']>,
  db: Database,
) {
  const catalogue = await loadCatalogue(db);
  const planned = planTermination({ ...taskOf(end, catalogue), tools }, catalogue);
  const gaps = toolGaps(planned.steps, (tool) => !without.includes(tool));
  return told({ ...planned, gaps }, teller(query.language, unitsOf(end)));
}

export async function batch({ query, body: { ends } }: Asked<Endpoints['batch']>, db: Database) {
  const catalogue = await loadCatalogue(db);
  const tasks = ends.map(({ id, ...end }, index) => ({
    id,
    task: taskOf(end, catalogue, `ends.${index}.`),
  }));
  const units = ends.every(({ unit }) => unit === 'in') ? 'imperial' : 'metric';
  return told(planBatch(tasks, catalogue), teller(query.language, units));
}

export async function template(
  { query: { strip, language, ...named } }: Asked<Endpoints['template']>,
  db: Database,
) {
  const catalogue = await loadCatalogue(db);
  const task: TerminationTask = {
    ...namedParts(named, catalogue),
    ...(strip === '' ? {} : { schools: { ...DEFAULT_SCHOOLS, strip } }),
    scheme: 'T568B',
    otherEnd: 'made',
  };
  const tell = teller(language, 'metric');
  const { fit, cuts } = planTermination(task, catalogue);
  if (!fit.ok)
    throw new ProblemError(422, 'Does not fit', 'This connector does not take this cable.', {
      errors: told(fit.problems, tell).map(({ what, have, need }) => ({
        path: what,
        reason: `${have}; it needs ${need}`,
      })),
    });
  const body = await templatePdf(task, cuts, tell);
  return file({ name: 'strip-template.pdf', type: 'application/pdf', body });
}
