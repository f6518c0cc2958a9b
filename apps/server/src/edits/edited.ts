import type { Fields } from '@near-spoke/core/record';
import { and, asc, eq, getTableColumns, sql } from 'drizzle-orm';
import type { PgColumn, PgTable } from 'drizzle-orm/pg-core';
import * as z from 'zod';
import type { Database } from '../db/database';
import { facts } from '../db/schema';

export interface Versioned {
  readonly version: number;
}

/** Something that people edit, as it lies in its table. */
export interface Edited<Row, T extends Versioned = Versioned> {
  /** For people: "link". */
  readonly what: string;
  readonly table: PgTable & { readonly id: PgColumn };
  /** A row as people know it. */
  readonly read: (row: Row) => T;
}

const fields = z.record(z.string(), z.unknown());
const found = z.array(z.object({ row: fields }));
const kept = z.object({ version: z.int(), before: fields });

/** What is stored, as PostgreSQL writes it. */
export async function storedRow<Row>(
  db: Database,
  { table }: Edited<Row>,
  id: string,
): Promise<Fields | undefined> {
  const { rows } = await db.execute(
    sql`select to_jsonb(stored) as row from ${table} as stored where id = ${id}`,
  );
  return found.parse(rows)[0]?.row;
}

/** The same for who is about to change it: held until the end of the transaction. */
export async function heldRow<Row>(
  tx: Database,
  edited: Edited<Row>,
  id: string,
): Promise<Fields | undefined> {
  await tx.execute(sql`select 1 from ${edited.table} where id = ${id} for update`);
  return storedRow(tx, edited, id);
}

const ofThing = (id: string) => and(eq(facts.subject, id), eq(facts.kind, 'edit'));

/** Every change of something, oldest first, with what it was before. */
export async function editsOf(db: Database, id: string) {
  const rows = await db.select().from(facts).where(ofThing(id)).orderBy(asc(facts.seq));
  return rows.map(({ at, author, body }) => ({ at, author, ...kept.parse(body) }));
}

/** What something was in a version that was changed since; undefined where nobody knows it. */
export async function formerRow(
  db: Database,
  id: string,
  version: number,
): Promise<Fields | undefined> {
  const [row] = await db
    .select({ body: facts.body })
    .from(facts)
    .where(and(ofThing(id), sql`(${facts.body} ->> 'version')::int = ${version}`))
    .limit(1);
  return row && kept.parse(row.body).before;
}

/** A row that PostgreSQL has written out, as people know it. */
export function asRead<Row, T extends Versioned>({ table, read }: Edited<Row, T>, json: Fields): T {
  const row = Object.fromEntries(
    Object.entries(getTableColumns(table)).map(([name, column]) => {
      const value = json[column.name];
      const isDate = column.dataType === 'date' && typeof value === 'string';
      return [name, isDate ? new Date(value) : value];
    }),
  );
  // It was written out from this very table.
  return read(row as Row);
}
