import { experienceOf, type Experience, type Remake } from '@near-spoke/core/verify/explain';
import { asc, count, eq, exists, inArray, max } from 'drizzle-orm';
import type { Database } from '../db/database';
import { links, readings, ticks } from '../db/schema';

/** What was worked out last, and what it was worked out from. */
let known: { readonly stamp: string; readonly experience: Experience } | null = null;

/**
 * What all remade ends of the firm say of what goes wrong, and at which end. Worked out anew when an end was
 * remade or a link read since.
 */
export async function loadExperience(db: Database): Promise<Experience> {
  const [[lastRemade], [lastRead]] = await Promise.all([
    db
      .select({ seq: max(ticks.seq) })
      .from(ticks)
      .where(eq(ticks.cause, 'test')),
    db.select({ seq: max(readings.seq) }).from(readings),
  ]);
  const stamp = JSON.stringify([lastRemade, lastRead]);
  if (known?.stamp === stamp) return known.experience;
  const experience = await workOut(db);
  known = { stamp, experience };
  return experience;
}

async function workOut(db: Database): Promise<Experience> {
  const ofLink = db.select().from(readings).where(eq(readings.linkId, links.id));
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
          .where(inArray(readings.linkId, ids))
          .orderBy(asc(readings.takenAt), asc(readings.seq));
  const byLink = new Map<string, typeof rows>();
  for (const row of rows) byLink.set(row.linkId, [...(byLink.get(row.linkId) ?? []), row]);
  const remakes = remade.map(({ linkId, end, at }): Remake => {
    const before = (byLink.get(linkId) ?? []).findLast((row) => row.takenAt <= at);
    return { end, faults: before?.diagnosis.faults ?? [] };
  });
  return experienceOf(counted?.links ?? 0, remakes);
}
