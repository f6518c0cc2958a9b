import type { RequestHandler, Response } from 'express';
import { askOf, type Reply } from '../http/ask';
import type { JobName } from './jobs';
import type { WorkPool } from './pool';

/** Answers a request by a job on the pool; who hangs up is no longer worked for. */
export const byJob =
  (pool: WorkPool, job: JobName): RequestHandler =>
  async (request, response) => {
    const gone = new AbortController();
    response.once('close', () => gone.abort());
    const reply = await pool.run(job, askOf(request), gone.signal);
    if (!gone.signal.aborted) sendReply(response, reply);
  };

export function sendReply(response: Response, { status, headers, body }: Reply): void {
  response
    .status(status)
    .set(headers)
    .send(Buffer.from(body.buffer, body.byteOffset, body.length));
}
