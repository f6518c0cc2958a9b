import type { Site, sitePatch, siteInput } from '@near-spoke/contract';
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

export async function getSite(db: Database, id: string): Promise<Site> {
  const [row] = await db
    .select()
    .from(sites)
    .where(and(eq(sites.id, id), live));
  if (!row) throw notFound('site');
  return toSite(row);
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
