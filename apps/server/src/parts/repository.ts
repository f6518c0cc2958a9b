import { rowsOfParts, type Part, type partInput, type partPatch } from '@near-spoke/contract';
import { catalogueOf, type Catalogue } from '@near-spoke/core/catalogue';
import { and, asc, eq, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { parts } from '../db/schema';
import { mergedPatch } from '../edits/merged-patch';
import { notFound } from '../http/problem-error';
import { sameChange } from '../http/same-change';
import { sameCreate } from '../http/same-create';

type Row = typeof parts.$inferSelect;

function toPart({ createdAt: _, editedBy: __, deletedAt, ...row }: Row): Part {
  return { ...row, away: deletedAt !== null };
}

/** How it is edited. */
export const PART = { what: 'part', table: parts, read: toPart };

/** Every part, those that were put away too: links may still name them. */
export async function listParts(db: Database): Promise<Part[]> {
  const rows = await db.select().from(parts).orderBy(asc(parts.createdAt));
  return rows.map(toPart);
}

async function getPart(db: Database, id: string): Promise<Part> {
  const [row] = await db.select().from(parts).where(eq(parts.id, id));
  if (!row) throw notFound('part');
  return toPart(row);
}

/** Adds a part. The same id and content again give the part that is there: a retry is harmless. */
export async function createPart(
  db: Database,
  { id = v7(), ...input }: z.output<typeof partInput>,
): Promise<Part> {
  const [made] = await db
    .insert(parts)
    .values({ ...input, id })
    .onConflictDoNothing({ target: parts.id })
    .returning();
  if (made) return toPart(made);
  const stored = await getPart(db, id);
  return sameCreate('part', stored, input, stored.away);
}

/** @param db a transaction */
export async function updatePart(
  db: Database,
  id: string,
  patch: z.output<typeof partPatch>,
  editedBy: string,
): Promise<Part> {
  const current = await getPart(db, id);
  const { version, ...changes } = await mergedPatch(db, PART, id, patch);
  const own = current.kind === 'cable' ? changes.cable : changes.connector;
  const row = { source: changes.source ?? current.source, ...(own ? { [current.kind]: own } : {}) };
  return write(db, current, version, { ...row, editedBy }, { ...row });
}

/** Puts a part away, or offers it again. */
export async function setAway(
  db: Database,
  id: string,
  away: boolean,
  editedBy: string,
  version?: number,
): Promise<Part> {
  const current = await getPart(db, id);
  // The same again, whose answer was lost.
  if (version === undefined && current.away === away) return current;
  const changes = { editedBy, deletedAt: away ? new Date() : null };
  return write(db, current, version ?? current.version, changes, { away });
}

async function write(
  db: Database,
  { id }: Part,
  version: number,
  changes: Partial<Row>,
  meant: Partial<Part>,
): Promise<Part> {
  const [row] = await db
    .update(parts)
    .set({ ...changes, version: sql`${parts.version} + 1` })
    .where(and(eq(parts.id, id), eq(parts.version, version)))
    .returning();
  return row ? toPart(row) : sameChange('part', await getPart(db, id), version, meant);
}

/** Catalogues that were built, by the parts of one's own that are in them; the last few are kept. */
const known = new Map<string, Catalogue>();
const MOST_KNOWN = 8;

/** The built-in rows and the parts of one's own. Built anew only when a part has changed. */
export async function loadCatalogue(db: Database): Promise<Catalogue> {
  const [row] = await db
    .select({
      stamp: sql<string>`coalesce(md5(string_agg(${parts.id} || ':' || ${parts.version}, ',' order by ${parts.id})), '')`,
    })
    .from(parts);
  const stamp = row?.stamp ?? '';
  const catalogue = known.get(stamp) ?? catalogueOf(rowsOfParts(await listParts(db)));
  known.delete(stamp);
  known.set(stamp, catalogue);
  const [oldest] = known.keys();
  if (known.size > MOST_KNOWN && oldest !== undefined) known.delete(oldest);
  return catalogue;
}
