import type { Link, linkPatch } from '@near-spoke/contract';
import type { Link as CoreLink } from '@near-spoke/core/link';
import { and, asc, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { links, sites } from '../db/schema';
import { ProblemError, notFound, staleVersion } from '../http/problem-error';
import { toLink, toRow } from './rows';

type Patch = z.output<typeof linkPatch>;

/** Rows a single statement writes: PostgreSQL takes 65 535 parameters in one. */
const BATCH = 2000;

const live = isNull(links.deletedAt);

export async function listLinks(db: Database, siteId: string): Promise<Link[]> {
  const rows = await db
    .select()
    .from(links)
    .where(and(eq(links.siteId, siteId), live))
    .orderBy(asc(links.place));
  return rows.map(toLink);
}

export async function getLink(db: Database, id: string): Promise<Link> {
  const [row] = await db
    .select({ link: links })
    .from(links)
    .innerJoin(sites, and(eq(links.siteId, sites.id), isNull(sites.deletedAt)))
    .where(and(eq(links.id, id), live));
  if (!row) throw notFound('link');
  return toLink(row.link);
}

/** Makes a link. The same id again gives the link that is there: a retry is harmless. */
export async function createLink(
  db: Database,
  siteId: string,
  link: CoreLink,
  id = v7(),
): Promise<Link> {
  await refuseDuplicate(link.label, () =>
    db
      .insert(links)
      .values({ id, siteId, ...toRow(link) })
      .onConflictDoNothing({ target: links.id }),
  );
  const stored = await getLink(db, id);
  if (stored.siteId !== siteId) throw notFound('link');
  return stored;
}

/** Writes all links of a schedule, or none. */
export async function createLinks(
  db: Database,
  siteId: string,
  made: readonly CoreLink[],
): Promise<void> {
  await db.transaction(async (tx) => {
    for (let from = 0; from < made.length; from += BATCH)
      await refuseDuplicate('one of the labels', () =>
        tx
          .insert(links)
          .values(
            made.slice(from, from + BATCH).map((link) => ({ id: v7(), siteId, ...toRow(link) })),
          ),
      );
  });
}

export async function updateLink(
  db: Database,
  current: Link,
  { version, ...changes }: Patch,
): Promise<Link> {
  const row = toRow({ ...current, ...changes });
  const [updated] = await refuseDuplicate(row.label, () =>
    db
      .update(links)
      .set({ ...row, version: sql`${links.version} + 1` })
      .where(and(eq(links.id, current.id), eq(links.version, version), live))
      .returning(),
  );
  if (!updated) throw staleVersion('link', await getLink(db, current.id));
  return toLink(updated);
}

export async function removeLink(db: Database, id: string, version?: number): Promise<void> {
  const current = await getLink(db, id);
  if (version !== undefined && version !== current.version) throw staleVersion('link', current);
  await db
    .update(links)
    .set({ deletedAt: new Date(), version: sql`${links.version} + 1` })
    .where(and(eq(links.id, id), live));
}

export async function restoreLink(db: Database, id: string): Promise<Link> {
  await refuseDuplicate('its label', () =>
    db
      .update(links)
      .set({ deletedAt: null, version: sql`${links.version} + 1` })
      .where(and(eq(links.id, id), isNotNull(links.deletedAt))),
  );
  return getLink(db, id);
}

export async function takenLabels(
  db: Database,
  siteId: string,
  among?: readonly string[],
): Promise<Set<string>> {
  const rows = await db
    .select({ label: links.label })
    .from(links)
    .where(
      and(eq(links.siteId, siteId), live, among ? inArray(links.label, [...among]) : undefined),
    );
  return new Set(rows.map((row) => row.label));
}

/** A label that another link of the site has becomes a conflict that the user can mend. */
async function refuseDuplicate<T>(label: string, write: () => Promise<T>): Promise<T> {
  try {
    return await write();
  } catch (error) {
    const cause = error instanceof Error && error.cause ? error.cause : error;
    const constraint = (cause as { constraint?: string }).constraint;
    if (constraint !== 'links_label') throw error;
    throw new ProblemError(409, 'Label in use', `Another link of this site has ${label} already.`, {
      errors: [{ path: 'label', reason: 'is in use' }],
    });
  }
}
