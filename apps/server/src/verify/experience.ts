import { experienceOf, type Experience, type Remake } from '@near-spoke/core/verify/explain';
import { and, asc, count, eq, exists, inArray, max } from 'drizzle-orm';
import type { Database } from '../db/database';
import { facts, links, readings, ticks } from '../db/schema';
import { stands } from '../facts/stands';

/** What was worked out last, and what it was worked out from. */
let known: { readonly stamp: string; readonly experience: Experience } | null = null;

/**
 * What all remade ends of the firm say of what goes wrong, and at which end. Worked out anew when an end was
 * remade, a link read, or a reading taken back since.
 */
export async function loadExperience(db: Database): Promise<Experience> {
  const [[lastRemade], [lastRead], [lastFact]] = await Promise.all([
    db
      .select({ seq: max(ticks.seq) })
      .from(ticks)
      .where(eq(ticks.cause, 'test')),
    db.select({ seq: max(readings.seq) }).from(readings),
    db.select({ seq: max(facts.seq) }).from(facts),
  ]);
  const stamp = JSON.stringify([lastRemade, lastRead, lastFact]);
  if (known?.stamp === stamp) return known.experience;
  const experience = await workOut(db);
  known = { stamp, experience };
  return experience;
}

async function workOut(db: Database): Promise<Experience> {
  const ofLink = db
    .select()
    .from(readings)
    .where(and(eq(readings.linkId, links.id), stands(readings.id)));
  const [counted] = await db.select({ links: count() }).from(links).where(exists(ofLink));
  const remade = await db
    .select({ linkId: ticks.linkId, end: ticks.end, at: ticks.at })
    .from(ticks)
    .where(eq(ticks.cause, 'test'));
  const ids = [...new Set(remade.map(({ linkId }) => linkId))];
  const rows =
    ids.length === 0
      ? []
      : await db
          .select({
            linkId: readings.linkId,
            takenAt: readings.takenAt,
            diagnosis: readings.diagnosis,
          })
          .from(readings)
          .where(and(inArray(readings.linkId, ids), stands(readings.id)))
          .orderBy(asc(readings.takenAt), asc(readings.seq));
  const byLink = new Map<string, typeof rows>();
  for (const row of rows) byLink.set(row.linkId, [...(byLink.get(row.linkId) ?? []), row]);
  const remakes = remade.map(({ linkId, end, at }): Remake => {
    const before = (byLink.get(linkId) ?? []).findLast((row) => row.takenAt <= at);
    return { end, faults: before?.diagnosis.faults ?? [] };
  });
  return experienceOf(counted?.links ?? 0, remakes);
}
