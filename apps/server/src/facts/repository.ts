import type { Asked } from '@near-spoke/contract';
import {
  FACT_KINDS,
  type FactKind,
  type FactKindId,
  type FactOf,
} from '@near-spoke/contract/facts';
import type { AnyFact } from '@near-spoke/contract/site-facts';
import { ENTERED } from '@near-spoke/core/record';
import { and, asc, eq, getTableColumns, gt, ne, sql, type AnyColumn, type SQL } from 'drizzle-orm';
import { v7 } from 'uuid';
import * as z from 'zod';
import type { Database } from '../db/database';
import { facts } from '../db/schema';
import { ProblemError } from '../http/problem-error';
import { sameCreate } from '../http/same-create';
import { upcast, versionOf } from './upcast';

/** All but what a search looks in. */
const { words: _, ...columns } = getTableColumns(facts);
export const FACT_COLUMNS = columns;

export type FactRow = Omit<typeof facts.$inferSelect, 'words'>;

/** What is sent to keep a fact of a kind. */
export type SentFact<K extends FactKindId> = Asked<(typeof FACT_KINDS)[K]['keep']>['body'];

/** Whether nobody has taken a fact back. */
export const stands = (id: AnyColumn): SQL =>
  sql`not exists (select 1 from ${facts} as later where later.voids = ${id})`;

/** However many ids, as one parameter. */
const among = (id: AnyColumn, ids: readonly string[]): SQL =>
  sql`${id} = any(${sql.param([...ids])}::uuid[])`;

/** A row as the fact that it is. */
export function readFact<K extends FactKindId>(kind: K, row: FactRow): FactOf<K> {
  const { fact, subject, at }: FactKind = FACT_KINDS[kind];
  const read = fact.parse({
    ...upcast(kind, row.version, row.body),
    id: row.id,
    author: row.author,
    device: row.device,
    entered: row.entered,
    ...(row.voids ? { of: row.voids } : {}),
    [subject]: row.subject,
    [at]: row.at.toISOString(),
  });
  // It was read by the schema of its kind, which is more than a type of all kinds can say.
  return read as unknown as FactOf<K>;
}

/** The facts of a kind about some things that were not taken back, oldest first, by what they are about. */
export async function factsAbout<K extends FactKindId>(
  db: Database,
  kind: K,
  subjects: readonly string[],
): Promise<Map<string, FactOf<K>[]>> {
  const found = new Map<string, FactOf<K>[]>();
  if (subjects.length === 0) return found;
  const rows = await db
    .select(FACT_COLUMNS)
    .from(facts)
    .where(and(among(facts.subject, subjects), eq(facts.kind, kind), stands(facts.id)))
    .orderBy(asc(facts.at), asc(facts.seq));
  for (const row of rows) {
    const list = found.get(row.subject) ?? [];
    list.push(readFact(kind, row));
    found.set(row.subject, list);
  }
  return found;
}

/** The facts of all kinds about some things that were not taken back, oldest first, in one statement. */
export async function factsOfAll(
  db: Database,
  subjects: readonly string[],
): Promise<<K extends FactKindId>(subject: string, kind: K) => FactOf<K>[]> {
  const rows =
    subjects.length === 0
      ? []
      : await db
          .select(FACT_COLUMNS)
          .from(facts)
          .where(and(among(facts.subject, subjects), ne(facts.kind, 'edit'), stands(facts.id)))
          .orderBy(asc(facts.at), asc(facts.seq));
  const lists = new Map<string, FactRow[]>();
  for (const row of rows) {
    const name = `${row.subject} ${row.kind}`;
    const list = lists.get(name);
    if (list) list.push(row);
    else lists.set(name, [row]);
  }
  return (subject, kind) =>
    (lists.get(`${subject} ${kind}`) ?? []).map((row) => readFact(kind, row));
}

/** Everything about a site that came after some fact, in the order of arrival; what was taken back too. */
export async function factsSince(
  db: Database,
  siteId: string,
  { after, limit }: { readonly after: number; readonly limit: number },
): Promise<{ readonly facts: AnyFact[]; readonly next: string | null }> {
  const ofSite = sql`${facts.subject} in (
    select ${siteId}::uuid
    union all select id from links where site_id = ${siteId}
    union all select id from cord_batches where site_id = ${siteId}
    union all select adapters.id from adapters join links on links.id = link_id where site_id = ${siteId})`;
  const rows = await db
    .select(FACT_COLUMNS)
    .from(facts)
    .where(and(gt(facts.seq, after), ne(facts.kind, 'edit'), ofSite))
    .orderBy(asc(facts.seq))
    .limit(limit + 1);
  const shown = rows.slice(0, limit);
  return {
    facts: shown.flatMap((row): AnyFact[] => {
      if (row.kind === 'edit') return [];
      const { seq, kind, subject } = row;
      // Kind and fact are of the same row, which a type of all kinds can't say.
      return [{ seq, kind, subject, fact: readFact(kind, row) } as AnyFact];
    }),
    next: rows.length > limit ? String(shown.at(-1)?.seq ?? after) : null,
  };
}

/** The same of one thing and kind. */
export const listFacts = async <K extends FactKindId>(
  db: Database,
  kind: K,
  subject: string,
): Promise<FactOf<K>[]> => (await factsAbout(db, kind, [subject])).get(subject) ?? [];

/** A fact by its id, whatever became of it. */
export async function findFact(db: Database, id: string): Promise<FactRow | undefined> {
  const [row] = await db.select(FACT_COLUMNS).from(facts).where(eq(facts.id, id));
  return row;
}

/** What every fact has; the rest is its body. */
const written = z.looseObject({
  id: z.uuid().default(() => v7()),
  author: z.string(),
  device: z.string(),
  entered: z.enum(ENTERED).default('unsaid'),
});

/** What a fact is about; one that takes another back says which. */
interface About {
  readonly subject: string;
  readonly of?: string;
}

/**
 * Keeps a fact. Sent again with the same id and content it is the same fact: a retry is harmless; other content
 * is a conflict.
 *
 * @param worked what was worked out of what was sent, kept as it was then
 */
export async function addFact<K extends FactKindId>(
  db: Database,
  kind: K,
  { subject, ...undo }: About,
  sent: SentFact<K>,
  worked: object = {},
): Promise<FactOf<K>> {
  const { subject: name, at: time }: FactKind = FACT_KINDS[kind];
  // As it is written: what was left out is not there.
  const { id, ...given } = written.parse(JSON.parse(JSON.stringify(sent)));
  const { [time]: at = new Date(), author, device, entered, ...body } = given;
  await db
    .insert(facts)
    .values({
      id,
      kind,
      subject,
      at: z.coerce.date().parse(at),
      author,
      device,
      entered,
      version: versionOf(kind),
      body: { ...body, ...worked },
      voids: undo.of ?? null,
    })
    .onConflictDoNothing();
  const row = await findFact(db, id);
  if (!row)
    throw new ProblemError(409, 'Taken back already', 'Someone has taken this back already.', {
      errors: [{ path: 'of', reason: 'is taken back already' }],
    });
  if (row.kind !== kind)
    throw new ProblemError(409, 'Id in use', 'Another entry has this id. Use a new id.');
  const stored = readFact(kind, row);
  const own = 'entered' in stored ? { entered } : {};
  const { entered: _, ...meant } = given;
  return sameCreate('entry', stored, { ...meant, ...own, ...undo, [name]: subject }, false);
}
