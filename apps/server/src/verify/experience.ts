import { experienceOf, type Experience, type Remake } from '@near-spoke/core/verify/explain';
import { asc, countDistinct, eq, inArray } from 'drizzle-orm';
import type { Database } from '../db/database';
import { readings, ticks } from '../db/schema';

/** What all remade ends of the firm say of what goes wrong, and at which end. */
export async function loadExperience(db: Database): Promise<Experience> {
  const [counted] = await db.select({ links: countDistinct(readings.linkId) }).from(readings);
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
  const remakes = remade.map(({ linkId, end, at }): Remake => {
    const before = rows.findLast((row) => row.linkId === linkId && row.takenAt <= at);
    return { end, faults: before?.diagnosis.faults ?? [] };
  });
  return experienceOf(counted?.links ?? 0, remakes);
}
