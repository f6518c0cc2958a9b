import { mapContacts, parseWireMap, tester, type TesterId } from '@near-spoke/core/verify';
import type { Bench, Seen } from '@near-spoke/core/verify/explain';
import { lampFace, parseLamps, type LampTesterId } from '@near-spoke/core/verify/entry';

export type ReadCord =
  /** Null where nothing was described. */
  | { readonly ok: true; readonly seen: Seen | null }
  | { readonly ok: false; readonly reason: string };

/** How what a class of testers showed of a cord is typed; null for those that are only good or not. */
export function hintFor(id: TesterId): string | null {
  if (tester(id).method === 'nets') return 'The far contacts in order, - for open: 123-5678';
  if (id === 'pair-lamps') return 'The pairs that light: 1 3 4';
  if (id === 'sequential-lamps') return 'The far lamps in order, - for dark: 123-5678';
  return null;
}

/** Reads what was typed of a faulty cord. */
export function readCord(text: string, id: TesterId, bench: Bench): ReadCord {
  if (text.trim() === '' || hintFor(id) === null) return { ok: true, seen: null };
  if (id === 'identifying-remote' || id === 'pairing') {
    const parsed = parseWireMap(text, mapContacts(bench.wiring));
    if (!parsed.ok) return parsed;
    const splitPairs = id === 'pairing' ? [] : null;
    return {
      ok: true,
      seen: {
        trial: { tester: id, moved: null },
        shown: { method: 'nets', nets: parsed.nets, splitPairs },
      },
    };
  }
  const face = lampFace(id as LampTesterId, bench);
  const parsed = parseLamps(text, face, bench);
  return parsed.ok
    ? { ok: true, seen: { trial: face.trial, shown: { method: 'lamps', steps: parsed.steps } } }
    : parsed;
}
