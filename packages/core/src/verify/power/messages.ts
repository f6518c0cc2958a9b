import { message, type Message } from '../../message';

interface OfPair {
  readonly pair: number;
}
/** Beside what is expected, and beyond what a channel may have; null where it is not. */
interface Times extends OfPair {
  readonly ratio: number;
  readonly mostOhm: number | null;
}
interface Unbalance {
  /** Of the sum of both, and their difference. */
  readonly share: number;
  readonly differenceOhm: number;
  readonly isWithin: boolean;
}

/** What the resistance of loops says, and what power arrives over them. */
export interface PowerMessages {
  readonly 'loop-open': OfPair;
  readonly 'loop-short': OfPair & { readonly ohm: number };
  readonly 'loop-joint': OfPair & { readonly moreOhm: number; readonly mostOhm: number | null };
  readonly 'loop-over-limit': OfPair & { readonly ohm: number; readonly mostOhm: number };
  readonly 'loop-as-expected': OfPair & { readonly ohm: number };
  readonly 'loop-shorter': OfPair & { readonly ratio: number };
  /** Of one pair alone nobody can tell why. */
  readonly 'loop-alone': Times & { readonly mayBeClad: boolean };
  readonly 'loop-other-metal': Times;
  readonly 'loop-longer': Times;
  readonly 'pair-unbalance': OfPair & Unbalance;
  readonly 'unbalance-between': Unbalance;
  /** A class of sources by its standard, and its own number there. */
  readonly 'power-class': {
    readonly standard: string;
    readonly of: 'type' | 'class';
    readonly number: number;
  };
  readonly 'power-arrives': {
    readonly source: Message;
    readonly deviceW: number;
    readonly mostW: number;
    readonly isEnough: boolean;
    /** Null where the cable can't carry it. */
    readonly there: {
      readonly deviceV: number;
      readonly currentA: number;
      readonly lostW: number;
    } | null;
  };
}

export const tell = message<PowerMessages>();
