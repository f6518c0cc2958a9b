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
  instruction: 'Slide the boot on, wide end toward the plug, a hand’s length back.',
  why: 'The boot does not pass over a plug.',
  seconds: 5,
  depth: 0,
  wayBack:
    'Thread it from the other end if that is still bare, or cut the plug off and begin again.',
};

const STRAIGHTEN: Operation = {
  ...PLAIN,
  id: 'straighten',
  kind: 'untwist',
  layer: 'pairs',
  needs: PREPARED,
  makes: ['conductors-straight'],
  instruction:
    'Untwist the pairs back to the jacket and draw every conductor straight, stiff ones over a grooved edge. Cut off spline and rip cord.',
  why: 'Only straight conductors stay side by side in the plug.',
  tools: ['side cutter'],
  seconds: 40,
  depth: 2,
};

const ORDER: Operation = {
  ...PLAIN,
  id: 'order-conductors',
  kind: 'order',
  layer: 'conductors',
  needs: ['conductors-straight'],
  makes: ['conductors-ordered'],
  instruction:
    'Lay the conductors side by side for {scheme}, contacts toward you, nose away: contact 1 on the left.',
  why: 'The order is easy to change now and fixed once they are in the plug.',
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
  instruction: 'Slide the boot up over the plug until it covers the latch’s root.',
  why: 'It guards the latch and the bend.',
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
  instruction: 'Squeeze the jacket oval with flat pliers, a plug’s length back from its edge.',
  why: 'A round thick jacket stops at the entry, and the bar would hold nothing.',
  tools: ['flat pliers'],
  seconds: 15,
  depth: 3,
};

const TRIM: Operation = {
  ...PLAIN,
  id: 'trim-square',
  kind: 'trim',
  measures: 'exposed',
  layer: 'conductors',
  needs: ['conductors-ordered', 'jacket-shaped'],
  makes: ['conductors-trimmed'],
  irreversible: true,
  instruction: 'Trim all eight square, {exposed} from the jacket.',
  why: 'Cut square, all eight reach the nose together, and the jacket ends under the bar.',
  tools: ['flush cutter'],
  seconds: 8,
  depth: 3,
};

export const INSERT: Operation = {
  ...PLAIN,
  id: 'insert-plug',
  kind: 'insert',
  part: 'plug',
  needs: ['conductors-trimmed', 'jacket-shaped'],
  makes: ['plug-inserted'],
  instruction: 'Push the conductors into the plug until all eight stop at the nose.',
  why: 'Nothing is fixed yet: they can still be drawn out.',
  seconds: 15,
  depth: 4,
};

export const READ: Operation = {
  ...PLAIN,
  id: 'read-before-crimp',
  kind: 'check',
  part: 'plug',
  needs: ['plug-inserted', 'shield-seen'],
  makes: ['plug-checked'],
  instruction: 'Stop. Check the plug before the crimp.',
  why: 'The crimp can’t be undone.',
  checks: [
    { id: 'order-at-nose', text: 'The order at the nose reads {scheme}: {order}' },
    { id: 'copper-at-tip', text: 'Eight copper ends are seen at the tip' },
    { id: 'jacket-under-bar', text: 'The jacket reaches under the strain bar' },
  ],
  seconds: 20,
  depth: 4,
};

export const SEE_SHIELD: Operation = {
  ...PLAIN,
  id: 'check-shield',
  kind: 'check',
  part: 'plug',
  only: ['shell'],
  needs: ['plug-inserted'],
  makes: ['shield-seen'],
  instruction: 'Stop. Look at the shield where the plug’s shell will grip it.',
  why: 'The crimp joins shield and shell; foil at a contact is a short that no tester places.',
  checks: [
    {
      id: 'shield-under-shell',
      text: 'Under the shell all round lies {shieldNames}{metalOut}',
    },
    { id: 'clear-of-contacts', text: 'No foil and no strand of the shield is near a contact' },
  ],
  seconds: 12,
  depth: 4,
};

export const CRIMP: Operation = {
  ...PLAIN,
  id: 'crimp',
  kind: 'crimp',
  fixes: true,
  part: 'plug',
  needs: ['plug-checked', 'shield-seen'],
  makes: ['plug-crimped'],
  irreversible: true,
  instruction: 'Crimp with one full stroke, until the tool lets go.',
  why: 'Contacts and strain bar go down together.',
  tools: ['modular crimper'],
  seconds: 8,
  depth: 5,
};

export const PROVE: Operation = {
  ...PLAIN,
  id: 'prove-plug',
  kind: 'check',
  part: 'plug',
  needs: ['plug-crimped'],
  makes: ['end-proven'],
  instruction: 'Check the finished plug.',
  why: 'A contact that stands proud harms the jack that it enters.',
  checks: [
    { id: 'contacts-level', text: 'A finger over the contacts finds all eight level' },
    { id: 'tug', text: 'The jacket holds against a tug' },
  ],
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
