import type { Asked } from '@near-spoke/contract';
import type { searchEndpoints } from '@near-spoke/contract/search';
import { factLine, soughtOf, type LinedFact, type Sought } from '@near-spoke/core/record/search';
import type { LinkState } from '@near-spoke/core/record';
import { sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { escaped } from '../db/like';
import { readFact } from '../facts/repository';
import { teller } from '../words/teller';
import { foundFacts, type FoundRow } from './found-facts';
import { meaningsOf } from './meanings';
import { thingsOf, type Thing } from './things';

/** Links that are told beside what was done on them. */
const MOST_LINKS = 8;

export async function search({ query }: Asked<(typeof searchEndpoints)['search']>, db: Database) {
  const sought = soughtOf(query.q, Date.now(), query.offsetMin);
  const tell = teller(query.language, 'metric');
  const rows = await foundFacts(db, sought, query, query.limit + 1, (word) =>
    meaningsOf(word, tell),
  );
  const shown = rows.slice(0, query.limit);
  const about = await thingsOf(
    db,
    shown.map(({ subject }) => subject),
  );
  const isFirst = query.before === undefined && query.link === undefined;
  return {
    links: isFirst ? await foundLinks(db, sought, query.site) : [],
    entries: together(shown).flatMap(({ row, count }) => {
      const thing = about.get(row.subject);
      const fact = linedFact(row);
      if (!thing || !fact) return [];
      const { units, ...named } = thing;
      return [
        {
          id: row.id,
          kind: fact.kind,
          at: row.at.toISOString(),
          author: row.author,
          device: row.device,
          text: teller(query.language, units)(factLine(fact, count)),
          count,
          taken: row.taken,
          about: named satisfies Omit<Thing, 'units'>,
        },
      ];
    }),
    next: rows.length > query.limit ? (shown.at(-1)?.id ?? null) : null,
  };
}

function linedFact(row: FoundRow): LinedFact | null {
  if (row.kind === 'edit') return null;
  // Every kind has a line: one that has none is no program.
  const kind: LinedFact['kind'] = row.kind;
  // It was read by the schema of its kind, which is more than a type of all kinds can say.
  return { kind, fact: readFact(row.kind, row) } as LinedFact;
}

interface Run {
  readonly row: FoundRow;
  readonly count: number;
}

/** Ticks of one end by one person, or what he draws, one right after the other, are told as one: the newest, and how many. */
function together(rows: readonly FoundRow[]): Run[] {
  const runs: Run[] = [];
  for (const row of rows) {
    const last = runs.at(-1);
    if (last && isAlike(last.row, row)) runs[runs.length - 1] = { ...last, count: last.count + 1 };
    else runs.push({ row, count: 1 });
  }
  return runs;
}

const isAlike = (a: FoundRow, b: FoundRow): boolean => signOf(a) === signOf(b) && signOf(a) !== '';

function signOf({ kind, subject, author, taken, body }: FoundRow): string {
  if (kind === 'drawing') return [kind, subject, author, taken].join(' ');
  return kind === 'tick' && !body['cause']
    ? [subject, author, taken, body['end'], body['done']].join(' ')
    : '';
}

async function foundLinks(db: Database, { words }: Sought, site: string | undefined) {
  if (words.length === 0) return [];
  const likes = words.map((word) => `%${escaped(word)}%`);
  const { rows } = await db.execute<{
    id: string;
    label: string;
    near: string;
    far: string;
    state: LinkState;
    siteId: string;
    site: string;
  }>(sql`
    select link.id, link.label, link.near_place as near, link.far_place as far, link.state,
      site.id as "siteId", site.name as site
    from links as link join sites as site on site.id = link.site_id
    where link.deleted_at is null and site.deleted_at is null
      and ${site === undefined ? sql`true` : sql`site.id = ${site}`}
      and ${sql.join(
        likes.map((like) => sql`(link.search like ${like} or lower(site.name) like ${like})`),
        sql` and `,
      )}
      and (${sql.join(
        likes.map((like) => sql`link.search like ${like}`),
        sql` or `,
      )})
    order by length(link.label), link.label limit ${MOST_LINKS}`);
  return rows;
}
