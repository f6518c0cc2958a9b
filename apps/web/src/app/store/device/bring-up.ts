import { linkSummary, pathOf, type LinkAlong, type LinkSummary } from '@near-spoke/contract';
import { linkFact } from '@near-spoke/contract/along';
import type { IDBPTransaction } from 'idb';
import type { DeviceSchema, KeptLink } from './device-db';
import type { Kept } from '../facts/kept';
import { LISTS, answered, isListed } from '../facts/lists';
import type { Deed, EditedId } from '../outbox/deed';

export type Write = IDBPTransaction<DeviceSchema, ('unsent' | 'answers' | 'links')[], 'readwrite'>;

/** Brings the copies of what the server keeps up to what it has just taken. */
export async function bringUp(write: Write, deed: Deed, answer: unknown): Promise<void> {
  if (deed.kind === 'fact') return bringFactUp(write, deed, answer);
  if (deed.kind === 'file') return;
  if (deed.of === 'link') return bringLinkUp(write, deed, answer);
  const list = LISTED[deed.of];
  const siteId = deed.kind === 'make' ? deed.siteId : '';
  const url = list.url.replace('{id}', siteId);
  if (deed.kind === 'away')
    return changeList(write, url, list.of, (rows) => rows.map((row) => putAway(row, deed.id)));
  return addTo(
    write,
    url,
    list.of,
    deed.of === 'batch' ? { ...NONE_SEEN, ...record(answer) } : answer,
  );
}

/** The lists that what people edit stands in. */
const LISTED: Readonly<
  Record<Exclude<EditedId, 'link'>, { readonly url: string; readonly of: string }>
> = {
  site: { url: '/api/sites', of: 'sites' },
  adapter: { url: '/api/adapters', of: 'adapters' },
  part: { url: '/api/parts', of: 'parts' },
  tester: { url: '/api/testers', of: 'testers' },
  batch: { url: '/api/sites/{id}/cords', of: 'batches' },
};
const NONE_SEEN = { passed: 0, failed: 0 };

const record = (value: unknown): Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null ? { ...value } : {};

const putAway = (row: unknown, id: string): unknown => {
  const { version, ...rest } = record(row);
  return rest['id'] === id ? { ...rest, away: true, version: Number(version) + 1 } : row;
};

async function bringLinkUp(
  write: Write,
  deed: Exclude<Deed, { kind: 'fact' | 'file' }>,
  answer: unknown,
) {
  if (deed.kind === 'away') {
    const before = await write.objectStore('links').get(deed.id);
    if (before) await write.objectStore('links').put({ ...before, changed: true, gone: true });
    return;
  }
  const stored = linkSummary.safeParse(answer);
  if (stored.success) await putLink(write, stored.data);
}

async function bringFactUp(write: Write, sent: Kept, answer: unknown): Promise<void> {
  const kept = answered(sent, answer);
  if (!kept) return;
  const { of, id } = kept.about;
  if (of === 'link') return changeLink(write, id, (along) => withFact(along, kept));
  const kind = kept.of === 'void' ? kept.fact.kind : kept.of;
  if (!isListed(kind)) return;
  const url = pathOf(LISTS[kind], { id });
  return kept.of === 'void'
    ? changeList(write, url, 'facts', (rows) => rows.filter((row) => idOf(row) !== kept.fact.of))
    : addTo(write, url, 'facts', kept.fact);
}

function withFact(along: LinkAlong, kept: Kept): LinkAlong {
  const row = linkFact.safeParse(kept);
  const gone = kept.of === 'void' ? [kept.fact.id, kept.fact.of] : [kept.fact.id];
  const others = along.facts.filter(({ fact }) => !gone.includes(fact.id));
  return row.success ? { ...along, facts: [...others, row.data] } : along;
}

async function changeLink(
  write: Write,
  linkId: string,
  change: (along: LinkAlong) => LinkAlong,
): Promise<void> {
  const before = await write.objectStore('links').get(linkId);
  if (before)
    await write.objectStore('links').put({ ...before, changed: true, along: change(before.along) });
}

async function putLink(write: Write, link: LinkSummary): Promise<void> {
  const before = await write.objectStore('links').get(link.id);
  const none: LinkAlong = { link, stamp: 0, facts: [] };
  const kept: KeptLink = {
    id: link.id,
    siteId: link.siteId,
    stamp: before?.stamp ?? 0,
    at: before?.at ?? Date.now(),
    along: { ...(before?.along ?? none), link },
    changed: true,
    gone: false,
  };
  await write.objectStore('links').put(kept);
}

/** Puts what the server answered into a list of it that is kept, in the place of an older one. */
const addTo = (write: Write, url: string, list: string, answer: unknown): Promise<void> =>
  changeList(write, url, list, (rows) => [
    ...rows.filter((row) => idOf(row) !== idOf(answer)),
    answer,
  ]);

async function changeList(
  write: Write,
  url: string,
  list: string,
  change: (rows: readonly unknown[]) => unknown[],
): Promise<void> {
  const kept = await write.objectStore('answers').get(url);
  const rows = (kept?.body as Readonly<Record<string, unknown>> | undefined)?.[list];
  if (kept && Array.isArray(rows))
    await write
      .objectStore('answers')
      .put({ ...kept, body: { ...(kept.body as object), [list]: change(rows) } });
}

const idOf = (row: unknown): unknown => (row as { id?: unknown } | null)?.id;
