import type { OwnTester, ownTesterInput } from '@near-spoke/contract/tests';
import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { ownTesters } from '../db/schema';
import { notFound } from '../http/problem-error';
import { sameChange } from '../http/same-change';
import { sameCreate } from '../http/same-create';

type Row = typeof ownTesters.$inferSelect;

function toTester({ createdAt: _, editedBy: __, deletedAt, ...row }: Row): OwnTester {
  return { ...row, away: deletedAt !== null };
}

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

/** Offers a tester no more; what was tested with it stays. */
export async function putOwnTesterAway(
  db: Database,
  id: string,
  version: number,
  editedBy: string,
): Promise<void> {
  const [gone] = await db
    .update(ownTesters)
    .set({ deletedAt: new Date(), editedBy, version: sql`${ownTesters.version} + 1` })
    .where(
      and(eq(ownTesters.id, id), eq(ownTesters.version, version), isNull(ownTesters.deletedAt)),
    )
    .returning({ id: ownTesters.id });
  if (gone) return;
  sameChange('tester', await getOwnTester(db, id), version, { away: true });
}

async function getOwnTester(db: Database, id: string): Promise<OwnTester> {
  const [row] = await db.select().from(ownTesters).where(eq(ownTesters.id, id));
  if (!row) throw notFound('tester');
  return toTester(row);
}
