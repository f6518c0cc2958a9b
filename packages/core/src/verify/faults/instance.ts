import type { Contact } from '../../catalogue';

/** One fault of a kind that a link can have, wherever along it. */
export interface Instance {
  readonly near: readonly Contact[];
  readonly far: readonly Contact[];
  readonly pairs: readonly number[];
  /** How often it is this one, beside the others of its list. */
  readonly weight: number;
  /** Ways in which it comes about that only eyes tell apart, shares of one. */
  readonly ways?: readonly {
    readonly share: number;
    readonly near: readonly Contact[];
    readonly far: readonly Contact[];
  }[];
}
