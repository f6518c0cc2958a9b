import type { LinkSummary } from '@near-spoke/contract';
import type { Job } from '@near-spoke/core/link';
import { summariseLink } from '@near-spoke/core/record';
import { told } from '@near-spoke/words';
import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { links } from '../db/schema';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { evidenceOf } from './evidence';
import { toLink, type LinkInRow } from './rows';
import { KEPT } from '../words/teller';

/** Links that are worked out in one go. */
const BATCH = 500;

/** A link with where it stands, as it is kept; null where that has to be worked out first. */
export function keptStanding(row: LinkInRow): LinkSummary | null {
  return row.stale || !row.standing ? null : { ...toLink(row), state: row.state, ...row.standing };
}

/** Links with where they stand, in the order given; what is stale is worked out from the facts, and kept. */
export async function standingOf(
  db: Database,
  rows: readonly LinkInRow[],
  job: Job,
): Promise<LinkSummary[]> {
  const stale = rows.filter((row) => keptStanding(row) === null);
  const fresh = new Map<string, LinkSummary>();
  for (let from = 0; from < stale.length; from += BATCH)
    for (const link of await workOut(db, stale.slice(from, from + BATCH), job))
      fresh.set(link.id, link);
  return rows.flatMap((row) => fresh.get(row.id) ?? keptStanding(row) ?? []);
}

async function workOut(db: Database, rows: readonly LinkInRow[], job: Job): Promise<LinkSummary[]> {
  const ids = rows.map(({ id }) => id);
  const evidence = await evidenceOf(db, ids);
  const stand = rows.map((row) => {
    const { ticks, readings, tests } = evidence(row.id);
    const tested = { reading: readings.at(-1) ?? null, tests };
    return told(summariseLink(toLink(row), ticks, tested, job), KEPT);
  });
  const kept = stand.map(({ id, state, next, ends, testedAt }, index) => ({
    id,
    stamp: rows[index]?.stamp,
    state,
    standing: { next, ends, testedAt },
  }));
  // A fact that came meanwhile has moved the stamp on: then the row stays stale.
  await db.execute(sql`
    update links set state = v.state, standing = v.standing, stale = false
    from jsonb_to_recordset(${JSON.stringify(kept)}::jsonb)
      as v(id uuid, stamp integer, state text, standing jsonb)
    where links.id = v.id and links.stamp = v.stamp`);
  return stand;
}

/**
 * Works out where stale links of a site stand, until none is left or time is over.
 *
 * @returns how many were worked out
 */
export async function refreshSite(
  db: Database,
  siteId: string,
  isOver: () => boolean,
): Promise<number> {
  const job = await jobOf(db, await getSite(db, siteId));
  let done = 0;
  for (;;) {
    const rows = await db
      .select()
      .from(links)
      .where(and(eq(links.siteId, siteId), eq(links.stale, true), isNull(links.deletedAt)))
      .orderBy(asc(links.place))
      .limit(BATCH);
    if (rows.length === 0) return done;
    done += (await workOut(db, rows, job)).length;
    if (isOver()) return done;
  }
}
