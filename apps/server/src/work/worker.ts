import { constants, setPriority } from 'node:os';
import { Piscina, move, transferableSymbol, valueSymbol } from 'piscina';
import { openDatabase, type Database } from '../db/database';
import type { Ask, Reply } from '../http/ask';
import { type ProblemError } from '../http/problem-error';
import { problemFor } from '../http/problem-for';
import { loggable } from '../log/loggable';
import { JOBS, type JobName } from './jobs';
import type { Lane } from './job';

export interface Setting {
  readonly databaseUrl: string;
  readonly lane: Lane;
}

export interface Task {
  readonly job: JobName;
  readonly ask: Ask;
}

/** A reply, and what is to be logged of it where it was not foreseen. */
export interface Worked {
  readonly reply: Reply;
  readonly error: object | null;
}

const CONNECTIONS = 2;
const STATEMENT_MS = 120_000;

const setting = Piscina.workerData as Setting;
// Of this thread alone: the server goes on answering while sums are done.
setPriority(
  0,
  setting.lane === 'long'
    ? constants.priority.PRIORITY_LOW
    : constants.priority.PRIORITY_BELOW_NORMAL,
);

let opened: Database | null = null;
const database = (): Database =>
  (opened ??= openDatabase({
    url: setting.databaseUrl,
    connections: CONNECTIONS,
    statementMs: STATEMENT_MS,
    onLost: () => undefined,
  }).db);

/** Does one job. Refusals are replies like others; the bytes of a reply are handed over, not copied. */
export default async function work({ job, ask }: Task): Promise<unknown> {
  const { reply, error } = await done(job, ask);
  const body = ownBytes(reply.body);
  const worked: Worked = { reply: { ...reply, body }, error };
  return move({ [transferableSymbol]: [body.buffer], [valueSymbol]: worked });
}

/** Bytes that share their memory with nothing else. */
const ownBytes = (bytes: Uint8Array): Uint8Array =>
  bytes.byteLength === bytes.buffer.byteLength ? bytes : new Uint8Array(bytes);

async function done(job: JobName, ask: Ask): Promise<Worked> {
  try {
    return { reply: await JOBS[job].run(ask, database()), error: null };
  } catch (error) {
    const problem = problemFor(error);
    return { reply: refusal(problem), error: problem.status >= 500 ? loggable(error) : null };
  }
}

function refusal(problem: ProblemError): Reply {
  return {
    status: problem.status,
    headers: {
      'content-type': 'application/problem+json; charset=utf-8',
      ...(problem.retryAfterS === null ? {} : { 'retry-after': String(problem.retryAfterS) }),
    },
    body: new TextEncoder().encode(JSON.stringify(problem.toProblem())),
  };
}
