import * as z from 'zod';
import type { Entry } from './deed';

const PREFIX = 'near-spoke.unsent.';

const stored = z.object({
  id: z.uuid(),
  deed: z.looseObject({ kind: z.string() }),
  what: z.string(),
  holdUntil: z.number(),
  refused: z.looseObject({ title: z.string() }).nullable(),
});

/** Each entry under a key of its own, so that two open pages never write over one another's. */
export function keepEntry(entry: Entry): void {
  try {
    localStorage.setItem(PREFIX + entry.id, JSON.stringify(entry));
  } catch {
    // A full or forbidden store: the entry still lives in this page.
  }
}

export function dropEntry(id: string): void {
  try {
    localStorage.removeItem(PREFIX + id);
  } catch {
    // Nothing was kept.
  }
}

export function recallEntries(): Entry[] {
  try {
    return Object.keys(localStorage)
      .filter((key) => key.startsWith(PREFIX))
      .flatMap((key) => {
        const parsed = stored.safeParse(JSON.parse(localStorage.getItem(key) ?? 'null'));
        return parsed.success ? [parsed.data as unknown as Entry] : [];
      });
  } catch {
    return [];
  }
}
