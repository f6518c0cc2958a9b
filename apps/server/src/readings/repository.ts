import type { Reading, readingInput } from '@near-spoke/contract';
import type { Wiring } from '@near-spoke/core/link';
import type { TakenReading } from '@near-spoke/core/record';
import type { Diagnosis } from '@near-spoke/core/verify';
import { and, asc, desc, eq, inArray } from 'drizzle-orm';
import { v7 } from 'uuid';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { only } from '../db/only';
import { readings } from '../db/schema';
import { stands } from '../facts/stands';
import { refuseOtherFact } from '../http/same-fact';

type Row = typeof readings.$inferSelect;

function toReading(row: Row): Reading {
  return {
    id: row.id,
    linkId: row.linkId,
    takenAt: row.takenAt.toISOString(),
    author: row.author,
    note: row.note,
    entered: row.entered,
    tester: row.tester,
    wiring: row.wiring,
    nets: row.nets,
    splitPairs: row.splitPairs,
    diagnosis: row.diagnosis,
  };
}

export async function listReadings(db: Database, linkId: string): Promise<Reading[]> {
  const rows = await db
    .select()
    .from(readings)
    .where(and(eq(readings.linkId, linkId), stands(readings.id)))
    .orderBy(asc(readings.takenAt), asc(readings.seq));
  return rows.map(toReading);
}

/** The readings of links, oldest first. */
export async function readingsOfLinks(
  db: Database,
  linkIds: readonly string[],
): Promise<Map<string, Reading[]>> {
  const byLink = new Map<string, Reading[]>();
  if (linkIds.length === 0) return byLink;
  const rows = await db
    .select()
    .from(readings)
    .where(and(inArray(readings.linkId, [...linkIds]), stands(readings.id)))
    .orderBy(asc(readings.takenAt), asc(readings.seq));
  for (const row of rows) {
    const list = byLink.get(row.linkId) ?? [];
    list.push(toReading(row));
    byLink.set(row.linkId, list);
  }
  return byLink;
}

export async function latestReadings(
  db: Database,
  linkIds: readonly string[],
): Promise<Map<string, TakenReading>> {
  if (linkIds.length === 0) return new Map();
  const rows = await db
    .selectDistinctOn([readings.linkId])
    .from(readings)
    .where(and(inArray(readings.linkId, [...linkIds]), stands(readings.id)))
    .orderBy(readings.linkId, desc(readings.takenAt), desc(readings.seq));
  return new Map(rows.map((row) => [row.linkId, toReading(row)]));
}

/** Keeps a reading. Sent again with the same id, it is the same reading: a retry is harmless. */
export async function addReading(
  db: Database,
  linkId: string,
  input: z.output<typeof readingInput>,
  wiring: Wiring,
  diagnosis: Diagnosis,
): Promise<Reading> {
  const id = input.id ?? v7();
  await db
    .insert(readings)
    .values({
      id,
      linkId,
      takenAt: input.takenAt ? new Date(input.takenAt) : new Date(),
      author: input.author,
      note: input.note,
      entered: input.entered,
      tester: input.tester,
      wiring,
      nets: input.nets,
      splitPairs: input.splitPairs,
      diagnosis,
    })
    .onConflictDoNothing({ target: readings.id });
  const [row] = await db.select().from(readings).where(eq(readings.id, id));
  const stored = toReading(only(row));
  refuseOtherFact(
    [stored.linkId, stored.tester, stored.nets, stored.splitPairs],
    [linkId, input.tester, input.nets, input.splitPairs],
    stored,
  );
  return stored;
}
