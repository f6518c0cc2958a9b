import {
  linkSummary,
  reading,
  readingResult,
  tick,
  voided,
  type LinkAlong,
  type LinkSummary,
} from '@near-spoke/contract';
import { adapter } from '@near-spoke/contract/map';
import { test } from '@near-spoke/contract/tests';
import type { IDBPTransaction } from 'idb';
import type { DeviceSchema, KeptLink } from './device-db';
import type { Deed } from '../outbox/deed';

export type Write = IDBPTransaction<DeviceSchema, ('unsent' | 'answers' | 'links')[], 'readwrite'>;

/** Brings the copies of what the server keeps up to what it has just taken. */
export async function bringUp(write: Write, deed: Deed, answer: unknown): Promise<void> {
  switch (deed.kind) {
    case 'tick': {
      const kept = tick.safeParse(answer);
      if (kept.success)
        await changeLink(write, deed.linkId, (along) => ({
          ...along,
          ticks: upsert(along.ticks, kept.data),
        }));
      return;
    }
    case 'reading': {
      const kept = readingResult.safeParse(answer);
      if (kept.success)
        await changeLink(write, deed.linkId, (along) => ({
          ...along,
          readings: upsert(along.readings, reading.parse(kept.data.reading)),
        }));
      return;
    }
    case 'test': {
      const kept = test.safeParse(answer);
      if (kept.success)
        await changeLink(write, deed.linkId, (along) => ({
          ...along,
          tests: upsert(along.tests, kept.data),
        }));
      return;
    }
    case 'void': {
      const kept = voided.safeParse(answer);
      if (kept.success)
        await changeLink(write, deed.linkId, (along) => ({
          ...along,
          readings: along.readings.filter(({ id }) => id !== kept.data.of),
          tests: along.tests.filter(({ id }) => id !== kept.data.of),
          voided: upsert(along.voided, kept.data),
        }));
      return;
    }
    case 'link-new':
    case 'link-change':
    case 'link-back': {
      const kept = linkSummary.safeParse(answer);
      if (kept.success) await putLink(write, kept.data);
      return;
    }
    case 'link-away': {
      const before = await write.objectStore('links').get(deed.linkId);
      if (before) await write.objectStore('links').put({ ...before, changed: true, gone: true });
      return;
    }
    case 'adapter-away':
      return changeList(write, '/api/adapters', 'adapters', (rows) =>
        rows.map((row) => {
          const known = adapter.safeParse(row);
          return known.success && known.data.id === deed.adapterId
            ? { ...known.data, away: true, version: known.data.version + 1 }
            : row;
        }),
      );
    case 'adapter-new':
    case 'adapter-change':
    case 'adapter-back':
      return addTo(write, '/api/adapters', 'adapters', answer);
    case 'adapter-fact':
      return addTo(write, `/api/adapters/${deed.adapterId}/facts`, 'facts', answer);
    case 'cord-batch':
      return addTo(write, `/api/sites/${deed.batch.siteId}/cords`, 'batches', {
        passed: 0,
        failed: 0,
        ...(answer as object),
      });
    case 'cord-fact':
      return addTo(write, `/api/cords/${deed.batchId}/facts`, 'facts', answer);
    case 'cable-fact':
      return addTo(write, `/api/sites/${deed.fact.siteId}/cable-facts`, 'facts', answer);
  }
}

const upsert = <T extends { readonly id: string }>(rows: readonly T[], row: T): T[] => [
  ...rows.filter(({ id }) => id !== row.id),
  row,
];

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
  const none: LinkAlong = { link, stamp: 0, ticks: [], readings: [], tests: [], voided: [] };
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
