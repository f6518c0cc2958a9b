import { TESTER_IDS } from '@near-spoke/core/verify';
import * as z from 'zod';
import { endpoints } from '../endpoint';
import { factKind } from '../fact-kind';
import { testReading } from '../tests';
import {
  cableId,
  connectorId,
  entered,
  filled,
  id,
  instant,
  keptFact,
  line,
  scheme,
  sentFact,
  version,
} from '../primitives';
import type { Shared } from '../shared';

const cordEnd = z.strictObject({ connector: connectorId, scheme: scheme.default('T568B') });

/** How every cord of a batch is made. */
export const cord = z
  .strictObject({
    near: cordEnd,
    far: cordEnd,
    cable: cableId,
    lengthM: z.number().min(1e-3).max(1000).nullable().default(null),
  })
  .meta({ id: 'Cord' });

const tester = z.enum(TESTER_IDS);
const fields = { name: filled(120), note: line(500), cord, tester };

export const cordBatchInput = z
  .strictObject({ ...fields, id: id.optional(), note: fields.note.default('') })
  .meta({ id: 'CordBatchInput' });

export const cordBatch = z
  .object({ ...fields, id, siteId: id, version, createdAt: z.string() })
  .meta({ id: 'CordBatch' });

export const cordBatchList = z
  .object({
    batches: z.array(cordBatch.extend({ passed: z.int(), failed: z.int() })),
  })
  .meta({ id: 'CordBatchList' });

const seen = {
  label: filled(80).meta({ description: 'As it stands on the cord.' }),
  tester,
  verdict: z.enum(['pass', 'fail']).meta({ description: 'The last fact of a label counts.' }),
  reading: testReading
    .nullable()
    .default(null)
    .meta({ description: 'What the tester showed, where that is known.' }),
};

export const cordFactInput = z
  .strictObject({
    ...sentFact,
    at: instant.optional(),
    ...seen,
    entered: entered.default('unsaid'),
  })
  .superRefine(({ reading, tester: used }, context) => {
    if (reading && reading.tester !== used)
      context.addIssue({
        code: 'custom',
        path: ['reading', 'tester'],
        message: 'is not the tester of this cord',
      });
  })
  .meta({ id: 'CordFactInput' });

export const cordFact = z
  .object({
    ...seen,
    entered,
    ...keptFact,
    batchId: id,
    at: z.string(),
    summary: z.string(),
  })
  .meta({ id: 'CordFact' });

export const cordFactList = z.object({ facts: z.array(cordFact) }).meta({ id: 'CordFactList' });

const row = z.object({
  label: z.string(),
  verdict: z.enum(['pass', 'fail']),
  summary: z.string(),
  at: z.string(),
  author: z.string(),
  tester: z.string(),
  entered,
  times: z.int().meta({ description: 'How often this label was tested.' }),
});

/** One batch for the client: every cord with its last result, and what the tester can't see. */
export const cordSheet = z
  .object({
    batch: cordBatch,
    site: z.string(),
    rows: z.array(row),
    passed: z.int(),
    failed: z.int(),
    perMinute: z.number().nullable(),
    blindTo: z.array(z.string()),
    writtenAt: z.string(),
  })
  .meta({ id: 'CordSheet' });

export type Cord = Shared<z.output<typeof cord>>;
export type CordBatch = Shared<z.output<typeof cordBatch>>;
export type CordBatchInput = Shared<z.input<typeof cordBatchInput>>;
export type CordBatchList = Shared<z.output<typeof cordBatchList>>;
export type CordFact = Shared<z.output<typeof cordFact>>;
export type CordSheet = Shared<z.output<typeof cordSheet>>;

export const cordEndpoints = endpoints({
  list: {
    method: 'get',
    path: '/api/sites/{id}/cords',
    of: 'site',
    summary: 'A site’s batches of cords',
    answer: cordBatchList,
  },
  begin: {
    method: 'post',
    path: '/api/sites/{id}/cords',
    of: 'site',
    summary: 'Begin a batch of cords',
    body: cordBatchInput,
    status: 201,
    answer: cordBatch,
  },
  one: {
    method: 'get',
    path: '/api/cords/{id}',
    of: 'batch of cords',
    summary: 'One batch of cords',
    answer: cordBatch,
  },
  facts: {
    method: 'get',
    path: '/api/cords/{id}/facts',
    of: 'batch of cords',
    summary: 'What was seen of its cords, oldest first',
    answer: cordFactList,
  },
  keep: {
    method: 'post',
    path: '/api/cords/{id}/facts',
    of: 'batch of cords',
    summary: 'Keep what was seen of a cord',
    body: cordFactInput,
    status: 201,
    answer: cordFact,
  },
  sheet: {
    method: 'get',
    path: '/api/cords/{id}/sheet',
    of: 'batch of cords',
    summary: 'Every cord with its last result, for the client',
    answer: cordSheet,
  },
  sheetCsv: {
    method: 'get',
    path: '/api/cords/{id}/sheet.csv',
    of: 'batch of cords',
    summary: 'The same as CSV',
    answer: 'text/csv',
  },
  sheetPdf: {
    method: 'get',
    path: '/api/cords/{id}/sheet.pdf',
    of: 'batch of cords',
    summary: 'The same as PDF',
    answer: 'application/pdf',
  },
});

export const cordKind = factKind({
  fact: cordFact,
  keep: cordEndpoints.keep,
  lists: { batch: cordEndpoints.facts },
  subject: 'batchId',
  at: 'at',
  said: ({ label, summary }) => `${label}: ${summary}`,
});
