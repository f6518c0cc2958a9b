import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';
import * as schema from './schema';

export type Database = NodePgDatabase<typeof schema>;

/** A pool on the database and the means to close it. A lost connection is replaced at the next query. */
export function openDatabase(url: string, onLost: (error: Error) => void) {
  const pool = new pg.Pool({ connectionString: url, max: 10, connectionTimeoutMillis: 5000 });
  pool.on('error', onLost);
  return { db: drizzle(pool, { schema }), close: () => pool.end() };
}

/** Arbitrary, the same in every server: two that start at once migrate one after the other. */
const MIGRATION_LOCK = 716_568;

export async function migrateDatabase(url: string, migrationsFolder: string): Promise<void> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    await client.query('select pg_advisory_lock($1)', [MIGRATION_LOCK]);
    await migrate(drizzle(client), { migrationsFolder });
  } finally {
    await client.end();
  }
}
