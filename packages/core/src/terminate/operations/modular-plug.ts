import type { Operation } from '../operation';
import { LABEL, PLAIN, PREPARE, PREPARED } from './prepare';

const THREAD_BOOT: Operation = {
  ...PLAIN,
  id: 'thread-boot',
  kind: 'thread-on',
  part: 'boot',
  only: ['boot'],
  needs: [],
  makes: ['boot-on'],
  blockedBy: ['plug-crimped'],
  seconds: 5,
  depth: 0,
};

const STRAIGHTEN: Operation = {
  ...PLAIN,
  id: 'straighten',
  wording: 'straighten/modular-plug',
  kind: 'untwist',
  layer: 'pairs',
  needs: PREPARED,
  makes: ['conductors-straight'],
  tools: ['side cutter'],
  seconds: 40,
  depth: 2,
};

const ORDER: Operation = {
  ...PLAIN,
  id: 'order-conductors',
  wording: 'order-conductors/modular-plug',
  kind: 'order',
  layer: 'conductors',
  needs: ['conductors-straight'],
  makes: ['conductors-ordered'],
  seconds: 30,
  depth: 3,
};

const SEAT_BOOT: Operation = {
  ...PLAIN,
  id: 'seat-boot',
  kind: 'close',
  part: 'boot',
  only: ['boot'],
  needs: ['boot-on', 'end-proven'],
  makes: ['boot-seated'],
  seconds: 5,
  depth: 7,
};

/** Before a plug: boot, preparation, and the conductors in their order. */
export const BEFORE_PLUG: readonly Operation[] = [THREAD_BOOT, ...PREPARE, STRAIGHTEN, ORDER];

/** After a plug is proven. */
export const AFTER_PLUG: readonly Operation[] = [SEAT_BOOT, LABEL];

export const SQUEEZE: Operation = {
  ...PLAIN,
  id: 'squeeze-jacket',
  kind: 'shape',
  layer: 'jacket',
  only: ['thick-jacket'],
  needs: ['conductors-ordered'],
  makes: ['jacket-shaped'],
  tools: ['flat pliers'],
  seconds: 15,
  depth: 3,
};

const TRIM: Operation = {
  ...PLAIN,
  id: 'trim-square',
  wording: 'trim-square/modular-plug',
  kind: 'trim',
  measures: 'exposed',
  layer: 'conductors',
  needs: ['conductors-ordered', 'jacket-shaped'],
  makes: ['conductors-trimmed'],
  irreversible: true,
  tools: ['flush cutter'],
  seconds: 8,
  depth: 3,
};

export const INSERT: Operation = {
  ...PLAIN,
  id: 'insert-plug',
  wording: 'insert-plug/modular-plug',
  kind: 'insert',
  part: 'plug',
  needs: ['conductors-trimmed', 'jacket-shaped'],
  makes: ['plug-inserted'],
  seconds: 15,
  depth: 4,
};

export const READ: Operation = {
  ...PLAIN,
  id: 'read-before-crimp',
  wording: 'read-before-crimp/modular-plug',
  kind: 'check',
  part: 'plug',
  needs: ['plug-inserted', 'shield-seen'],
  makes: ['plug-checked'],
  checks: ['order-at-nose', 'copper-at-tip', 'jacket-under-bar'],
  seconds: 20,
  depth: 4,
};

export const SEE_SHIELD: Operation = {
  ...PLAIN,
  id: 'check-shield',
  wording: 'check-shield/modular-plug',
  kind: 'check',
  part: 'plug',
  only: ['shell'],
  needs: ['plug-inserted'],
  makes: ['shield-seen'],
  checks: ['shield-under-shell', 'clear-of-contacts'],
  seconds: 12,
  depth: 4,
};

export const CRIMP: Operation = {
  ...PLAIN,
  id: 'crimp',
  wording: 'crimp/modular-plug',
  kind: 'crimp',
  fixes: true,
  part: 'plug',
  needs: ['plug-checked', 'shield-seen'],
  makes: ['plug-crimped'],
  irreversible: true,
  tools: ['modular crimper'],
  seconds: 8,
  depth: 5,
};

export const PROVE: Operation = {
  ...PLAIN,
  id: 'prove-plug',
  wording: 'prove-plug/modular-plug',
  kind: 'check',
  part: 'plug',
  needs: ['plug-crimped'],
  makes: ['end-proven'],
  checks: ['contacts-level', 'tug'],
  seconds: 10,
  depth: 6,
};

/** The standard plug: trimmed square first, then seen at the nose. */
export const MODULAR_PLUG: readonly Operation[] = [
  ...BEFORE_PLUG,
  SQUEEZE,
  TRIM,
  INSERT,
  READ,
  SEE_SHIELD,
  CRIMP,
  PROVE,
  ...AFTER_PLUG,
];
