import { sql, type SQL } from 'drizzle-orm';
import type { Subject } from '@near-spoke/contract/facts';
import type { Database } from '../db/database';
import { escaped } from '../db/like';

/** Whatever a fact can be about, put away or not: what it is, of which site, its name, and what is looked in. */
const THINGS = sql`(
  select id, 'link' as of, site_id, label as name, search as text from links
  union all select id, 'batch', site_id, name, lower(name || E'\n' || note) from cord_batches
  union all select id, 'site', id, name, lower(name || E'\n' || note) from sites
  union all select adapters.id, 'adapter', links.site_id, adapters.name,
    lower(adapters.name || E'\n' || adapters.note) from adapters left join links on links.id = link_id
)`;

/** Things that have a word in themselves, or in their site's name. */
const having = (word: string): SQL => {
  const like = `%${escaped(word)}%`;
  return sql`select thing.id from ${THINGS} as thing where thing.text like ${like}
    or thing.site_id in (select id from sites where lower(name) like ${like})`;
};

const ofSite = (site: string): SQL =>
  sql`select thing.id from ${THINGS} as thing where thing.site_id = ${site}`;

/** More ids than these are looked up rather than listed. */
const LISTED = 2000;

/** That a fact is about one of some things: from an index where those are few. */
async function isAmong(db: Database, things: SQL): Promise<SQL> {
  const { rows } = await db.execute<{ id: string }>(sql`${things} limit ${LISTED + 1}`);
  return rows.length > LISTED
    ? sql`fact.subject in (${things})`
    : sql`fact.subject = any(${sql.param(rows.map(({ id }) => id))}::uuid[])`;
}

export const isAboutWord = (db: Database, word: string): Promise<SQL> => isAmong(db, having(word));
export const isAboutSite = (db: Database, site: string): Promise<SQL> => isAmong(db, ofSite(site));

export interface Thing {
  readonly of: Subject;
  readonly id: string;
  readonly name: string;
  readonly siteId: string | null;
  readonly site: string;
  readonly units: 'metric' | 'imperial';
}

/** What some facts are about, by id. */
export async function thingsOf(
  db: Database,
  ids: readonly string[],
): Promise<ReadonlyMap<string, Thing>> {
  const { rows } = await db.execute<{ [K in keyof Thing]: Thing[K] }>(sql`
    select thing.id, thing.of, thing.name, thing.site_id as "siteId",
      coalesce(site.name, '') as site, coalesce(site.units, 'metric') as units
    from ${THINGS} as thing left join sites as site on site.id = thing.site_id
    where thing.id = any(${sql.param([...new Set(ids)])}::uuid[])`);
  return new Map(rows.map((row) => [row.id, row]));
}
