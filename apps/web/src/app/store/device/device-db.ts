import type { LinkAlong } from '@near-spoke/contract';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** An answer of the server as it was, and when it came. */
export interface KeptAnswer {
  /** The address that was asked. */
  readonly url: string;
  readonly at: number;
  readonly body: unknown;
}

/** A link that was taken along, with everything that was done on it. */
export interface KeptLink {
  readonly id: string;
  readonly siteId: string;
  readonly stamp: number;
  readonly at: number;
  readonly along: LinkAlong;
  /** Changed here since it was taken along; of the lists, which are older, it counts more. */
  readonly changed: boolean;
  /** Put away here since. */
  readonly gone: boolean;
}

/** What is kept on this device. */
export interface DeviceSchema extends DBSchema {
  /** What waits to be sent, and what was refused: see Entry. As it was written, whatever wrote it. */
  unsent: { key: string; value: unknown };
  answers: { key: string; value: KeptAnswer };
  links: { key: string; value: KeptLink; indexes: { site: string } };
}

export type DeviceDatabase = IDBPDatabase<DeviceSchema>;

const NAME = 'near-spoke';
/** From 2 on links have all their facts in one list, from 3 on each says on which device it was kept. */
const VERSION = 3;

let opened: Promise<DeviceDatabase> | null = null;

/**
 * This device's database, opened once. A browser that refuses it is asked again the next time: it may have
 * been short of room.
 */
export function deviceDatabase(): Promise<DeviceDatabase> {
  opened ??= openDevice(NAME, () => (opened = null)).catch((error: unknown) => {
    opened = null;
    throw error;
  });
  return opened;
}

/** Opens a database of this layout, and brings one of an earlier program to it. */
export const openDevice = (name: string, ended: () => void): Promise<DeviceDatabase> =>
  openDB<DeviceSchema>(name, VERSION, {
    upgrade(db, from) {
      if (from < 1) {
        db.createObjectStore('unsent');
        db.createObjectStore('answers', { keyPath: 'url' });
      } else db.deleteObjectStore('links');
      // What was taken along by an earlier program is taken along anew; what waits to be sent stays.
      db.createObjectStore('links', { keyPath: 'id' }).createIndex('site', 'siteId');
    },
    // A newer page wants to bring it to a new layout: let it.
    blocking: (_old, _new, event) => (event.target as IDBDatabase).close(),
    terminated: ended,
  });

/** Forgets all that is kept; for tests. */
export async function emptyDevice(): Promise<void> {
  const db = await deviceDatabase();
  await Promise.all((['unsent', 'answers', 'links'] as const).map((store) => db.clear(store)));
}
