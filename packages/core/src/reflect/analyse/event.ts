import type { Message } from '../../message';
import type { Uncertain } from '../../units';

/** A place on the line where something changes, as told to people. */
export interface TraceEvent {
  /** There and back, from the tee or port. */
  readonly delayS: Uncertain;
  readonly distanceM: Uncertain;
  /**
   * `rise`, `drop`: of impedance. `series`: a resistance in the way. `tap`: something across: a branch or
   * a leak. `matched`: an end that gives nothing back. `ghost`: an echo that went to and fro, no place.
   */
  readonly kind: 'open' | 'short' | 'rise' | 'drop' | 'series' | 'tap' | 'matched' | 'ghost';
  /** What the place itself throws back of a wave that reaches it, with the loss on the way undone. */
  readonly reflection: Uncertain;
  /** Nothing lies behind it. */
  readonly end: boolean;
  /** How sure the kind is, 0 to 1. */
  readonly confidence: number;
  /** Impedance behind it, or of the end, or of what is in the way or across; of an open or a short, null. */
  readonly ohm: number | null;
  /** Of a branch whose open end was seen too: there and back along it. */
  readonly branchS: Uncertain | null;
}

export type ProblemKind =
  | 'velocity-assumed'
  | 'impedance-assumed'
  | 'pulse-or-step'
  | 'clipped'
  | 'truncated'
  | 'channels'
  | 'unit'
  | 'nothing-comes-back'
  | 'unexplained'
  | 'close-faults'
  | 'branch-or-end'
  | 'folds-back'
  | 'beyond-steps'
  | 'units-doubted';

/** What a person must know before they trust the events. */
export interface Problem {
  readonly kind: ProblemKind;
  readonly sentence: Message;
}
