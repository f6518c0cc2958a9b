import { eq, sql } from 'drizzle-orm';
import { inTransaction, type Database } from '../db/database';
import { links, notes } from '../db/schema';

const NAME = 'judgement';

/** Where another program worked out where links stand, all of them are stale. */
export async function judgeAnew(db: Database, judgement: string): Promise<void> {
  const [before] = await db.select().from(notes).where(eq(notes.name, NAME));
  if (before?.value === judgement) return;
  await inTransaction(db, async (tx) => {
    await tx.update(links).set({ stale: true });
    await tx
      .insert(notes)
      .values({ name: NAME, value: judgement })
      .onConflictDoUpdate({ target: notes.name, set: { value: judgement, at: sql`now()` } });
  });
}
