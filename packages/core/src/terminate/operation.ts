import type { CablePart } from '../catalogue';
import type { MeasureKind } from './measure';

/** What has become true of an end, by the operations done on it. */
export type Fact = string;

export type OperationKind =
  | 'thread-on'
  | 'strip'
  | 'fold'
  | 'cut'
  | 'untwist'
  | 'order'
  | 'trim'
  | 'insert'
  | 'check'
  | 'crimp'
  | 'press'
  | 'close'
  | 'label'
  | 'clean'
  | 'shape'
  | 'tie';

export type PartId = 'boot' | 'plug' | 'jack' | 'lid' | 'cap' | 'hood' | 'tie' | 'label';

/** What decides which operations an end takes. */
export type Condition =
  | 'boot'
  /** The connector has a shell that the cable's shield joins. */
  | 'shell'
  | 'shield-unused'
  | 'thick-jacket'
  | CablePart;

export interface Check {
  readonly id: string;
  readonly text: string;
}

/**
 * One thing done at a bench. Which operations make up an end is decided by `only`; in what order, by
 * the facts that they need, make and are blocked by.
 */
export interface Operation {
  readonly id: string;
  readonly kind: OperationKind;
  readonly part?: PartId;
  readonly layer?: 'jacket' | 'foil' | 'pairs' | 'conductors';
  /** Only for ends where all of these hold; always, if empty. */
  readonly only: readonly Condition[];
  /** A fact that no operation of this end makes is taken as given: no foil, nothing to fold. */
  readonly needs: readonly Fact[];
  readonly makes: readonly Fact[];
  /** Facts after which it can't be done any more. */
  readonly blockedBy: readonly Fact[];
  readonly irreversible: boolean;
  /** What to do, in one or two short sentences; {scheme}, {strip} and {exposed} are filled in. */
  readonly instruction: string;
  readonly why: string;
  readonly checks: readonly Check[];
  readonly tools: readonly string[];
  readonly seconds: number;
  /** A length that can be measured when it is done. */
  readonly measures?: MeasureKind;
  /** 0 is the outermost layer: the preference is to work from the outside in. */
  readonly depth: number;
  /** How to go on if it was left out until it was too late. */
  readonly wayBack?: string;
}
