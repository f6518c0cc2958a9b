import type { PgDatabase } from 'drizzle-orm/pg-core';
import { drizzle, type NodePgQueryResultHKT } from 'drizzle-orm/node-postgres';
import pg from 'pg';
import { sqlState } from './sql-state';
import * as schema from './schema';

/** The database, or a transaction on it. */
export type Database = PgDatabase<NodePgQueryResultHKT, typeof schema>;

export interface DatabaseOptions {
  readonly url: string;
  readonly connections: number;
  /** A statement that takes longer is given up, ms. */
  readonly statementMs: number;
  /** Told of every connection that is lost, in use or not. */
  readonly onLost: (error: Error) => void;
}

/** Who waits longer than this for a connection is told that the server is busy, ms. */
const PATIENCE_MS = 30_000;

/** A pool on the database and the means to close it. A lost connection is replaced at the next query. */
export function openDatabase({ url, connections, statementMs, onLost }: DatabaseOptions) {
  const pool = new pg.Pool({
    connectionString: url,
    max: connections,
    connectionTimeoutMillis: PATIENCE_MS,
    statement_timeout: statementMs,
    idle_in_transaction_session_timeout: statementMs,
    application_name: 'near-spoke',
  });
  pool.on('error', onLost);
  // The pool listens to idle connections only: one that is lost inside a transaction would end the program.
  pool.on('connect', (client) => client.on('error', onLost));
  return { db: drizzle(pool, { schema }) as Database, close: () => pool.end() };
}

/** A deadlock, or two transactions that got in each other's way: the same again will do. */
const IN_THE_WAY = new Set(['40001', '40P01']);
const TRIES = 4;

/** All of it is written, or nothing. */
export async function inTransaction<T>(
  db: Database,
  work: (db: Database) => Promise<T>,
): Promise<T> {
  for (let tried = 1; ; tried += 1)
    try {
      return await db.transaction((tx) => work(tx));
    } catch (error) {
      if (tried >= TRIES || !IN_THE_WAY.has(sqlState(error))) throw error;
    }
}
