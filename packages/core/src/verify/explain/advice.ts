import type { End } from '../../link';
import type { Trial } from '../testers';
import type { FaultKind } from '../fault';
import type { Candidate } from './explain';
import type { RepairKey } from './repair';

export interface TestAdvice {
  readonly kind: 'test';
  readonly trial: Trial;
  readonly minutes: number;
  /** What it is expected to tell about where to mend. */
  readonly gainBits: number;
  /** Likeliest account behind each outcome that it tells apart, the likelier outcomes first. */
  readonly tells: readonly Candidate[];
  /** Kinds of faults that may be there and pass such a test, with how likely they are, the likeliest first. */
  readonly blindTo: readonly { readonly kind: FaultKind; readonly share: number }[];
  /** Where all that was seen is good: what that can't see and this test does. */
  readonly before?: readonly FaultKind[];
}

export interface RepairAdvice {
  readonly kind: 'repair';
  /** Empty where nothing is to be mended. */
  readonly key: RepairKey;
  readonly probability: number;
  readonly minutes: number;
  /** All repairs that are likely, the likeliest first. */
  readonly shares: readonly { readonly key: RepairKey; readonly share: number }[];
  /** Where the person stands. */
  readonly at: End;
  /** Why this one, where it is not simply the one that is called for. */
  readonly because:
    'called-for' | 'rest-failed' | 'something-new' | 'nothing-else-helped' | 'nothing-explains';
}

/** There is nothing left to advise: everything was made anew, and it still differs. */
export interface DoubtAdvice {
  readonly kind: 'doubt';
}

export type Advice = TestAdvice | RepairAdvice | DoubtAdvice;

/** What is left to tell apart, for someone who stands at an end. */
export interface State {
  readonly candidates: readonly Candidate[];
  readonly at: End;
}
