import { mapContacts, parseWireMap, tester, type TesterId } from '@near-spoke/core/verify';
import { procedureOf, type Bench, type Seen } from '@near-spoke/core/verify/explain';
import { entryOf, lampFace, parseLamps } from '@near-spoke/core/verify/entry';

export type ReadCord =
  /** Null where nothing was described. */
  | { readonly ok: true; readonly seen: Seen | null }
  | { readonly ok: false; readonly reason: string };

/** How what a class of testers showed of a cord is typed; null for those that are only good or not. */
export function hintFor(id: TesterId): string | null {
  const entry = entryOf(id);
  if (entry?.kind === 'map') return 'The far contacts in order, - for open: 123-5678';
  return entry?.kind === 'lamps' ? (entry.typed?.ofCord ?? null) : null;
}

/** Reads what was typed of a faulty cord. */
export function readCord(text: string, id: TesterId, bench: Bench): ReadCord {
  if (text.trim() === '' || hintFor(id) === null) return { ok: true, seen: null };
  const face = lampFace(id, bench);
  if (!face) {
    const [trial] = procedureOf({ id }, bench.wiring);
    const parsed = parseWireMap(text, mapContacts(bench.wiring));
    if (!parsed.ok || !trial) return parsed.ok ? { ok: true, seen: null } : parsed;
    const splitPairs = tester(id).blindTo.includes('split-pair') ? null : [];
    return {
      ok: true,
      seen: { trial, shown: { method: 'nets', nets: parsed.nets, splitPairs } },
    };
  }
  const parsed = parseLamps(text, face, bench);
  return parsed.ok
    ? { ok: true, seen: { trial: face.trial, shown: { method: 'lamps', steps: parsed.steps } } }
    : parsed;
}
