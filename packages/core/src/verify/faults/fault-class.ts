import type { Wiring } from '../../link';
import type { Message } from '../../message';
import type { Fault, FaultKind, Place } from '../fault';
import type { FaultyLink } from './faulty-link';
import type { Instance } from './instance';

/** What a kind of fault does to a good link. */
export type Change =
  | 'arrives-elsewhere'
  | 'is-broken'
  | 'is-joined'
  | 'is-exchanged'
  | 'conducts-poorly'
  | 'opens-when-moved'
  | 'is-another-metal'
  | 'leaks';

export interface Action {
  readonly end: Place | 'either';
  readonly sentence: Message;
}

/** A kind of fault: all that the program knows of it; its words lie in packages/words. */
export interface FaultClass {
  readonly kind: FaultKind;
  /** How many of a hundred freshly made links have one. Generic. */
  readonly perHundred: number;
  readonly change: Change;
  /** Where it can be; 'either' where it is at both ends at once or nowhere in particular. */
  readonly places: readonly (Place | 'either')[];
  /** Where it is mended when it is told to be at either. */
  readonly mendedAt: readonly Place[];
  /** Whether seating a contact again can mend it; the rest stays as it was made. */
  readonly isSeated: boolean;
  /** How often someone who looks at an end sees it there. Generic. */
  readonly seenByLooking: number;
  /** Whether the order of the colours tells it. */
  readonly isInColours: boolean;
  /** Whether a proof has to rule it out: it is wrong whatever the cable is used for. */
  readonly isToProve: boolean;
  /** The faults of this kind that a link can have, each list with its share of the rate. */
  instances(link: FaultyLink): readonly {
    readonly of: readonly Instance[];
    readonly share?: number;
  }[];
  sentence(fault: Fault, wiring: Wiring): Message;
  /** What to do about it. */
  action(fault: Fault, wiring: Wiring): Action;
}
