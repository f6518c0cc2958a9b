import * as z from 'zod';
import { endpoints } from './endpoint';
import { linkSummary } from './link';
import { spoken } from './primitives';
import { evidence } from './link-facts';
import { cableFact } from './reflect';
import { site } from './site';
import { terminationPlan } from './terminate';
import { diagnosis } from './verify';
import type { Shared } from './shared';

/** Everything known of one link. */
export const linkRecord = z
  .object({
    site,
    link: linkSummary,
    plans: z.object({ near: terminationPlan, far: terminationPlan }),
    ...evidence,
    /** Places of faults that traces told, those that were not taken back. */
    places: z.array(cableFact),
    /** The last reading's diagnosis for the link as it is described now. */
    diagnosis: diagnosis.nullable(),
    writtenAt: z.string(),
  })
  .meta({ id: 'LinkRecord' });

export type LinkRecord = Shared<z.output<typeof linkRecord>>;

export const recordEndpoints = endpoints({
  one: {
    method: 'get',
    path: '/api/links/{id}/record',
    of: 'link',
    summary: 'Everything known of a link',
    query: spoken,
    answer: linkRecord,
  },
  pdf: {
    method: 'get',
    path: '/api/links/{id}/record.pdf',
    of: 'link',
    summary: 'The record as a page to print',
    query: spoken,
    answer: 'application/pdf',
  },
});
