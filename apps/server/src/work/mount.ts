import { askOf } from '../http/ask';
import type { Mounted } from '../http/mount';
import { sendReply } from '../http/reply';
import { JOBS, isJobName, type JobName } from './jobs';
import type { WorkPool } from './pool';

/** Answers an operation by a job on the pool; who hangs up is no longer worked for. */
const onPool = (pool: WorkPool, name: JobName): Mounted[] => {
  const { endpoint } = JOBS[name];
  return endpoint === null
    ? []
    : [
        {
          endpoint,
          handle: async (request, response) => {
            const gone = new AbortController();
            response.once('close', () => gone.abort());
            const reply = await pool.run(name, askOf(request), gone.signal);
            if (!gone.signal.aborted) await sendReply(response, reply);
          },
        },
      ];
};

/** Every operation that is worked at beside the server. */
export const pooled = (pool: WorkPool): Mounted[] =>
  Object.keys(JOBS)
    .filter(isJobName)
    .flatMap((name) => onPool(pool, name));
