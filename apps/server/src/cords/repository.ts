import type { CordBatch, cordBatchInput } from '@near-spoke/contract/cords';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { v7 } from 'uuid';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { cordBatches } from '../db/schema';
import { notFound } from '../http/problem-error';
import { sameCreate } from '../http/same-create';

type BatchRow = typeof cordBatches.$inferSelect;

function toBatch({ createdAt, editedBy: __, deletedAt: _, ...row }: BatchRow): CordBatch {
  return { ...row, createdAt: createdAt.toISOString() };
}

export async function listBatches(db: Database, siteId: string): Promise<CordBatch[]> {
  const rows = await db
    .select()
    .from(cordBatches)
    .where(and(eq(cordBatches.siteId, siteId), isNull(cordBatches.deletedAt)))
    .orderBy(asc(cordBatches.createdAt));
  return rows.map(toBatch);
}

export async function getBatch(db: Database, id: string): Promise<CordBatch> {
  const [row] = await db.select().from(cordBatches).where(eq(cordBatches.id, id));
  if (!row) throw notFound('batch of cords');
  return toBatch(row);
}

/** Begins a batch. The same id and content again give the batch that is there: a retry is harmless. */
export async function createBatch(
  db: Database,
  siteId: string,
  { id = v7(), ...input }: z.output<typeof cordBatchInput>,
): Promise<CordBatch> {
  const [made] = await db
    .insert(cordBatches)
    .values({ ...input, id, siteId })
    .onConflictDoNothing({ target: cordBatches.id })
    .returning();
  return made
    ? toBatch(made)
    : sameCreate('batch of cords', await getBatch(db, id), { ...input, siteId }, false);
}
