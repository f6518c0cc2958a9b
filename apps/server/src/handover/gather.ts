import type { LinkSummary, Tick } from '@near-spoke/contract';
import { remakesOf, summariseLink } from '@near-spoke/core/record';
import { linkChanges, type RecordEntry } from '@near-spoke/core/record/sections';
import { told, type Told } from '@near-spoke/words';
import { sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { editList } from '../edits/edit-list';
import { evidenceOf } from '../links/evidence';
import { LINK, listLinks } from '../links/repository';
import type { Recording } from '../record/link-record';

/** Links that are worked out in one go. */
const BATCH = 200;

/** What the first pages of a handover tell of all links. */
export interface Gathered {
  readonly links: readonly LinkSummary[];
  /** Ends that were made again. */
  readonly remakes: readonly { readonly label: string; readonly tick: Tick }[];
  /** What is otherwise than it was scheduled. */
  readonly changes: readonly { readonly label: string; readonly change: Told<RecordEntry> }[];
}

export async function gather(db: Database, { site, job, tell }: Recording): Promise<Gathered> {
  const all = await listLinks(db, site.id);
  const links: LinkSummary[] = [];
  const remakes: Gathered['remakes'][number][] = [];
  for (const batch of batches(all, BATCH)) {
    const evidence = await evidenceOf(
      db,
      batch.map(({ id }) => id),
    );
    for (const link of batch) {
      const { ticks, readings, tests } = evidence(link.id);
      const tested = { reading: readings.at(-1) ?? null, tests };
      links.push(told(summariseLink(link, ticks, tested, job), tell));
      for (const tick of remakesOf(link, ticks, job)) remakes.push({ label: link.label, tick });
    }
  }
  const changes: Gathered['changes'][number][] = [];
  const edited = await editedAmong(
    db,
    all.map(({ id }) => id),
  );
  for (const link of all.filter(({ id }) => edited.has(id)))
    for (const change of linkChanges(link, await editList(db, LINK, link.id), job))
      changes.push({ label: link.label, change: told(change, tell) });
  return { links, remakes, changes };
}

export function* batches<T>(list: readonly T[], size: number): Generator<readonly T[]> {
  for (let from = 0; from < list.length; from += size) yield list.slice(from, from + size);
}

async function editedAmong(db: Database, ids: readonly string[]): Promise<ReadonlySet<string>> {
  const { rows } = await db.execute<{ subject: string }>(sql`
    select distinct subject from facts
    where kind = 'edit' and subject = any(${sql.param([...ids])}::uuid[])`);
  return new Set(rows.map(({ subject }) => subject));
}
