import type { ConductorId, Contact } from '../catalogue';
import type { End } from '../link';
import { message, type Message } from '../message';
import type { Arrangement } from './diagnose/arrangements';
import type { DoneAction } from './done';
import type { FaultKind, Place } from './fault';
import type { LampLight } from './circuit/lamp-step';

/** Where something is: at an end, between them, or nowhere in particular. */
export type Whereabouts = Place | 'either';
/** Near contacts, each with the far one that it reaches. */
export type Arrivals = readonly (readonly [near: Contact, far: Contact])[];
/** Some of five pairs: from one to another, of a colour where their tips share one. */
export interface PairGroup {
  readonly from: number;
  readonly to: number;
  readonly colour: ConductorId | null;
}
/** A contact of an end. */
interface Node {
  readonly end: End;
  readonly contact: Contact;
}
type NoMore = object;

/** What is said of conductors, whatever is wrong with them. */
interface Conductors {
  /** A core with its contact; the contact alone where no core is on it. */
  readonly contact: { readonly contact: Contact; readonly core: ConductorId | null };
  /** The same without its contact. */
  readonly core: { readonly contact: Contact; readonly core: ConductorId | null };
  readonly 'near-and-far': { readonly near: Contact; readonly far: Contact };
  /** Cores one after the other, and how many more there are. */
  readonly 'cores-and-more': { readonly cores: readonly Message[]; readonly more: number };
}

interface Faults {
  readonly 'fault-title': { readonly kind: FaultKind };
  /** A kind, when several of it are spoken of. */
  readonly 'fault-several': { readonly kind: FaultKind };
  /** A fault in a few words: its kind, a few contacts, and where. */
  readonly 'fault-shortly': {
    readonly kind: FaultKind;
    readonly contacts: readonly Contact[];
    readonly end: Whereabouts;
  };
  readonly 'fault-open': {
    readonly which: Message;
    readonly pair: number | null;
    readonly near: Contact;
    readonly far: Contact;
  };
  readonly 'fault-open-all': NoMore;
  readonly 'fault-open-pairs': {
    readonly pairs: readonly number[];
    readonly near: readonly Contact[];
  };
  readonly 'fault-short': {
    readonly contacts: readonly Message[] | Readonly<Record<End, readonly Contact[]>>;
    /** The pair that both belong to, if they do. */
    readonly pair: number | null;
    readonly end: Whereabouts;
  };
  readonly 'fault-reversed-pair': {
    readonly pairs: readonly number[];
    readonly names: Message;
    readonly arrivals: Arrivals;
  };
  readonly 'fault-miswire': {
    readonly count: number;
    readonly names: Message;
    readonly arrivals: Arrivals;
  };
  /** What is read of conductors of which others are open, so that their order can't be seen. */
  readonly 'fault-in-part': { readonly arrivals: Arrivals; readonly open: readonly Message[] };
  readonly 'fault-crossed-pairs': {
    readonly pairs: readonly number[];
    readonly arrivals: Arrivals;
    /** Whether it is as between an end of T568A and one of T568B. */
    readonly mixedSchemes: boolean;
    readonly reversed: readonly number[];
  };
  readonly 'fault-rollover': {
    /** Whether an end can be on the wrong way round. */
    readonly turns: boolean;
    readonly end: Whereabouts;
    readonly arrivals: Arrivals;
  };
  readonly 'fault-seen-upside-down': { readonly fault: Message };
  readonly 'fault-shifted': {
    readonly by: number;
    readonly of: 'pairs' | 'contacts';
    readonly late: End;
    readonly arrivals: Arrivals;
    /** Null where what was left over at its end is on its first contacts. */
    readonly left: {
      readonly empty: readonly Contact[];
      readonly over: readonly Contact[];
      readonly overAt: End;
    } | null;
  };
  readonly 'fault-crossed-groups': {
    readonly groups: readonly PairGroup[];
    readonly arrivals: Arrivals;
  };
  readonly 'fault-turned-group': {
    readonly groups: readonly PairGroup[];
    readonly arrivals: Arrivals;
  };
  readonly 'fault-split-pair': {
    readonly pairs: readonly number[];
    readonly near: readonly Contact[];
    readonly inPairs: readonly string[];
  };
  readonly 'fault-high-resistance': { readonly which: Message; readonly end: Whereabouts };
  readonly 'fault-intermittent': { readonly which: Message; readonly end: Whereabouts };
  readonly 'fault-moisture': {
    readonly between: 'centre-and-shield' | 'all' | readonly Message[];
    readonly end: Whereabouts;
  };
  readonly 'fault-other-metal': NoMore;
  readonly 'fault-shield-open': NoMore;
  readonly 'fault-shield-short': {
    /** Empty where it is the shell of the other end. */
    readonly to: readonly Message[];
    readonly end: Whereabouts;
  };
  readonly 'fault-shield-unexpected': NoMore;
}

