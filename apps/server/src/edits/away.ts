import { sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { notFound, staleVersion } from '../http/problem-error';
import { asRead, storedRow, type Edited, type Versioned } from './edited';

/**
 * Puts something away that people edit; a trigger keeps who did it. The same again, whose answer was lost, is
 * the same.
 *
 * @throws ProblemError 404 where it is not there, 409 where it was changed since it was seen
 */
export async function putAway<Row, T extends Versioned>(
  db: Database,
  edited: Edited<Row, T>,
  id: string,
  version: number,
  author: string,
): Promise<void> {
  const { rowCount } = await db.execute(sql`
    update ${edited.table} set deleted_at = now(), edited_by = ${author}, version = version + 1
    where id = ${id} and version = ${version} and deleted_at is null`);
  if (rowCount) return;
  const stored = await storedRow(db, edited, id);
  if (!stored) throw notFound(edited.what);
  const now = asRead(edited, stored);
  if (stored['deleted_at'] === null) throw staleVersion(edited.what, now);
  if (now.version !== version + 1) throw notFound(edited.what);
}

/** Takes something back that was put away; what is not away stays as it is. */
export async function takeBack<Row, T extends Versioned>(
  db: Database,
  edited: Edited<Row, T>,
  id: string,
  author: string,
): Promise<T> {
  await db.execute(sql`
    update ${edited.table} set deleted_at = null, edited_by = ${author}, version = version + 1
    where id = ${id} and deleted_at is not null`);
  const stored = await storedRow(db, edited, id);
  if (!stored) throw notFound(edited.what);
  return asRead(edited, stored);
}
