import type { Contact } from '../catalogue';
import type { End } from '../link';

export const FAULT_KINDS = [
  'open',
  'short',
  'reversed-pair',
  'crossed-pairs',
  'miswire',
  'rollover',
  'shifted',
  'crossed-groups',
  'turned-group',
  'split-pair',
  'shield-open',
  'shield-short',
  'shield-unexpected',
  'high-resistance',
  'intermittent',
  'other-metal',
  'moisture',
] as const;

export type FaultKind = (typeof FAULT_KINDS)[number];

/** Where along a link something is: at an end, or somewhere between them. */
export type Place = End | 'cable';
export const PLACES: readonly Place[] = ['near', 'cable', 'far'];

/**
 * One thing that is wrong, as a change of a good link.
 *
 * - Wiring kinds (reversed-pair, crossed-pairs, miswire, rollover, shifted, crossed-groups,
 *   turned-group): near[i] arrives at far[i]; where far has no more, at nothing. Where two of them name
 *   one contact, the later one holds.
 * - Opens: the conductor between near[i] and far[i] is broken.
 * - Shorts and an unexpected shield: everything that near and far name is joined together.
 * - Split pairs: near and far name the contacts whose pairs are not twisted together.
 * - High resistance: the joint of the conductor between near[i] and far[i] is poor, but conducts.
 * - Intermittent: it is broken only while the cable is moved at that place.
 * - Moisture: what near and far name leaks to one another, far too little to be a short.
 * - Other metal: the conductors are not the copper that was ordered; no contacts.
 */
export interface Fault {
  readonly kind: FaultKind;
  readonly near: readonly Contact[];
  readonly far: readonly Contact[];
  readonly pairs: readonly number[];
  /** Where the fault is, where that is told; else either. */
  readonly end: Place | 'either';
}
