import type { Message } from '../../message';
import type { Contact } from '../../catalogue';
import type { End, Wiring } from '../../link';
import type { UnitSystem } from '../../units';
import type { CircuitStep } from '../circuit/lamp-circuit';
import type { LinkUnderTest } from '../circuit/link-under-test';
import type { FaultKind, Place } from '../fault';
import type { Fields, ValuesOf } from '../fields';
import type { Method, ShownBy } from '../shown';

/** What no continuity test tells, whatever its class. */
export type Blindness = FaultKind | 'performance';

/** What a tester can be used on. */
export const SUBJECTS = ['pairs', 'coax', 'telephone', 'any'] as const;
export type Subject = (typeof SUBJECTS)[number];

/** What has to be put on at the far end. */
export const FAR_ENDS = ['nothing', 'remote', 'jack', 'someone'] as const;

/**
 * Whether a class shows what is there at every moment, goes from contact to contact, or is read once. What
 * opens only now and then is for the first: the second shows it by chance.
 */
export const SHOWS = ['all-the-time', 'by-scan', 'once'] as const;

/** A class of testers as people choose it: what it is, what it sees, and what it costs to use. */
export interface TesterRow<Id extends string, M extends string> {
  readonly id: Id;
  readonly name: string;
  /** In a few words, for a choice among several. */
  readonly short: string;
  /** The form in which it shows what it finds. */
  readonly method: M;
  readonly subject: Subject;
  /** How it works, in one sentence. */
  readonly how: string;
  readonly far: (typeof FAR_ENDS)[number];
  /** For one use with both ends open and in reach, minutes. Generic. */
  readonly minutes: number;
  /** Of a reading of a whole wire map; what a class misses on one link is computed (blindSpots). */
  readonly blindTo: readonly Blindness[];
  readonly shows: (typeof SHOWS)[number];
  /** Whether what feeds the link stays on: any other tester is for a dead one. */
  readonly isOnLive: boolean;
  /** What can harm someone or something when it is put on; empty where nothing can. */
  readonly caution: string;
}

/** A tester put to a link in one way; null where it can't be used while the cable is moved. */
export type TrialOf<Id extends string, Put extends Fields> = {
  readonly tester: Id;
  readonly moved: Place | null;
} & ValuesOf<Put>;

/** What a next test is wanted for: the contacts of an end that the accounts name, the likeliest first. */
export interface Question {
  readonly wiring: Wiring;
  readonly contacts: (end: End) => readonly Contact[];
  /** Whether both ends lie in reach of one pair of leads. */
  readonly bothInReach: boolean;
}

/**
 * What is shown, item by item. Of each item it is known which contacts and pairs can change it: `tags` as
 * "n:4", "f:4", "p:1"; "*" is changed by anything.
 */
export interface Item {
  readonly tags: readonly string[];
  readonly value: string;
  /** Of one contact's joints, which only what touches that contact can change back. */
  readonly ofContact?: boolean;
}

/** What an entry needs to know of a link. */
export interface EntryContext {
  readonly wiring: Wiring;
  readonly lengthM: number | null;
  readonly units: UnitSystem;
}

/** One line to fill in from a tester's display. */
export interface EntryRow {
  readonly label: string;
  /** What a good link shows, as it would be typed. */
  readonly good: string;
  /** Where there are only these answers. */
  readonly choices: readonly string[] | null;
}

export type Parsed<Value> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly reason: string };

/** One line, and how what is typed there is read. */
export interface EntryLine<Value> extends EntryRow {
  parse(text: string): Parsed<Value>;
}

/** How what lamps show is typed: the lamps that light, or the far lamp of each step in turn. */
export interface TypedLamps {
  readonly by: 'lamp' | 'step';
  readonly label: string;
  readonly hint: string;
  /** Of a cord, in one line. */
  readonly ofCord: string;
}

/**
 * How a display is put down: as a wire map or as lamps, which have pictures of their own; a line a trial; or
 * several lines that are one trial, of which each is a part of what was shown.
 */
export type Entry<Trial, Shown> =
  | { readonly kind: 'map' }
  | { readonly kind: 'lamps'; readonly typed: TypedLamps | null }
  | {
      readonly kind: 'line-a-trial';
      line(trial: Trial, good: Shown, context: EntryContext): EntryLine<Shown>;
    }
  | {
      readonly kind: 'one-trial';
      lines(good: Shown, context: EntryContext): readonly EntryLine<Shown>[];
      /** The whole of its parts, or why they are not enough. */
      join(parts: readonly Shown[], of: number): Shown | string;
    };

/** A class of testers: all that the program knows of it. */
export interface TesterClass<
  Id extends string,
  Put extends Fields,
  M extends Method,
> extends TesterRow<Id, M> {
  /** What it is put to, field by field; whether the cable can be moved meanwhile is one of them. */
  readonly put: Put;
  /** Whether an advice has the cable moved with it. */
  readonly isWatched: boolean;
  /** Whether links with the same contacts joined look the same to it. */
  readonly seesJoints: boolean;
  /** Whether it shows, of single faults, also where they are. */
  readonly tellsPlaces: boolean;
  /** Whether one use of it tells all that it can tell of a link. */
  readonly isWhole: boolean;
  /** Whether what covers an end has to be opened for it. */
  readonly opensEnd: boolean;
  /** Whether it is one that nobody chooses by name. */
  readonly isOwn?: boolean;
  /** How an instrument on the network is told to read as this class (docs/instruments.md). */
  readonly command?: string;
  readonly entry: Entry<TrialOf<Id, Put>, ShownBy<M>>;
  /** Whether it can be put to a link that is wired like this, beyond what it is for. */
  fits?(wiring: Wiring): boolean;
  /** What it shows of a link. */
  observe(trial: TrialOf<Id, Put>, link: LinkUnderTest): ShownBy<M>;
  /** Every reading that it takes of a whole link. */
  procedure(wiring: Wiring): readonly TrialOf<Id, Put>[];
  /** What could be tried next with it, the cable not moved. */
  candidates(question: Question): readonly TrialOf<Id, Put>[];
  /** The end at which it is used; null where neither has to be gone to. */
  endOf?(trial: TrialOf<Id, Put>): End | null;
  /** What to do, as an order. */
  order?(trial: TrialOf<Id, Put>): Message;
  /** Lamps: what it connects, step by step. */
  circuit?(
    trial: TrialOf<Id, Put>,
    link: Pick<LinkUnderTest, 'wiring' | 'lamps'>,
  ): readonly CircuitStep[];
  /** Whether it goes from contact to contact, so that what is loose is seen by chance. */
  scans?(trial: TrialOf<Id, Put>): boolean;
  /** What it shows item by item; without, all of it is compared at once. */
  items?(trial: TrialOf<Id, Put>, shown: ShownBy<M>, wiring: Wiring): readonly Item[];
  /** What it shows, as it is kept: a field that says nothing of this class is left out. */
  kept?(shown: ShownBy<M>): ShownBy<M>;
}

export const testerClass = <
  const Id extends string,
  const Put extends Fields,
  const M extends Method,
>(
  row: TesterClass<Id, Put, M>,
): TesterClass<Id, Put, M> => row;

export const NOT_LIVE =
  'Unplug both ends from every device first: a live port and a tester harm each other.';

export const NEVER_SEEN = ['high-resistance', 'intermittent', 'moisture', 'performance'] as const;

export const nodeName = ({ end, contact }: { readonly end: End; readonly contact: Contact }) =>
  `${end} ${contact}`;
export const nodeTag = ({ end, contact }: { readonly end: End; readonly contact: Contact }) =>
  `${end[0] ?? ''}:${contact}`;
