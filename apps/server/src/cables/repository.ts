import type { CableFact, cableFactInput } from '@near-spoke/contract/reflect';
import { asc, eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { only } from '../db/only';
import { cableFacts } from '../db/schema';
import { refuseOtherFact } from '../http/same-fact';

type Row = typeof cableFacts.$inferSelect;

function toFact({ seq: _, receivedAt: __, at, ...row }: Row): CableFact {
  return { ...row, at: at.toISOString() };
}

export async function listCableFacts(db: Database, siteId: string): Promise<CableFact[]> {
  const rows = await db
    .select()
    .from(cableFacts)
    .where(eq(cableFacts.siteId, siteId))
    .orderBy(asc(cableFacts.at), asc(cableFacts.seq));
  return rows.map(toFact);
}

/** Keeps a fact. Sent again with the same id, it is the same fact: a retry is harmless. */
export async function addCableFact(
  db: Database,
  siteId: string,
  input: z.output<typeof cableFactInput>,
): Promise<CableFact> {
  const id = input.id ?? v7();
  const at = input.at ? new Date(input.at) : new Date();
  await db
    .insert(cableFacts)
    .values({ ...input, id, siteId, at })
    .onConflictDoNothing({ target: cableFacts.id });
  const [row] = await db.select().from(cableFacts).where(eq(cableFacts.id, id));
  const stored = toFact(only(row));
  refuseOtherFact(
    [stored.siteId, stored.linkId, stored.cable, stored.reel, stored.deed],
    [siteId, input.linkId, input.cable, input.reel, input.deed],
    stored,
  );
  return stored;
}
