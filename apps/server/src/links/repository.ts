import type { Link, LinkSummary, linkPatch } from '@near-spoke/contract';
import type { Link as CoreLink } from '@near-spoke/core/link';
import { and, asc, eq, getTableColumns, gt, isNull, sql, type SQL } from 'drizzle-orm';
import { v7 } from 'uuid';
import type * as z from 'zod';
import { inTransaction, type Database } from '../db/database';
import { links, sites, type Standing } from '../db/schema';
import { constraintOf } from '../db/sql-state';
import { takeBack } from '../edits/away';
import { ProblemError, notFound } from '../http/problem-error';
import { sameChange } from '../http/same-change';
import { sameCreate } from '../http/same-create';
import { toLink, toRow, type LinkInRow } from './rows';

type Patch = z.output<typeof linkPatch>;

/** How it is edited. */
export const LINK = { what: 'link', table: links, read: toLink };

/** Rows that a single statement writes. */
const BATCH = 1000;

const live = isNull(links.deletedAt);

/** Every link of a site: for what adds all of them up. Lists go page by page. */
export async function listLinks(db: Database, siteId: string): Promise<Link[]> {
  const rows = await db
    .select()
    .from(links)
    .where(and(eq(links.siteId, siteId), live))
    .orderBy(asc(links.place));
  return rows.map(toLink);
}

/** All links of a site, a page at a time. */
export async function* linkPages(
  db: Database,
  siteId: string,
  limit: number,
): AsyncGenerator<LinkInRow[]> {
  const named = and(eq(links.siteId, siteId), live);
  for (let after: number | undefined; ;) {
    const { rows, next } = await pageAfter(db, named, { after, limit });
    yield rows;
    if (next === null) return;
    after = Number(next);
  }
}

async function pageAfter(
  db: Database,
  named: SQL | undefined,
  { after, limit }: { readonly after: number | undefined; readonly limit: number },
): Promise<{ rows: LinkInRow[]; next: string | null }> {
  const found = await db
    .select()
    .from(links)
    .where(and(named, after === undefined ? undefined : gt(links.place, after)))
    .orderBy(asc(links.place))
    .limit(limit + 1);
  const rows = found.slice(0, limit);
  const last = rows.at(-1);
  return { rows, next: found.length > limit && last ? String(last.place) : null };
}

export async function getLink(db: Database, id: string): Promise<Link> {
  return toLink(await getRow(db, id));
}

export async function getRow(db: Database, id: string): Promise<LinkInRow> {
  const [row] = await db
    .select({ link: links })
    .from(links)
    .innerJoin(sites, and(eq(links.siteId, sites.id), isNull(sites.deletedAt)))
    .where(and(eq(links.id, id), live));
  if (!row) throw notFound('link');
  return row.link;
}

/** The links of a site among these ids. */
export async function getRows(
  db: Database,
  siteId: string,
  ids: readonly string[],
): Promise<LinkInRow[]> {
  return db
    .select()
    .from(links)
    .where(and(eq(links.siteId, siteId), live, sql`${links.id} = any(${sql.param([...ids])})`))
    .orderBy(asc(links.place));
}

/** Makes a link. The same id and content again give the link that is there: a retry is harmless. */
export async function createLink(
  db: Database,
  siteId: string,
  link: CoreLink,
  id = v7(),
): Promise<Link> {
  const [made] = await refuseDuplicate(link.label, () =>
    db
      .insert(links)
      .values({ id, siteId, ...toRow(link) })
      .onConflictDoNothing({ target: links.id })
      .returning(),
  );
  if (made) return toLink(made);
  const [row] = await db.select().from(links).where(eq(links.id, id));
  if (!row) throw notFound('link');
  sameCreate('link', row, { ...toRow(link), siteId }, row.deletedAt !== null);
  return toLink(row);
}

/** Writes all links of a schedule, with where they stand, or none. */
export async function createLinks(
  db: Database,
  siteId: string,
  made: readonly (CoreLink & Pick<LinkSummary, 'state'> & Standing)[],
): Promise<void> {
  await inTransaction(db, async (tx) => {
    for (let from = 0; from < made.length; from += BATCH)
      await refuseDuplicate('one of the labels', () =>
        insertRows(
          tx,
          made.slice(from, from + BATCH).map((link) => ({
            id: v7(),
            siteId,
            ...toRow(link),
            state: link.state,
            standing: { next: link.next, ends: link.ends, testedAt: link.testedAt },
            stale: false,
          })),
        ),
      );
  });
}

/** After very many new rows, PostgreSQL looks for its way anew: by itself it would only after a minute. */
export const linksHaveGrown = (db: Database) => db.execute(sql`vacuum (analyze) ${links}`);

/** Rows go as one value: to write out a parameter for each of their cells takes longer than to insert them. */
function insertRows(tx: Database, rows: readonly (typeof links.$inferInsert)[]) {
  const columns = getTableColumns(links);
  const fields = Object.keys(rows[0] ?? {}) as (keyof typeof links.$inferInsert)[];
  const names = sql.join(
    fields.map((field) => sql.identifier(columns[field].name)),
    sql`, `,
  );
  const values = JSON.stringify(
    rows.map((row) => Object.fromEntries(fields.map((field) => [columns[field].name, row[field]]))),
  );
  return tx.execute(
    sql`insert into ${links} (${names}) select ${names} from json_populate_recordset(null::links, ${values}::json)`,
  );
}

export async function updateLink(
  db: Database,
  current: Link,
  { version, ...changes }: Patch,
  editedBy: string,
): Promise<Link> {
  const row = toRow({ ...current, ...changes });
  const [updated] = await refuseDuplicate(row.label, () =>
    db
      .update(links)
      .set({ ...row, editedBy, version: sql`${links.version} + 1` })
      .where(and(eq(links.id, current.id), eq(links.version, version), live))
      .returning(),
  );
  if (updated) return toLink(updated);
  return sameChange('link', await getLink(db, current.id), version, changes);
}

/** @throws ProblemError 409 where another link has its label by now */
export const restoreLink = (db: Database, id: string, author: string): Promise<Link> =>
  refuseDuplicate('its label', () => takeBack(db, LINK, id, author));

/** The labels that a site has, of those that a schedule names. */
export async function takenLabels(db: Database, siteId: string): Promise<Set<string>> {
  const rows = await db
    .select({ label: links.label })
    .from(links)
    .where(and(eq(links.siteId, siteId), live));
  return new Set(rows.map((row) => row.label));
}

/** A label that another link of the site has becomes a conflict that the user can mend. */
async function refuseDuplicate<T>(label: string, write: () => Promise<T>): Promise<T> {
  try {
    return await write();
  } catch (error) {
    if (constraintOf(error) !== 'links_label') throw error;
    throw new ProblemError(409, 'Label in use', `Another link of this site has ${label} already.`, {
      errors: [{ path: 'label', reason: 'is in use' }],
    });
  }
}
