import { readMigrationFiles } from 'drizzle-orm/migrator';
import pg from 'pg';

/** Arbitrary, the same in every server: two that start at once migrate one after the other. */
const MIGRATION_LOCK = 716_568;

const TABLE = 'drizzle.__drizzle_migrations';

/** How a database stands to the program. */
export interface SchemaState {
  /** Migrations that were made. */
  readonly made: number;
  readonly pending: number;
  /** Made by a later program: migrations that this one does not know. */
  readonly unknown: number;
}

/** The database was made by a later program. */
export class NewerDatabase extends Error {
  constructor(unknown: number) {
    super(
      `The database was made by a newer Near Spoke: it holds ${unknown === 1 ? 'a change' : `${unknown} changes`} of its layout that this one does not know. ` +
        'Start the newer one, or restore a backup that was made before the upgrade. Nothing was changed.',
    );
  }
}

/** How far the database is, without changing anything. */
export const schemaState = (url: string, migrationsFolder: string): Promise<SchemaState> =>
  connected(url, async (client) => stateOf(await madeIn(client), migrationsFolder));

/**
 * Brings the database to the program's layout. Each migration is a transaction of its own: after one that
 * fails, those before it stand.
 *
 * @throws NewerDatabase
 */
export const migrateDatabase = (url: string, migrationsFolder: string): Promise<void> =>
  connected(url, async (client) => {
    await client.query('select pg_advisory_lock($1)', [MIGRATION_LOCK]);
    await client.query('create schema if not exists drizzle');
    await client.query(
      `create table if not exists ${TABLE} (id serial primary key, hash text not null, created_at bigint)`,
    );
    const made = new Set(await madeIn(client));
    const { unknown } = stateOf([...made], migrationsFolder);
    if (unknown > 0) throw new NewerDatabase(unknown);
    for (const { sql, hash, folderMillis } of readMigrationFiles({ migrationsFolder })) {
      if (made.has(folderMillis)) continue;
      await client.query('begin');
      try {
        for (const statement of sql) await client.query(statement);
        await client.query(`insert into ${TABLE} (hash, created_at) values ($1, $2)`, [
          hash,
          folderMillis,
        ]);
        await client.query('commit');
      } catch (error) {
        await client.query('rollback').catch(() => undefined);
        throw error;
      }
    }
  });

async function connected<T>(url: string, work: (client: pg.Client) => Promise<T>): Promise<T> {
  const client = new pg.Client({ connectionString: url });
  // A connection that is lost fails the query that is under way; that is enough.
  client.on('error', () => undefined);
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

/** When each migration that was made was written, which is what it is known by. */
async function madeIn(client: pg.Client): Promise<number[]> {
  const { rows: tables } = await client.query<{ there: boolean }>(
    `select to_regclass('${TABLE}') is not null as there`,
  );
  if (!tables[0]?.there) return [];
  const { rows } = await client.query<{ created_at: string }>(`select created_at from ${TABLE}`);
  return rows.map(({ created_at: at }) => Number(at));
}

function stateOf(made: readonly number[], migrationsFolder: string): SchemaState {
  const known = readMigrationFiles({ migrationsFolder }).map(({ folderMillis }) => folderMillis);
  return {
    made: made.length,
    pending: known.filter((at) => !made.includes(at)).length,
    unknown: made.filter((at) => !known.includes(at)).length,
  };
}