interface Actions {
  readonly 'do-count-pairs': NoMore;
  readonly 'do-check-remote': NoMore;
  readonly 'do-seat': { readonly which: Message };
  /** At both ends where it is at none in particular. */
  readonly 'do-look-for-strand': { readonly end: End | null };
  readonly 'do-remake-swapped': {
    readonly names: Message;
    readonly rows: readonly { readonly core: Message; readonly far: Contact }[];
  };
  readonly 'do-remake-other': {
    readonly near: string;
    readonly far: string;
    readonly names: Message;
  };
  readonly 'do-remake-to-scheme': { readonly rule: string };
  readonly 'do-turn': { readonly turns: boolean; readonly end: Whereabouts };
  readonly 'do-punch-row': {
    readonly end: End;
    readonly other: End;
    readonly first: { readonly core: ConductorId; readonly contact: Contact } | null;
  };
  readonly 'do-punch-groups': {
    readonly groups: readonly PairGroup[];
    readonly why: 'exchanged' | 'backwards';
  };
  readonly 'do-remake-both': { readonly near: string; readonly far: string };
  readonly 'do-remake-joint': { readonly which: Message; readonly end: Whereabouts };
  readonly 'do-replace-core': NoMore;
  readonly 'do-seat-moving': { readonly which: Message; readonly end: Whereabouts };
  readonly 'do-dry': { readonly end: End | null };
  readonly 'do-scrape': NoMore;
  readonly 'do-look-at-shield': { readonly coaxial: boolean };
  readonly 'do-free-shield': { readonly coaxial: boolean; readonly end: End | null };
  readonly 'do-check-cable': NoMore;
  readonly 'do-verify-pairing': NoMore;
}

interface Diagnoses {
  readonly 'found-good': { readonly arrangement: Arrangement };
  readonly 'found-order-only': { readonly arrangement: Arrangement };
  readonly 'found-faults': { readonly count: number };
  readonly 'unseen-by-tester': { readonly kind: string };
  readonly 'unseen-fewer-faults': NoMore;
  readonly 'unseen-order': {
    readonly contacts: readonly Contact[];
    readonly why: 'short' | 'open';
  };
}

interface Tests {
  /** What a class of testers is called inside a sentence; its few words beside a choice. */
  readonly 'tester-name': { readonly tester: string };
  readonly 'tester-short': { readonly tester: string };
  readonly 'order-beep': { readonly from: Node; readonly to: Node };
  readonly 'order-ohms': { readonly from: Node; readonly to: Node };
  readonly 'order-insulation': { readonly from: Node; readonly to: Node };
  readonly 'order-capacitance': NoMore;
  readonly 'order-reflectometry': NoMore;
  readonly 'order-look': { readonly end: End };
  readonly 'order-tone': { readonly from: Contact };
  /** Null of a tester of one's own. */
  readonly 'order-test': { readonly tester: string | null };
  readonly 'order-moved': { readonly order: Message; readonly moved: Place };

  readonly 'shows-as-good': NoMore;
  readonly 'shows-beep': { readonly beeps: boolean };
  /** What differs, the first of it. */
  readonly 'shows-few': { readonly rows: readonly Message[] };
  readonly 'shows-core': { readonly core: ConductorId; readonly contact: Contact };
  readonly 'shows-flaws': { readonly contacts: readonly Contact[] };
  readonly 'shows-lamp': { readonly lamp: string; readonly light: LampLight };
  readonly 'shows-step': {
    readonly step: string;
    readonly lit: readonly string[];
    readonly dim: readonly string[];
  };
  readonly 'shows-length': {
    readonly pair: number;
    readonly place: Place | null;
    readonly shows: 'open' | 'short';
  };
  readonly 'shows-net': {
    readonly near: Contact;
    readonly reached: readonly Contact[];
    readonly shortedTo: readonly Contact[];
  };
  readonly 'shows-split': { readonly pair: readonly Contact[] };
  readonly 'shows-ohms': { readonly ohms: readonly (number | null)[] };
  readonly 'shows-tone': { readonly heard: readonly Contact[] };
  /** What a tester showed, in one line. */
  readonly 'test-showed': {
    /** Null of a tester of one's own. */
    readonly tester: string | null;
    readonly moved: Place | null;
    readonly shown: Message;
  };
  readonly 'was-done': {
    readonly action: DoneAction;
    readonly end: Place;
    readonly contacts: readonly Contact[];
  };
}

/** Faults that together are one account of what was seen; none where nothing is wrong. */
type Account = readonly Message[];

interface Advices {
  readonly 'advise-test-first': {
    readonly order: Message;
    readonly unseen: readonly FaultKind[];
    readonly minutes: number;
  };
  readonly 'advise-test': {
    readonly order: Message;
    /** The likeliest accounts that it tells apart, two at most. */
    readonly tells: readonly Account[];
    readonly minutes: number;
    readonly blindTo: readonly { readonly kind: FaultKind; readonly share: number }[];
  };
  readonly 'advise-nothing': NoMore;
  readonly 'advise-doubt': NoMore;
  readonly 'advise-anew': { readonly unexplained: boolean; readonly minutes: number };
  readonly 'advise-repair': {
    readonly places: readonly Place[];
    readonly why: 'unexplained' | 'something-new' | 'plain';
    readonly minutes: number;
    /** Why this one, where there are several. */
    readonly first: {
      /** Each with its places, none where nothing is wrong. */
      readonly shares: readonly { readonly places: readonly Place[]; readonly share: number }[];
      /** Null where it is the likeliest. */
      readonly because: 'rest-failed' | 'stands-there' | 'less-time' | null;
    } | null;
  };
  readonly 'not-proven': { readonly kinds: readonly FaultKind[] };

  readonly 'explained-not-cut-short': { readonly upTo: number };
  readonly 'explained-not': { readonly upTo: number };
  readonly 'explained-good': NoMore;
  readonly 'explained-by': { readonly account: Account };
  readonly 'explained-by-several': {
    readonly count: number;
    readonly first: Account;
    /** Null where the second is that nothing is wrong. */
    readonly second: Account | null;
  };
  readonly 'no-time-for-more': NoMore;
}

/** What testing a link tells. */
export type VerifyMessages = Conductors & Faults & Actions & Diagnoses & Tests & Advices;

export const tell = message<VerifyMessages>();
