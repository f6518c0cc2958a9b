import { madeWith } from '../circuit/made';
import type { Bench } from '../circuit/bench';
import type { Seen } from '../explain/agree';
import { observe } from '../observe';
import { ohmsOf, type Shown } from '../shown';
import {
  procedureOf,
  classOf,
  type EntryContext,
  type EntryLine,
  type EntryRow,
  type TesterId,
  type Trial,
} from '../testers';

export type Entered =
  | { readonly ok: true; readonly seen: readonly Seen[] }
  | { readonly ok: false; readonly row: number; readonly reason: string };

/** How a class of testers is put down line by line, and read back. */
export interface EntryForm {
  readonly rows: readonly EntryRow[];
  /** Whether all of them filled in as on a good link is an honest reading: measured values never are. */
  readonly goodByOneKey: boolean;
  /** Lines that are empty were not tried. */
  read(texts: readonly string[]): Entered;
}

/**
 * The lines of a tester on a link; null for a class that is not put down line by line: lamps and wire maps
 * have pictures of their own, and some have pages.
 */
export function entryForm(
  id: TesterId,
  { bench, ...of }: Omit<EntryContext, 'wiring'> & { readonly bench: Bench },
): EntryForm | null {
  const trials = procedureOf({ id }, bench.wiring);
  const [first] = trials;
  if (!first) return null;
  const { entry } = classOf(first);
  if (entry.kind === 'map' || entry.kind === 'lamps') return null;
  const context: EntryContext = { ...of, wiring: bench.wiring };
  const made = madeWith(bench.wiring, []);
  const good = (trial: Trial) => observe(trial, made, bench);
  if (entry.kind === 'line-a-trial') {
    const lines = trials.map((trial) => entry.line(trial, good(trial), context));
    return {
      rows: lines,
      goodByOneKey: ohmsOf(good(first)) === null,
      read(texts) {
        const read = readLines(lines, texts);
        return read.ok
          ? {
              ok: true,
              seen: read.parts.map(({ row, shown }) => ({ trial: trials[row] ?? first, shown })),
            }
          : read;
      },
    };
  }
  const lines = entry.lines(good(first), context);
  return {
    rows: lines,
    goodByOneKey: false,
    read(texts) {
      const read = readLines(lines, texts);
      if (!read.ok || read.parts.length === 0) return read.ok ? { ok: true, seen: [] } : read;
      const shown = entry.join(
        read.parts.map((part) => part.shown),
        lines.length,
      );
      return typeof shown === 'string'
        ? { ok: false, row: read.parts.length, reason: shown }
        : { ok: true, seen: [{ trial: first, shown }] };
    },
  };
}

type Read =
  | {
      readonly ok: true;
      readonly parts: readonly { readonly row: number; readonly shown: Shown }[];
    }
  | Extract<Entered, { readonly ok: false }>;

/** The lines that were filled in, up to the first that can't be read. */
function readLines(lines: readonly EntryLine<Shown>[], texts: readonly string[]): Read {
  const parts: { readonly row: number; readonly shown: Shown }[] = [];
  for (const [row, line] of lines.entries()) {
    const text = texts[row]?.trim() ?? '';
    if (text === '') continue;
    const parsed = line.parse(text);
    if (!parsed.ok) return { ok: false, row, reason: parsed.reason };
    parts.push({ row, shown: parsed.value });
  }
  return { ok: true, parts };
}
