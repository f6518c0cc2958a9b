import * as z from 'zod';
import { deviceDatabase } from '../device/device-db';
import type { Entry } from './deed';
import { asDeed } from './earlier-deeds';

const stored = z.object({
  id: z.uuid(),
  deed: z.looseObject({ kind: z.string() }).transform(asDeed),
  author: z.string().optional(),
  what: z.string(),
  holdUntil: z.number(),
  refused: z.looseObject({ title: z.string(), status: z.number() }).nullable(),
  failures: z.number().default(0),
});

const asEntry = (value: unknown): Entry | null => {
  const parsed = stored.safeParse(value);
  // What a deed holds was checked when it was done, and is again by the server.
  return parsed.success ? (parsed.data as unknown as Entry) : null;
};

/** What waits on this device, and under which keys there is something that can't be read. */
export interface Recalled {
  readonly entries: readonly Entry[];
  readonly unreadable: readonly { readonly key: string; readonly text: string }[];
}

/** @throws where this device takes no more */
export async function keepEntry(entry: Entry): Promise<void> {
  const db = await deviceDatabase();
  const write = db.transaction('unsent', 'readwrite', { durability: 'strict' });
  await write.store.put(entry, entry.id);
  await write.done;
}

/** The entry as it stands now, if it is to be sent: another page may have sent it or taken it back. */
export async function readEntry(id: string): Promise<Entry | null> {
  return asEntry(await (await deviceDatabase()).get('unsent', id));
}

/** Changes an entry that is still there; of one that is gone nothing is kept. */
export async function changeEntry(id: string, change: (entry: Entry) => Entry): Promise<void> {
  const write = (await deviceDatabase()).transaction('unsent', 'readwrite');
  const entry = asEntry(await write.store.get(id));
  if (entry) await write.store.put(change(entry), id);
  await write.done;
}

export async function dropEntry(id: string): Promise<void> {
  await (await deviceDatabase()).delete('unsent', id);
}

export async function recallEntries(): Promise<Recalled> {
  await moveEarlier();
  const db = await deviceDatabase();
  const [keys, values] = await Promise.all([db.getAllKeys('unsent'), db.getAll('unsent')]);
  const entries: Entry[] = [];
  const unreadable: { key: string; text: string }[] = [];
  values.forEach((value, index) => {
    const entry = asEntry(value);
    if (entry) entries.push(entry);
    else unreadable.push({ key: keys[index] ?? '', text: JSON.stringify(value) });
  });
  return { entries, unreadable };
}

const EARLIER = 'near-spoke.unsent.';

/** What an earlier program left waiting lies in the browser's other store; each stays there until it is here. */
async function moveEarlier(): Promise<void> {
  let keys: string[];
  try {
    keys = Object.keys(localStorage).filter((key) => key.startsWith(EARLIER));
  } catch {
    return;
  }
  const db = await deviceDatabase();
  for (const key of keys) {
    const text = localStorage.getItem(key) ?? '';
    let value: unknown = text;
    try {
      value = JSON.parse(text);
    } catch {
      // Kept as it is, and told as something that can't be read.
    }
    await db.put('unsent', value, key.slice(EARLIER.length));
    localStorage.removeItem(key);
  }
}
