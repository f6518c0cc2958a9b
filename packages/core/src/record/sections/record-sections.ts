import { common, sentences, type Message } from '../../message';
import type { Entered } from '../entered';
import { tell, type SectionName, type Where } from '../messages';
import { diagnosisOf, type TakenReading, type TakenTest } from '../tested';

interface Signed {
  readonly id: string;
  readonly author: string;
  readonly device: string;
}

interface Shown extends Signed {
  readonly entered: Entered;
  readonly note: string;
}

/** What was done and seen on a link, as far as a record tells it entry by entry; each list oldest first. */
export interface Recorded {
  readonly notes: readonly (Signed & {
    readonly at: string;
    readonly where: Where;
    readonly text: string;
  })[];
  readonly readings: readonly (Shown & TakenReading)[];
  readonly tests: readonly (Shown & TakenTest)[];
  readonly traces: readonly (Signed & {
    readonly at: string;
    readonly name: string;
    readonly blob: string;
  })[];
  readonly places: readonly (Signed & {
    readonly at: string;
    readonly deed: { readonly kind: 'place'; readonly sentence: string };
  })[];
  readonly voided: readonly (Signed & {
    readonly at: string;
    readonly reason: string;
    readonly takenAt: string;
    readonly takenBy: string;
    readonly summary: string;
  })[];
}

/** Kinds of facts that are taken back in the record itself. */
export type BackHere = 'note' | 'reading' | 'test';

/** One line of a record. */
export interface RecordEntry {
  readonly id: string;
  /** When it was done or seen, ISO 8601. */
  readonly at: string;
  /** Who did it, and on which device where that was told. */
  readonly by: Message;
  readonly text: Message;
  /** Said in smaller voice after it. */
  readonly quiet?: Message;
  /** What can be taken back here. */
  readonly kind?: BackHere;
  /** That what is said is not true: since when, who says so, and why. */
  readonly taken?: { readonly at: string; readonly by: Message; readonly why: string };
}

export interface RecordSection {
  readonly title: Message;
  /** The newest first. */
  readonly entries: readonly RecordEntry[];
}

/** "tech 1", or "tech 1 on van tablet". */
export const signature = ({ author, device }: Omit<Signed, 'id'>): Message =>
  tell('signed', { author, device });

const signed = (fact: Signed) => ({ id: fact.id, by: signature(fact) });
/** What people wrote, or what was said at the time. */
const own = (name: string): Message => common('name', { name });

type Section = readonly [name: SectionName, entries: (known: Recorded) => readonly RecordEntry[]];

const SECTIONS: readonly Section[] = [
  [
    'notes',
    ({ notes }) =>
      notes.map((note) => ({
        ...signed(note),
        at: note.at,
        kind: 'note',
        text: tell('note-about', { where: note.where, text: note.text }),
      })),
  ],
  [
    'tests',
    ({ tests }) =>
      tests.map((test) => ({
        ...signed(test),
        at: test.takenAt,
        kind: 'test',
        text: sentences([
          own(test.summary),
          tell('entered', { entered: test.entered }),
          own(test.note),
        ]),
        ...(test.missed.length > 0
          ? {
              quiet: tell('cannot-see', { kinds: test.missed }),
            }
          : {}),
      })),
  ],
  [
    'places',
    ({ places }) =>
      places.map((place) => ({ ...signed(place), at: place.at, text: own(place.deed.sentence) })),
  ],
  [
    // The first signs of a file's SHA-256 tell it from others: which traces there are to be asked for.
    'traces',
    ({ traces }) =>
      traces.map((trace) => ({
        ...signed(trace),
        at: trace.at,
        text: tell('trace-kept', { name: trace.name, blob: trace.blob }),
      })),
  ],
  [
    'earlier',
    ({ readings }) =>
      readings.slice(0, -1).map((reading) => ({
        ...signed(reading),
        at: reading.takenAt,
        kind: 'reading',
        text: sentences([
          diagnosisOf(reading).summary,
          tell('entered', { entered: reading.entered }),
          own(reading.note),
        ]),
      })),
  ],
  [
    // What is not true after all stays to be read, with the reason.
    'taken-back',
    ({ voided }) =>
      voided.map((row) => ({
        id: row.id,
        at: row.takenAt,
        by: own(row.takenBy),
        text: own(row.summary),
        taken: { at: row.at, by: signature(row), why: row.reason },
      })),
  ],
];

/** What a record tells entry by entry, on screen and on paper alike; sections without entries are left out. */
export const recordSections = (known: Recorded): RecordSection[] =>
  SECTIONS.map(([section, entries]) => ({
    title: tell('section', { section }),
    entries: [...entries(known)].reverse(),
  })).filter(({ entries }) => entries.length > 0);
