import type {
  CordBatch,
  CordFact,
  cordBatchInput,
  cordFactInput,
} from '@near-spoke/contract/cords';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { v7 } from 'uuid';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { only } from '../db/only';
import { cordBatches, cordFacts } from '../db/schema';
import { notFound } from '../http/problem-error';
import { sameCreate } from '../http/same-create';
import { refuseOtherFact } from '../http/same-fact';

type BatchRow = typeof cordBatches.$inferSelect;
type FactRow = typeof cordFacts.$inferSelect;

function toBatch({ createdAt, deletedAt: _, ...row }: BatchRow): CordBatch {
  return { ...row, createdAt: createdAt.toISOString() };
}

function toFact({ seq: _, receivedAt: __, at, ...row }: FactRow): CordFact {
  return { ...row, at: at.toISOString() };
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

export async function listFacts(db: Database, batchId: string): Promise<CordFact[]> {
  const rows = await db
    .select()
    .from(cordFacts)
    .where(eq(cordFacts.batchId, batchId))
    .orderBy(asc(cordFacts.at), asc(cordFacts.seq));
  return rows.map(toFact);
}

/** Keeps a fact. Sent again with the same id, it is the same fact: a retry is harmless. */
export async function addFact(
  db: Database,
  batchId: string,
  input: z.output<typeof cordFactInput>,
  summary: string,
): Promise<CordFact> {
  const id = input.id ?? v7();
  const at = input.at ? new Date(input.at) : new Date();
  await db
    .insert(cordFacts)
    .values({ ...input, id, batchId, at, summary })
    .onConflictDoNothing({ target: cordFacts.id });
  const [row] = await db.select().from(cordFacts).where(eq(cordFacts.id, id));
  const stored = toFact(only(row));
  refuseOtherFact(
    [stored.batchId, stored.label, stored.verdict, stored.reading],
    [batchId, input.label, input.verdict, input.reading],
    stored,
  );
  return stored;
}
