import type { Test, testInput } from '@near-spoke/contract/tests';
import type { Wiring } from '@near-spoke/core/link';
import type { TakenTest } from '@near-spoke/core/record';
import type { JudgedTest } from '@near-spoke/core/verify/explain';
import { and, asc, eq, inArray } from 'drizzle-orm';
import { v7 } from 'uuid';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { only } from '../db/only';
import { tests } from '../db/schema';
import { stands } from '../facts/stands';
import { refuseOtherFact } from '../http/same-fact';

type Row = typeof tests.$inferSelect;

function toTest({ seq: _, receivedAt: __, takenAt, wiring, ...row }: Row): Test {
  return {
    ...row,
    wiring,
    takenAt: takenAt.toISOString(),
    tester: row.reading.tester,
  };
}

export async function listTests(db: Database, linkId: string): Promise<Test[]> {
  return (await testsOfLinks(db, [linkId])).get(linkId) ?? [];
}

/** The tests of links, oldest first. */
export async function testsOfLinks(
  db: Database,
  linkIds: readonly string[],
): Promise<Map<string, Test[]>> {
  const byLink = new Map<string, (Test & TakenTest)[]>();
  if (linkIds.length === 0) return byLink;
  const rows = await db
    .select()
    .from(tests)
    .where(and(inArray(tests.linkId, [...linkIds]), stands(tests.id)))
    .orderBy(asc(tests.takenAt), asc(tests.seq));
  for (const row of rows) {
    const list = byLink.get(row.linkId) ?? [];
    list.push(toTest(row));
    byLink.set(row.linkId, list);
  }
  return byLink;
}

/** Keeps a test. Sent again with the same id, it is the same test: a retry is harmless. */
export async function addTest(
  db: Database,
  linkId: string,
  input: z.output<typeof testInput>,
  wiring: Wiring,
  { verdict, missed, summary }: JudgedTest,
): Promise<Test> {
  const id = input.id ?? v7();
  await db
    .insert(tests)
    .values({
      id,
      linkId,
      takenAt: input.takenAt ? new Date(input.takenAt) : new Date(),
      author: input.author,
      note: input.note,
      entered: input.entered,
      wiring,
      reading: input.reading,
      verdict,
      missed: [...missed],
      summary,
    })
    .onConflictDoNothing({ target: tests.id });
  const [row] = await db.select().from(tests).where(eq(tests.id, id));
  const stored = toTest(only(row));
  refuseOtherFact([stored.linkId, stored.reading], [linkId, input.reading], stored);
  return stored;
}
