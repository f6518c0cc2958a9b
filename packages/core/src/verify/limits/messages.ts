import type { End } from '../../link';
import { message, type Message } from '../../message';
import type { LimitClass, LimitStandard, Parameter } from './class-limits';

/** What measured sweeps say beside the limits of a class. Pairs are counted from 0. */
export interface LimitMessages {
  /** A sweep out of a matrix: of which pairs, where more than one is in it, and at which end. */
  readonly sweep: {
    readonly parameter: Parameter;
    readonly end: End | null;
    readonly pairs: readonly number[];
    /** The pair that disturbs, of what is measured from one to another. */
    readonly from: number | null;
  };
  readonly 'limit-name': { readonly standard: LimitStandard; readonly class: LimitClass };
  readonly 'sweep-judged': {
    readonly name: Message;
    readonly marginDb: number;
    readonly mhz: number;
    /** The part of the class's range that was not measured; null where it was. */
    readonly belowMhz: number | null;
    readonly aboveMhz: number | null;
  };
  readonly 'sweep-outside': { readonly name: Message; readonly limit: Message };
  readonly 'sweep-other-reference': {
    readonly name: Message;
    readonly referenceOhm: number;
    readonly pairOhm: number;
  };
  readonly 'cords-added': { readonly lengthM: number };
  readonly 'ports-unknown': { readonly ports: number };
  readonly 'ports-taken': { readonly pairs: 2 | 4 };
}

export const tell = message<LimitMessages>();
