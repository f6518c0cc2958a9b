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
] as const;

export type FaultKind = (typeof FAULT_KINDS)[number];

/** Each kind, when several of it are spoken of. */
export const SEVERAL_FAULTS: Readonly<Record<FaultKind, string>> = {
  open: 'opens',
  short: 'shorts',
  'reversed-pair': 'reversed pairs',
  'crossed-pairs': 'crossed pairs',
  miswire: 'wires in wrong places',
  rollover: 'a cable turned end for end',
  shifted: 'a row that begins late',
  'crossed-groups': 'groups of pairs exchanged',
  'turned-group': 'a group of pairs laid backwards',
  'split-pair': 'split pairs',
  'shield-open': 'an open shield',
  'shield-short': 'a conductor on the shield',
  'shield-unexpected': 'a shield where none should be',
  'high-resistance': 'poor joints',
  intermittent: 'what opens only when moved',
  'other-metal': 'conductors of another metal',
};

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

export const WIRING_KINDS: ReadonlySet<FaultKind> = new Set([
  'reversed-pair',
  'crossed-pairs',
  'miswire',
  'rollover',
  'shifted',
  'crossed-groups',
  'turned-group',
]);

export const OPEN_KINDS: ReadonlySet<FaultKind> = new Set(['open', 'shield-open']);

export const SHORT_KINDS: ReadonlySet<FaultKind> = new Set([
  'short',
  'shield-short',
  'shield-unexpected',
]);
