import type { Link } from '@near-spoke/contract';
import type { Adapter, adapterInput, adapterPatch } from '@near-spoke/contract/map';
import type { Catalogue } from '@near-spoke/core/catalogue';
import type { Pinout } from '@near-spoke/core/link';
import { pinoutOf, solveAdapter } from '@near-spoke/core/map';
import { and, asc, eq, getTableColumns, isNull, ne, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { adapters, links } from '../db/schema';
import { mergedPatch } from '../edits/merged-patch';
import { ProblemError, notFound } from '../http/problem-error';
import { sameChange } from '../http/same-change';
import { sameCreate } from '../http/same-create';
import { getLink } from '../links/repository';
import { toLink } from '../links/rows';

type Row = typeof adapters.$inferSelect;
type Fields = Omit<Adapter, 'id' | 'version' | 'away'>;

function toAdapter({ createdAt: _, editedBy: __, deletedAt, ...row }: Row): Adapter {
  return { ...row, away: deletedAt !== null };
}

/** How it is edited. */
export const ADAPTER = { what: 'adapter', table: adapters, read: toAdapter };

/** Every adapter of the firm, those that were put away too. */
export async function listAdapters(db: Database): Promise<Adapter[]> {
  const rows = await db.select().from(adapters).orderBy(asc(adapters.createdAt));
  return rows.map(toAdapter);
}

/** Those that are links of a site, and were not put away. */
export async function adaptersOf(db: Database, siteId: string): Promise<Adapter[]> {
  const rows = await db
    .select(getTableColumns(adapters))
    .from(adapters)
    .innerJoin(links, eq(links.id, adapters.linkId))
    .where(and(eq(links.siteId, siteId), isNull(links.deletedAt), isNull(adapters.deletedAt)))
    .orderBy(asc(adapters.createdAt));
  return rows.map(toAdapter);
}

export async function getAdapter(db: Database, id: string): Promise<Adapter> {
  const [row] = await db.select().from(adapters).where(eq(adapters.id, id));
  if (!row) throw notFound('adapter');
  return toAdapter(row);
}

/** The link that an adapter is; null where it is none, or its link was put away. */
export async function linkOf(
  db: Database,
  { linkId }: Pick<Adapter, 'linkId'>,
): Promise<Link | null> {
  if (linkId === null) return null;
  const [row] = await db
    .select()
    .from(links)
    .where(and(eq(links.id, linkId), isNull(links.deletedAt)));
  return row ? toLink(row) : null;
}

/** Keeps an adapter. The same id and content again give the adapter that is there: a retry is harmless. */
export async function createAdapter(
  db: Database,
  { id = v7(), ...input }: z.output<typeof adapterInput>,
  catalogue: Catalogue,
): Promise<Adapter> {
  await refuseTaken(db, id, input.linkId);
  const [row] = await db
    .insert(adapters)
    .values({ ...input, id })
    .onConflictDoNothing({ target: adapters.id })
    .returning();
  if (row) await pinLink(db, toAdapter(row), catalogue);
  if (row) return toAdapter(row);
  const stored = await getAdapter(db, id);
  return sameCreate('adapter', stored, input, stored.away);
}

export async function updateAdapter(
  db: Database,
  id: string,
  patch: z.output<typeof adapterPatch>,
  catalogue: Catalogue,
  editedBy: string,
): Promise<Adapter> {
  const current = await getAdapter(db, id);
  const { version, ...changes } = await mergedPatch(db, ADAPTER, id, patch);
  if (changes.linkId !== undefined) await refuseTaken(db, id, changes.linkId);
  return write(db, current, version, changes, catalogue, editedBy);
}

/** Puts an adapter away, or takes it back; its link goes by its scheme meanwhile. */
export async function setAway(
  db: Database,
  id: string,
  away: boolean,
  catalogue: Catalogue,
  editedBy: string,
  version?: number,
): Promise<Adapter> {
  const current = await getAdapter(db, id);
  // The same again, whose answer was lost.
  if (version === undefined && current.away === away) return current;
  if (!away) await refuseTaken(db, id, current.linkId);
  const deletedAt = away ? new Date() : null;
  return write(db, current, version ?? current.version, { deletedAt }, catalogue, editedBy);
}

async function write(
  db: Database,
  current: Adapter,
  version: number,
  changes: Partial<Fields> & { readonly deletedAt?: Date | null },
  catalogue: Catalogue,
  editedBy: string,
): Promise<Adapter> {
  const [row] = await db
    .update(adapters)
    .set({ ...changes, editedBy, version: sql`${adapters.version} + 1` })
    .where(and(eq(adapters.id, current.id), eq(adapters.version, version)))
    .returning();
  if (!row) {
    const { deletedAt, ...meant } = changes;
    const away = deletedAt === undefined ? {} : { away: deletedAt !== null };
    return sameChange('adapter', await getAdapter(db, current.id), version, { ...meant, ...away });
  }
  const adapter = toAdapter(row);
  if (current.linkId !== null && current.linkId !== adapter.linkId)
    await setPinout(db, current.linkId, null);
  await pinLink(db, adapter, catalogue);
  return adapter;
}

/** A link is one adapter at most. */
async function refuseTaken(db: Database, id: string, linkId: string | null): Promise<void> {
  if (linkId === null) return;
  const link = await getLink(db, linkId);
  const [other] = await db
    .select()
    .from(adapters)
    .where(and(eq(adapters.linkId, linkId), ne(adapters.id, id), isNull(adapters.deletedAt)));
  if (other)
    throw new ProblemError(
      409,
      'Link in use',
      `${link.label} is the adapter “${other.name}” already. Take that one off the link first.`,
      { errors: [{ path: 'linkId', reason: 'is in use' }] },
    );
}

/** The link's other stages follow the adapter's cores. */
async function pinLink(db: Database, adapter: Adapter, catalogue: Catalogue): Promise<void> {
  const link = await linkOf(db, adapter);
  if (!link) return;
  const solution = solveAdapter(adapter, link, catalogue);
  await setPinout(db, link.id, adapter.away ? null : pinoutOf(solution));
}

/** After a link has changed: its cores may lie otherwise in the adapter that it is. */
export async function repin(db: Database, linkId: string, catalogue: Catalogue): Promise<void> {
  const [row] = await db
    .select()
    .from(adapters)
    .where(and(eq(adapters.linkId, linkId), isNull(adapters.deletedAt)));
  if (row) await pinLink(db, toAdapter(row), catalogue);
}

async function setPinout(db: Database, linkId: string, pinout: Pinout | null): Promise<void> {
  await db.update(links).set({ pinout }).where(eq(links.id, linkId));
}
