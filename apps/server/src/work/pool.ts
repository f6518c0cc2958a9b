import { availableParallelism } from 'node:os';
import { Piscina } from 'piscina';
import type { Logger } from 'pino';
import type { Ask, Reply } from '../http/ask';
import { ProblemError, busy } from '../http/problem-error';
import { JOBS, type JobName } from './jobs';
import type { Lane } from './job';
import type { Setting, Task, Worked } from './worker';

const LANES: readonly Lane[] = ['quick', 'long'];
/** Two at least: what is short is not kept waiting by one thing that takes long. */
const THREADS = Math.max(2, Math.min(4, availableParallelism() - 1));
/** Who would wait behind so many others is asked to come again. */
const QUEUE: Readonly<Record<Lane, number>> = { quick: 400, long: 24 };
/** What one thread may hold, megabytes: what needs more fails alone. */
const MOST_MB: Readonly<Record<Lane, number>> = { quick: 384, long: 768 };
const IDLE_MS = 120_000;

export interface LaneState {
  readonly lane: Lane;
  readonly threads: number;
  readonly waiting: number;
  readonly done: number;
}

/**
 * Works at jobs on threads of their own. A job that fails, takes too much memory or too long takes its
 * thread with it, and nobody else's work; one whose asker has gone is dropped.
 */
export class WorkPool {
  private readonly lanes: Readonly<Record<Lane, Piscina<Task, Worked>>>;

  constructor(
    databaseUrl: string,
    private readonly logger: Logger,
  ) {
    const lane = (name: Lane) =>
      new Piscina<Task, Worked>({
        filename: workerFile(),
        workerData: { databaseUrl, lane: name } satisfies Setting,
        minThreads: name === 'quick' ? 1 : 0,
        maxThreads: THREADS,
        idleTimeout: IDLE_MS,
        maxQueue: QUEUE[name],
        concurrentTasksPerWorker: 1,
        // Between jobs a thread has to hear of connections that are lost.
        atomics: 'disabled',
        resourceLimits: { maxOldGenerationSizeMb: MOST_MB[name] },
      });
    this.lanes = { quick: lane('quick'), long: lane('long') };
  }

  /**
   * @param gone fires when nobody waits for the answer any more
   * @throws ProblemError where there is too much to do, or this was too much to do
   */
  async run(job: JobName, ask: Ask, gone: AbortSignal): Promise<Reply> {
    const { lane, mostMs, writes } = JOBS[job];
    const tooLong = AbortSignal.timeout(mostMs);
    const signal = writes ? tooLong : AbortSignal.any([tooLong, gone]);
    try {
      const { reply, error } = await this.lanes[lane].run({ job, ask }, { signal });
      if (error) this.logger.error({ job, error }, 'A job failed');
      return reply;
    } catch (error) {
      if (gone.aborted) throw new ProblemError(499, 'Gone', 'Nobody waits for this any more.');
      if (tooLong.aborted)
        throw busy(`This took more than ${Math.round(mostMs / 1000)} s, and was given up.`, 10);
      const said = error instanceof Error ? error.message : '';
      if (/at limit|No task queue available/.test(said))
        throw busy('The server has too much to do right now. Try again soon.');
      if (isOutOfMemory(error))
        throw new ProblemError(413, 'Too large', 'This takes more memory than one job may have.');
      throw error;
    }
  }

  states(): LaneState[] {
    return LANES.map((lane) => {
      const { threads, queueSize, completed } = this.lanes[lane];
      return { lane, threads: threads.length, waiting: queueSize, done: completed };
    });
  }

  async stop(): Promise<void> {
    await Promise.all(LANES.map((lane) => this.lanes[lane].destroy()));
  }
}

const isOutOfMemory = (error: unknown): boolean =>
  (error as { code?: unknown } | null)?.code === 'ERR_WORKER_OUT_OF_MEMORY';

/** Built, it is a file beside the server's; from sources the loader of TypeScript has to come along. */
const workerFile = (): string =>
  new URL(import.meta.url.endsWith('.ts') ? './from-source.mjs' : './worker.js', import.meta.url)
    .href;
