import * as z from 'zod';
import { endpoints } from './endpoint';
import { link } from './link';
import type { Shared } from './shared';

export const cellProblem = z
  .object({
    line: z.int(),
    column: z.int().meta({ description: 'From 1; 0 for the whole line.' }),
    field: z.string(),
    reason: z.string(),
  })
  .meta({ id: 'CellProblem' });

export const cellNote = z
  .object({ line: z.int(), field: z.string(), sentence: z.string() })
  .meta({ id: 'CellNote' });

export const importReport = z
  .object({
    dryRun: z.boolean(),
    imported: z.int().meta({ description: 'Links written; 0 for a dry run.' }),
    count: z.int().meta({ description: 'Links in the schedule.' }),
    hubs: z.array(z.object({ hub: z.string(), count: z.int() })),
    notes: z.array(cellNote).meta({ description: 'The first 100.' }),
    noteCount: z.int(),
    links: z.array(link.omit({ id: true, siteId: true, version: true })).meta({
      description: 'The first links as they are read, for the preview.',
    }),
  })
  .meta({ id: 'ImportReport' });

export const importQuery = z.strictObject({
  dryRun: z
    .enum(['true', 'false'])
    .default('false')
    .meta({ description: 'true: read and report only.' }),
});

export const importText = z.strictObject({ csv: z.string() }).meta({ id: 'ImportText' });

export type ImportReport = Shared<z.output<typeof importReport>>;
export type CellProblem = Shared<z.output<typeof cellProblem>>;

export const scheduleEndpoints = endpoints({
  read: {
    method: 'post',
    path: '/api/sites/{id}/links/import',
    of: 'site',
    summary: 'Read a cable schedule (text/csv, or JSON with the text): all of it or nothing',
    body: importText,
    files: ['text/csv', 'text/plain', 'text/tab-separated-values', 'application/octet-stream'],

    status: 201,
    answer: importReport,
    query: importQuery,
  },
  write: {
    method: 'get',
    path: '/api/sites/{id}/links/export',
    of: 'site',
    summary: 'The schedule as CSV',
    answer: 'text/csv',
  },
});
