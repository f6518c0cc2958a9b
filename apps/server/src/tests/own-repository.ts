import type { OwnTester, ownTesterInput } from '@near-spoke/contract/tests';
import { asc, eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { ownTesters } from '../db/schema';
import { notFound } from '../http/problem-error';
import { sameCreate } from '../http/same-create';

type Row = typeof ownTesters.$inferSelect;

function toTester({ createdAt: _, editedBy: __, deletedAt, ...row }: Row): OwnTester {
  return { ...row, away: deletedAt !== null };
}

/** How it is edited. */
export const OWN_TESTER = { what: 'tester', table: ownTesters, read: toTester };

/** Every tester of one's own, those that were put away too. */
export async function listOwnTesters(db: Database): Promise<OwnTester[]> {
  const rows = await db.select().from(ownTesters).orderBy(asc(ownTesters.createdAt));
  return rows.map(toTester);
}

/** Keeps a tester. The same id and content again give the one that is there: a retry is harmless. */
export async function createOwnTester(
  db: Database,
  { id = v7(), ...input }: z.output<typeof ownTesterInput>,
): Promise<OwnTester> {
  const [made] = await db
    .insert(ownTesters)
    .values({ ...input, id })
    .onConflictDoNothing({ target: ownTesters.id })
    .returning();
  if (made) return toTester(made);
  const stored = await getOwnTester(db, id);
  return sameCreate('tester', stored, input, stored.away);
}

async function getOwnTester(db: Database, id: string): Promise<OwnTester> {
  const [row] = await db.select().from(ownTesters).where(eq(ownTesters.id, id));
  if (!row) throw notFound('tester');
  return toTester(row);
}
