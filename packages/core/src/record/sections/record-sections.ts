import { SEVERAL_FAULTS } from '../../verify';
import { ENTERED_TEXT, type Entered } from '../entered';
import { END_NAME } from '../link-facts';
import type { TakenReading, TakenTest } from '../tested';

interface Signed {
  readonly id: string;
  readonly author: string;
  readonly device: string;
}

interface Shown extends Signed {
  readonly entered: Entered;
  readonly note: string;
}

/** What a note or photo is about: an end, or the way between them. */
export type Where = 'near' | 'along' | 'far';

export const WHERE_NAME: Readonly<Record<Where, string>> = { ...END_NAME, along: 'Along the way' };

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
  readonly by: string;
  readonly text: string;
  /** Said in smaller voice after it. */
  readonly quiet?: string;
  /** What can be taken back here. */
  readonly kind?: BackHere;
  /** That what is said is not true: since when, who says so, and why. */
  readonly taken?: { readonly at: string; readonly by: string; readonly why: string };
}

export interface RecordSection {
  readonly title: string;
  /** The newest first. */
  readonly entries: readonly RecordEntry[];
}

/** "tech 1", or "tech 1 on van tablet". */
export const signature = ({ author, device }: Omit<Signed, 'id'>): string =>
  device === '' ? author : `${author} on ${device}`;

const signed = (fact: Signed) => ({ id: fact.id, by: signature(fact) });
const sentences = (...parts: readonly string[]) => parts.filter((part) => part !== '').join(' ');

type Section = readonly [title: string, entries: (known: Recorded) => readonly RecordEntry[]];

const SECTIONS: readonly Section[] = [
  [
    'Notes',
    ({ notes }) =>
      notes.map((note) => ({
        ...signed(note),
        at: note.at,
        kind: 'note',
        text: `${WHERE_NAME[note.where]}: ${note.text}`,
      })),
  ],
  [
    'Other tests',
    ({ tests }) =>
      tests.map((test) => ({
        ...signed(test),
        at: test.takenAt,
        kind: 'test',
        text: sentences(test.summary, ENTERED_TEXT[test.entered], test.note),
        ...(test.missed.length > 0
          ? {
              quiet: `Such a test can’t see, or not always: ${test.missed.map((kind) => SEVERAL_FAULTS[kind]).join(', ')}.`,
            }
          : {}),
      })),
  ],
  [
    'Places on the cable',
    ({ places }) =>
      places.map((place) => ({ ...signed(place), at: place.at, text: place.deed.sentence })),
  ],
  [
    // The first signs of a file's SHA-256 tell it from others: which traces there are to be asked for.
    'Traces kept',
    ({ traces }) =>
      traces.map((trace) => ({
        ...signed(trace),
        at: trace.at,
        text: `${trace.name} (SHA-256 ${trace.blob.slice(0, 12)}…)`,
      })),
  ],
  [
    'Earlier tests',
    ({ readings }) =>
      readings.slice(0, -1).map((reading) => ({
        ...signed(reading),
        at: reading.takenAt,
        kind: 'reading',
        text: sentences(reading.diagnosis.summary, ENTERED_TEXT[reading.entered], reading.note),
      })),
  ],
  [
    // What is not true after all stays to be read, with the reason.
    'Taken back',
    ({ voided }) =>
      voided.map((row) => ({
        id: row.id,
        at: row.takenAt,
        by: row.takenBy,
        text: row.summary,
        taken: { at: row.at, by: signature(row), why: row.reason },
      })),
  ],
];

/** What a record tells entry by entry, on screen and on paper alike; sections without entries are left out. */
export const recordSections = (known: Recorded): RecordSection[] =>
  SECTIONS.map(([title, entries]) => ({ title, entries: [...entries(known)].reverse() })).filter(
    ({ entries }) => entries.length > 0,
  );
