import type { Database } from '../db/database';
import type { Ask, Reply } from '../http/ask';

/** Who waits for a thing: a person at a bench for what is quick, somebody who has asked for a sum for what is long. */
export type Lane = 'quick' | 'long';

/** Something that a request asks for and that is worked at beside the server. */
export interface Job {
  readonly lane: Lane;
  /** Given up after so long, ms. */
  readonly mostMs: number;
  /** Whether it writes: then it goes on although who asked has gone. */
  readonly writes: boolean;
  readonly run: (ask: Ask, db: Database) => Promise<Reply> | Reply;
}

type Run = Job['run'];

export const quick = (run: Run): Job => ({ lane: 'quick', mostMs: 10_000, writes: false, run });
export const writing = (run: Run): Job => ({ lane: 'quick', mostMs: 30_000, writes: true, run });
export const long = (run: Run, mostMs = 60_000): Job => ({
  lane: 'long',
  mostMs,
  writes: false,
  run,
});
