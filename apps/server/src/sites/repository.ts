import type { Site, SiteStandings, sitePatch, siteInput } from '@near-spoke/contract';
import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { sites } from '../db/schema';
import { mergedPatch } from '../edits/merged-patch';
import { notFound } from '../http/problem-error';
import { sameChange } from '../http/same-change';
import { sameCreate } from '../http/same-create';

type Row = typeof sites.$inferSelect;

function toSite({ deletedAt: _, editedBy: __, createdAt, ...row }: Row): Site {
  return { ...row, createdAt: createdAt.toISOString() };
}

/** How it is edited. */
export const SITE = { what: 'site', table: sites, read: toSite };

const live = isNull(sites.deletedAt);

export async function listSites(db: Database): Promise<Site[]> {
  const rows = await db.select().from(sites).where(live).orderBy(asc(sites.createdAt));
  return rows.map(toSite);
}

/** What each site has of links, counted from an index, and the latest fact about whatever is its own. */
export async function listStandings(db: Database): Promise<SiteStandings['sites']> {
  const { rows } = await db.execute<{
    id: string;
    links: number;
    proven: number;
    wrong: number;
    worked_at: Date | string | null;
  }>(sql`
    select site.id, coalesce(counted.links, 0) as links, coalesce(counted.proven, 0) as proven,
      coalesce(counted.wrong, 0) as wrong, worked.at as worked_at
    from sites as site
    left join (
      select site_id, count(*)::int as links,
        count(*) filter (where state = 'pass')::int as proven,
        count(*) filter (where state in ('fail', 'does-not-fit'))::int as wrong
      from links where deleted_at is null group by site_id
    ) as counted on counted.site_id = site.id
    left join lateral (
      select max(fact.at) as at from facts as fact
      where fact.kind <> 'edit' and fact.subject in (
        select site.id
        union all select id from links where site_id = site.id
        union all select id from cord_batches where site_id = site.id
      )
    ) as worked on true
    where site.deleted_at is null
    order by site.created_at`);
  return rows.map(({ worked_at: at, ...row }) => ({
    ...row,
    workedAt: at === null ? null : new Date(at).toISOString(),
  }));
}

export async function getSite(db: Database, id: string): Promise<Site> {
  const [row] = await db
    .select()
    .from(sites)
    .where(and(eq(sites.id, id), live));
  if (!row) throw notFound('site');
  return toSite(row);
}

/** What a site measures in, whether it was put away or not. */
export async function unitsOf(db: Database, id: string): Promise<Site['units']> {
  const [row] = await db.select({ units: sites.units }).from(sites).where(eq(sites.id, id));
  return row?.units ?? 'metric';
}

/** Makes a site. The same id and content again give the site that is there: a retry is harmless. */
export async function createSite(
  db: Database,
  { id = v7(), ...input }: z.output<typeof siteInput>,
): Promise<Site> {
  const [made] = await db
    .insert(sites)
    .values({ ...input, id })
    .onConflictDoNothing({ target: sites.id })
    .returning();
  if (made) return toSite(made);
  const [row] = await db.select().from(sites).where(eq(sites.id, id));
  if (!row) throw notFound('site');
  return sameCreate('site', toSite(row), input, row.deletedAt !== null);
}

/** @param db a transaction */
export async function updateSite(
  db: Database,
  id: string,
  patch: z.output<typeof sitePatch>,
  editedBy: string,
): Promise<Site> {
  const { version, ...changes } = await mergedPatch(db, SITE, id, patch);
  const [row] = await db
    .update(sites)
    .set({ ...changes, editedBy, version: sql`${sites.version} + 1` })
    .where(and(eq(sites.id, id), eq(sites.version, version), live))
    .returning();
  return row ? toSite(row) : sameChange('site', await getSite(db, id), version, changes);
}
