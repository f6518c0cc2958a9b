import type { Contact } from '../catalogue';
import type { End } from '../link';

export const FAULT_KINDS = [
  'open',
  'short',
  'reversed-pair',
  'crossed-pairs',
  'miswire',
  'rollover',
  'split-pair',
  'shield-open',
  'shield-short',
  'shield-unexpected',
] as const;

export type FaultKind = (typeof FAULT_KINDS)[number];

/**
 * One thing that is wrong, as a change of a good link.
 *
 * - Wiring kinds (reversed-pair, crossed-pairs, miswire, rollover): near[i] arrives at far[i]. Where
 *   two of them name one contact, the later one holds.
 * - Opens: the conductor between near[i] and far[i] is broken.
 * - Shorts and an unexpected shield: everything that near and far name is joined together.
 * - Split pairs: near and far name the contacts whose pairs are not twisted together.
 */
export interface Fault {
  readonly kind: FaultKind;
  readonly near: readonly Contact[];
  readonly far: readonly Contact[];
  readonly pairs: readonly number[];
  /** The end that has the fault, where the reading tells; else either. */
  readonly end: End | 'either';
}

export const WIRING_KINDS: ReadonlySet<FaultKind> = new Set([
  'reversed-pair',
  'crossed-pairs',
  'miswire',
  'rollover',
]);

export const OPEN_KINDS: ReadonlySet<FaultKind> = new Set(['open', 'shield-open']);

export const SHORT_KINDS: ReadonlySet<FaultKind> = new Set([
  'short',
  'shield-short',
  'shield-unexpected',
]);
