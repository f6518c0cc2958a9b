import type { LinkAlong } from '@near-spoke/contract';
import { deviceDatabase, type KeptLink } from './device-db';

/** Links that were taken along, as they are on this device; those that are not are left out. */
export async function readLinks(ids: readonly string[]): Promise<KeptLink[]> {
  const db = await deviceDatabase();
  const kept = await Promise.all(ids.map((id) => db.get('links', id)));
  return kept.flatMap((row) => (row && !row.gone ? [row] : []));
}

/** Keeps links as the server has them now. */
export async function keepLinks(siteId: string, links: readonly LinkAlong[]): Promise<void> {
  const write = (await deviceDatabase()).transaction('links', 'readwrite');
  const at = Date.now();
  await Promise.all([
    ...links.map((along) =>
      write.store.put({
        id: along.link.id,
        siteId,
        stamp: along.stamp,
        at,
        along,
        changed: false,
        gone: false,
      }),
    ),
    write.done,
  ]);
}

const ofSite = async (siteId: string): Promise<KeptLink[]> =>
  (await deviceDatabase()).getAllFromIndex('links', 'site', siteId);

/** Links that were changed here since they were taken along. */
export async function changedLinks(siteId: string): Promise<KeptLink[]> {
  try {
    return (await ofSite(siteId)).filter(({ changed }) => changed);
  } catch {
    return [];
  }
}

/** The stamp of each link of a site that is on this device. */
export async function keptStamps(siteId: string): Promise<Map<string, number>> {
  return new Map((await ofSite(siteId)).map(({ id, stamp }) => [id, stamp]));
}

/** Lets go of links of a site that are there no more. */
export async function dropLinks(ids: readonly string[]): Promise<void> {
  const write = (await deviceDatabase()).transaction('links', 'readwrite');
  await Promise.all([...ids.map((id) => write.store.delete(id)), write.done]);
}
