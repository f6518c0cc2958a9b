import type { Sought } from '@near-spoke/core/record/search';
import { eq, sql, type SQL } from 'drizzle-orm';
import type { Database } from '../db/database';
import { facts } from '../db/schema';
import { FACT_COLUMNS, type FactRow } from '../facts/repository';
import { isAboutSite, isAboutWord } from './things';

/** The latest facts are looked through one by one: what many have is found among them without all the others. */
const LATEST = 10_000;

/** Which facts are looked in. */
export interface Within {
  readonly site?: string | undefined;
  readonly link?: string | undefined;
  /** Only what came before this fact. */
  readonly before?: string | undefined;
}

export type FoundRow = FactRow & { readonly taken: boolean };

/**
 * Facts that have every word, in themselves or in what they are about, the newest first.
 *
 * @param meanings what else a word is kept as
 */
export async function foundFacts(
  db: Database,
  { words, from, until }: Sought,
  { site, link, before }: Within,
  limit: number,
  meanings: (word: string) => readonly string[],
): Promise<FoundRow[]> {
  const when = and([
    sql`fact.kind <> 'edit'`,
    from === null ? null : sql`fact.at >= ${instant(from)}`,
    until === null ? null : sql`fact.at < ${instant(until)}`,
    before === undefined ? null : await earlier(db, before),
  ]);
  const has = and([
    link === undefined ? null : sql`fact.subject = ${link}`,
    site === undefined ? null : await isAboutSite(db, site),
    ...(await Promise.all(
      words.map(async (word) => either([word, ...meanings(word)], await isAboutWord(db, word))),
    )),
  ]);
  const near = await idsOf(
    db,
    sql`select fact.id from (
      select * from facts as fact where ${when} order by at desc, seq desc limit ${LATEST}
    ) as fact where ${has} order by fact.at desc, fact.seq desc limit ${limit}`,
  );
  if (near.length === limit) return rowsOf(db, near);
  // What few have is looked up whole: by time all the others would be looked through first.
  const found = await idsOf(
    db,
    sql`with hits as materialized (
      select fact.id, fact.at, fact.seq from facts as fact where ${when} and ${has}
    ) select id from hits order by at desc, seq desc limit ${limit}`,
  );
  return rowsOf(db, found);
}

const instant = (ms: number): SQL => sql`${new Date(ms).toISOString()}::timestamptz`;
const and = (of: readonly (SQL | null)[]): SQL => {
  const conditions = of.filter((one) => one !== null);
  return conditions.length === 0 ? sql`true` : sql.join(conditions, sql` and `);
};

/** A word begins as it is typed; what stands in it for the language of patterns stands for itself. */
const either = (words: readonly string[], about: SQL): SQL => {
  const pattern = words.map((word) => `'${word.replace(/['\\]/g, ' ')}':*`).join(' | ');
  return sql`(fact.words @@ to_tsquery('simple', ${pattern}) or ${about})`;
};

async function earlier(db: Database, id: string): Promise<SQL> {
  const { rows } = await db.execute<{ at: string; seq: string }>(
    sql`select at::text as at, seq::text as seq from facts where id = ${id}`,
  );
  const [row] = rows;
  return row ? sql`(fact.at, fact.seq) < (${row.at}::timestamptz, ${row.seq}::bigint)` : sql`false`;
}

async function idsOf(db: Database, asked: SQL): Promise<string[]> {
  const { rows } = await db.execute<{ id: string }>(asked);
  return rows.map(({ id }) => id);
}

async function rowsOf(db: Database, found: readonly string[]): Promise<FoundRow[]> {
  const rows = await db
    .select({
      ...FACT_COLUMNS,
      taken: sql<boolean>`exists (select 1 from facts as later where later.voids = facts.id)`,
    })
    .from(facts)
    .where(eq(facts.id, sql`any(${sql.param([...found])}::uuid[])`));
  const place = new Map(found.map((id, index) => [id, index]));
  return rows.sort((a, b) => (place.get(a.id) ?? 0) - (place.get(b.id) ?? 0));
}
