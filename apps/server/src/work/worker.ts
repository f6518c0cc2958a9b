import { constants, setPriority } from 'node:os';
import { Worker } from 'node:worker_threads';
import { openDatabase, type Database } from '../db/database';
import type { Ask } from '../http/ask';
import { Reply } from '../http/reply';
import { type ProblemError } from '../http/problem-error';
import { problemFor } from '../http/problem-for';
import { loggable } from '../log/loggable';
import { JOBS, type JobName } from './jobs';
import type { Lane } from './job';

interface Place {
  readonly lane: Lane;
  readonly databaseUrl: string;
}
/** A job, or none: then a process is there, and ready. */
export type Task = Place & ({ readonly job: JobName; readonly ask: Ask } | { readonly job: null });

/** A reply, and what is to be logged of it where it was not foreseen. */
export interface Worked {
  readonly reply: Reply;
  readonly error: object | null;
}

const CONNECTIONS = 2;
const STATEMENT_MS = 120_000;

const PRIORITY: Readonly<Record<Lane, number>> = {
  quick: constants.priority.PRIORITY_BELOW_NORMAL,
  long: constants.priority.PRIORITY_LOW,
};
/** A sum that is under way hears nothing: another thread looks whether the server is still there. */
const WATCH = `
const server = process.ppid;
setInterval(() => process.ppid === server || process.kill(process.pid, 'SIGKILL'), 500);`;

if (process.send) {
  process.once('disconnect', () => process.exit(0));
  new Worker(WATCH, { eval: true }).unref();
}

let opened: Database | null = null;
const database = (url: string): Database =>
  (opened ??= openDatabase({
    url,
    connections: CONNECTIONS,
    statementMs: STATEMENT_MS,
    onLost: () => undefined,
  }).db);

let yielding = false;
/** The server goes on answering while sums are done. */
function giveWay(lane: Lane): void {
  if (!yielding) setPriority(PRIORITY[lane]);
  yielding = true;
}

/** Does one job. Refusals are replies like others. */
export default async function work(task: Task): Promise<Worked | null> {
  giveWay(task.lane);
  const db = database(task.databaseUrl);
  if (task.job === null) return null;
  try {
    return { reply: await JOBS[task.job].run(task.ask, db), error: null };
  } catch (error) {
    const problem = problemFor(error);
    return { reply: refusal(problem), error: problem.status >= 500 ? loggable(error) : null };
  }
}

function refusal(problem: ProblemError): Reply {
  return new Reply(
    problem.status,
    {
      'content-type': 'application/problem+json; charset=utf-8',
      ...(problem.retryAfterS === null ? {} : { 'retry-after': String(problem.retryAfterS) }),
    },
    new TextEncoder().encode(JSON.stringify(problem.toProblem())),
  );
}
