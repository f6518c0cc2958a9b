import type { Asked, Endpoint } from '@near-spoke/contract';
import type { Database } from '../db/database';
import type { Ask } from '../http/ask';
import { askedOf } from '../http/asked';
import { replyOf, type Reply, type Said } from '../http/reply';

/** Who waits for a thing: a person at a bench for what is quick, somebody who has asked for a sum for what is long. */
export type Lane = 'quick' | 'long';

/** Something that a request asks for and that is worked at beside the server. */
export interface Job {
  readonly lane: Lane;
  /** Given up after so long, ms. */
  readonly mostMs: number;
  /** Whether it writes: then it goes on although who asked has gone. */
  readonly writes: boolean;
  /** The operation that it answers; null of what the server asks itself for. */
  readonly endpoint: Endpoint | null;
  readonly run: (ask: Ask, db: Database) => Promise<Reply>;
}

export type Work<E extends Endpoint> = (
  asked: Asked<E>,
  db: Database,
) => Said<E> | Promise<Said<E>>;

const job =
  (kind: Pick<Job, 'lane' | 'mostMs' | 'writes'>) =>
  <E extends Endpoint>(endpoint: E, work: Work<E>, mostMs = kind.mostMs): Job => ({
    ...kind,
    mostMs,
    endpoint,
    run: async (ask, db) => replyOf(endpoint, await work(askedOf(endpoint, ask), db)),
  });

export const quick = job({ lane: 'quick', mostMs: 10_000, writes: false });
export const writing = job({ lane: 'quick', mostMs: 30_000, writes: true });
export const long = job({ lane: 'long', mostMs: 60_000, writes: false });
