import type { Voided, voidEndpoints, Asked } from '@near-spoke/contract';
import { and, asc, eq, inArray } from 'drizzle-orm';
import { v7 } from 'uuid';
import * as z from 'zod';
import type { Database } from '../db/database';
import { facts, readings, tests } from '../db/schema';
import { ProblemError, invalid } from '../http/problem-error';
import { refuseOtherFact } from '../http/same-fact';

const VERSION = 1;
const body = z.object({
  reason: z.string(),
  kind: z.enum(['reading', 'test']),
  takenAt: z.string(),
  takenBy: z.string(),
  summary: z.string(),
});

type Row = typeof facts.$inferSelect;

const toVoided = ({ id, linkId, at, author, voids, body: kept }: Row): Voided => ({
  id,
  linkId,
  at: at.toISOString(),
  author,
  of: voids ?? id,
  ...body.parse(kept),
});

/** What was taken back of links, oldest first. */
export async function voidedOfLinks(
  db: Database,
  linkIds: readonly string[],
): Promise<Map<string, Voided[]>> {
  const byLink = new Map<string, Voided[]>();
  if (linkIds.length === 0) return byLink;
  const rows = await db
    .select()
    .from(facts)
    .where(and(inArray(facts.linkId, [...linkIds]), eq(facts.kind, 'void')))
    .orderBy(asc(facts.at), asc(facts.seq));
  for (const row of rows)
    byLink.set(row.linkId, [...(byLink.get(row.linkId) ?? []), toVoided(row)]);
  return byLink;
}

/** What can be taken back of a link: what it says of itself. */
async function factOf(db: Database, linkId: string, id: string) {
  const [reading] = await db
    .select()
    .from(readings)
    .where(and(eq(readings.id, id), eq(readings.linkId, linkId)));
  if (reading) return { ...reading, kind: 'reading' as const, summary: reading.diagnosis.summary };
  const [test] = await db
    .select()
    .from(tests)
    .where(and(eq(tests.id, id), eq(tests.linkId, linkId)));
  if (test) return { ...test, kind: 'test' as const };
  throw invalid([{ path: 'of', reason: 'is no reading and no test of this link' }]);
}

/** Takes a fact back. Sent again with the same id, it is the same: a retry is harmless. */
export async function addVoid(
  db: Database,
  linkId: string,
  input: Asked<typeof voidEndpoints.keep>['body'],
): Promise<Voided> {
  const id = input.id ?? v7();
  const fact = await factOf(db, linkId, input.of);
  await db
    .insert(facts)
    .values({
      id,
      kind: 'void',
      linkId,
      at: input.at ? new Date(input.at) : new Date(),
      author: input.author,
      version: VERSION,
      body: {
        reason: input.reason,
        kind: fact.kind,
        takenAt: fact.takenAt.toISOString(),
        takenBy: fact.author,
        summary: fact.summary,
      } satisfies z.input<typeof body>,
      voids: input.of,
    })
    .onConflictDoNothing();
  const [row] = await db.select().from(facts).where(eq(facts.id, id));
  if (!row)
    throw new ProblemError(409, 'Taken back already', 'Someone has taken this back already.', {
      errors: [{ path: 'of', reason: 'is taken back already' }],
    });
  const stored = toVoided(row);
  refuseOtherFact(
    [stored.linkId, stored.of, stored.reason],
    [linkId, input.of, input.reason],
    stored,
  );
  return stored;
}
