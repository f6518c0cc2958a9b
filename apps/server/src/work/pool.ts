import { availableParallelism } from 'node:os';
import type { Logger } from 'pino';
import { Tinypool } from 'tinypool';
import type { Ask } from '../http/ask';
import type { Reply } from '../http/reply';
import { ProblemError, busy } from '../http/problem-error';
import { JOBS, type JobName } from './jobs';
import type { Lane } from './job';
import type { Task, Worked } from './worker';

const LANES: readonly Lane[] = ['quick', 'long'];
/** Two at least: what is short is not kept waiting by one thing that takes long. */
const PROCESSES = Math.max(2, Math.min(4, availableParallelism() - 1));
/** Who would wait behind so many others is asked to come again. */
const QUEUE: Readonly<Record<Lane, number>> = { quick: 400, long: 24 };
/** What one process may hold, megabytes: what needs more fails alone. */
const MOST_MB: Readonly<Record<Lane, number>> = { quick: 384, long: 768 };
const IDLE_MS = 120_000;

export interface LaneState {
  readonly lane: Lane;
  readonly processes: number;
  readonly waiting: number;
  readonly done: number;
}

/**
 * Works at jobs in processes of their own. A job that breaks, takes too much memory or too long takes its
 * process with it, and nobody else's work; one whose asker has gone is dropped.
 */
export class WorkPool {
  private readonly lanes: Readonly<Record<Lane, Tinypool>>;

  constructor(
    private readonly databaseUrl: string,
    private readonly logger: Logger,
  ) {
    const lane = (name: Lane) => {
      const pool = new Tinypool({
        runtime: 'child_process',
        filename: workerFile(),
        execArgv: [...LOADER, `--max-old-space-size=${MOST_MB[name]}`],
        env: process.env as Record<string, string>,
        serialization: 'advanced',
        minThreads: name === 'quick' ? PROCESSES : 1,
        maxThreads: PROCESSES,
        idleTimeout: IDLE_MS,
        maxQueue: QUEUE[name],
        concurrentTasksPerWorker: 1,
      });
      pool.on('error', (error: unknown) => logger.warn({ error }, 'A process ended while idle'));
      return pool;
    };
    this.lanes = { quick: lane('quick'), long: lane('long') };
  }

  /** Has the processes for what is quick ready before anybody waits for them. */
  warm(): void {
    const task: Task = { job: null, lane: 'quick', databaseUrl: this.databaseUrl };
    for (let n = 0; n < PROCESSES; n += 1)
      void this.lanes.quick.run(task).catch((error: unknown) => {
        this.logger.warn({ error }, 'A process could not be made ready');
      });
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
      const task: Task = { job, ask, lane, databaseUrl: this.databaseUrl };
      const { reply, error } = (await this.lanes[lane].run(task, { signal })) as Worked;
      if (error) this.logger.error({ job, error }, 'A job failed');
      return reply;
    } catch (error) {
      if (gone.aborted) throw new ProblemError(499, 'Gone', 'Nobody waits for this any more.');
      if (tooLong.aborted)
        throw busy(
          `This was not done within ${Math.round(mostMs / 1000)} s, and was given up.`,
          10,
        );
      const said = error instanceof Error ? error.message : '';
      if (/at limit|No task queue available/.test(said))
        throw busy('The server has too much to do right now. Try again soon.');
      this.logger.error({ job, error }, 'A process ended at a job');
      throw new ProblemError(
        500,
        'Not done',
        'The server broke off at this, perhaps because it takes too much memory. Nothing else was touched by it.',
      );
    }
  }

  states(): LaneState[] {
    return LANES.map((lane) => {
      const { threads, queueSize, completed } = this.lanes[lane];
      return { lane, processes: threads.length, waiting: queueSize, done: completed };
    });
  }

  async stop(): Promise<void> {
    await Promise.all(LANES.map((lane) => this.lanes[lane].destroy()));
  }
}

const FROM_SOURCE = import.meta.url.endsWith('.ts');
/** From its sources, the program of a process is TypeScript too. */
const LOADER = FROM_SOURCE ? ['--import', 'tsx'] : [];

const workerFile = (): string =>
  new URL(FROM_SOURCE ? './worker.ts' : './worker.js', import.meta.url).href;
