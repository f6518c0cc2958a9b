import * as z from 'zod';
import { endpoints } from './endpoint';
import type { Shared } from './shared';

/** Of the bytes, in lower case: the same file is kept once. */
export const sha256 = z
  .string()
  .regex(/^[0-9a-f]{64}$/, 'is not a SHA-256 in hexadecimal')
  .meta({ description: 'The SHA-256 of a file that is kept.' });

export const blob = z
  .object({ sha256, type: z.string(), bytes: z.int() })
  .meta({ id: 'Blob', description: 'A file that is kept as it was taken.' });

export type Blob = Shared<z.output<typeof blob>>;

export const blobEndpoints = endpoints({
  keep: {
    method: 'post',
    path: '/api/blobs',
    summary:
      'Keep a file as it was taken: the body is the file. A file that is there already is kept once',
    files: ['application/octet-stream', 'image/jpeg', 'image/png', 'image/webp', 'image/svg+xml'],
    status: 201,
    answer: blob,
  },
  one: {
    method: 'get',
    path: '/api/blobs/{id}',
    of: 'file',
    idAs: sha256,
    summary: 'A file as it was taken',
    answer: 'application/octet-stream',
  },
});
