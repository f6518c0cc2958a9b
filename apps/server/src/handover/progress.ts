import { eq, like, and, lt, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { notes } from '../db/schema';

const PREFIX = 'handover ';
const nameOf = (job: string): string => PREFIX + job;

/** How far documents have come that are being made; what broke off is forgotten after a day. */
export async function noteProgress(
  db: Database,
  job: string,
  done: number,
  total: number,
): Promise<void> {
  const value = `${done} ${total}`;
  await db
    .insert(notes)
    .values({ name: nameOf(job), value })
    .onConflictDoUpdate({ target: notes.name, set: { value, at: sql`now()` } });
}

export async function progressOf(db: Database, job: string) {
  const [row] = await db
    .select()
    .from(notes)
    .where(eq(notes.name, nameOf(job)));
  const [done = 0, total = 0] = (row?.value ?? '').split(' ').map(Number);
  return { done, total };
}

export async function forgetProgress(db: Database, job: string): Promise<void> {
  await db.delete(notes).where(eq(notes.name, nameOf(job)));
  await db
    .delete(notes)
    .where(and(like(notes.name, `${PREFIX}%`), lt(notes.at, sql`now() - interval '1 day'`)));
}
