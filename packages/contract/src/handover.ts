import * as z from 'zod';
import { endpoints } from './endpoint';
import { id, language } from './primitives';
import type { Shared } from './shared';

const asked = z.strictObject({
  language,
  job: id.optional().meta({ description: 'A name of yours, to ask how far it has come.' }),
});

const progress = z
  .object({ done: z.int().min(0), total: z.int().min(0) })
  .meta({ id: 'HandoverProgress', description: 'Links; none of none before it has begun.' });

const firmKey = z
  .object({
    key: z.string().meta({ description: 'The public Ed25519 key, 32 bytes in hexadecimal.' }),
    spoken: z.string().meta({ description: 'What people compare of it.' }),
  })
  .meta({ id: 'FirmKey' });
export type FirmKey = Shared<z.output<typeof firmKey>>;

export const handoverEndpoints = endpoints({
  pdf: {
    method: 'get',
    path: '/api/sites/{id}/handover.pdf',
    of: 'site',
    summary: 'All that is known of a site as one signed document',
    query: asked,
    answer: 'application/pdf',
  },
  zip: {
    method: 'get',
    path: '/api/sites/{id}/handover.zip',
    of: 'site',
    summary:
      'The same with what it was made from: records as JSON, schedule, captures, photos, adapters, and the SHA-256 of each; signed',
    query: asked,
    answer: 'application/zip',
  },
  progress: {
    method: 'get',
    path: '/api/handovers/{id}',
    of: 'handover',
    summary: 'How far a document has come that is being made',
    answer: progress,
  },
  key: {
    method: 'get',
    path: '/api/handover-key',
    summary: 'The key that this firm signs with',
    answer: firmKey,
  },
  check: {
    method: 'get',
    path: '/api/handover-check.html',
    summary: 'A page that tells, without any server, whether a signed file was changed',
    query: z.strictObject({ language }),
    answer: 'text/html',
  },
});
