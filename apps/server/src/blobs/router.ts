import { blobEndpoints } from '@near-spoke/contract';
import { here, type Mounted } from '../http/mount';
import { ProblemError } from '../http/problem-error';
import { Reply } from '../http/reply';
import type { Services } from '../services';
import { getBlob, keepBlob } from './repository';

/** What is no picture is sent as bytes alone: no browser shall take it for a page. */
const OCTETS = 'application/octet-stream';

/** Files as they were taken. */
export const blobOperations = ({ db }: Services): Mounted[] => [
  here(blobEndpoints.keep, ({ file, type }) => {
    if (!file || file.length === 0)
      throw new ProblemError(422, 'Nothing there', 'The body is to be the file itself.');
    return keepBlob(db, file, type.startsWith('image/') ? type : OCTETS);
  }),
  here(blobEndpoints.one, async ({ id }) => {
    const { type, bytes } = await getBlob(db, id);
    // Never shown as a page of ours, whatever is in it; it never changes either.
    return new Reply(
      200,
      {
        'content-type': type,
        'content-disposition': 'attachment',
        'content-security-policy': 'sandbox',
        'cache-control': 'private, max-age=31536000, immutable',
      },
      bytes,
    );
  }),
];
