import type { FactKindId } from '@near-spoke/contract/facts';
import { experienceOf, type Experience, type Remake } from '@near-spoke/core/verify/explain';
import { and, countDistinct, eq, max, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { facts } from '../db/schema';
import { factsAbout, stands } from '../facts/repository';

/** What was worked out last, and what it was worked out from. */
let known: { readonly stamp: string; readonly experience: Experience } | null = null;

const REMADE = and(eq(facts.kind, 'tick'), sql`${facts.body} ->> 'cause' = 'test'`);

/**
 * What all remade ends of the firm say of what goes wrong, and at which end. Worked out anew when an end was
 * remade, a link read, or something taken back since.
 */
export async function loadExperience(db: Database): Promise<Experience> {
  const last = (kind: FactKindId) =>
    db
      .select({ seq: max(facts.seq) })
      .from(facts)
      .where(eq(facts.kind, kind));
  const [remade, read, taken] = await Promise.all([
    db
      .select({ seq: max(facts.seq) })
      .from(facts)
      .where(REMADE),
    last('reading'),
    last('void'),
  ]);
  const stamp = JSON.stringify([remade, read, taken]);
  if (known?.stamp === stamp) return known.experience;
  const experience = await workOut(db);
  known = { stamp, experience };
  return experience;
}

async function workOut(db: Database): Promise<Experience> {
  const [counted] = await db
    .select({ links: countDistinct(facts.subject) })
    .from(facts)
    .where(and(eq(facts.kind, 'reading'), stands(facts.id)));
  const remade = await db
    .selectDistinct({ linkId: facts.subject })
    .from(facts)
    .where(and(REMADE, stands(facts.id)));
  const ids = remade.map(({ linkId }) => linkId);
  const readings = await factsAbout(db, 'reading', ids);
  const ticks = [...(await factsAbout(db, 'tick', ids)).values()].flat();
  const remakes = ticks
    .filter(({ cause }) => cause === 'test')
    .map(({ linkId, end, at }): Remake => {
      const before = (readings.get(linkId) ?? []).findLast(({ takenAt }) => takenAt <= at);
      return { end, faults: before?.diagnosis.faults ?? [] };
    });
  return experienceOf(counted?.links ?? 0, remakes);
}
