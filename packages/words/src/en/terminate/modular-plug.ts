import type { StepWords } from '../../step-words';

export const MODULAR_PLUG = {
  'thread-boot': {
    instruction: 'Slide the boot on, wide end toward the plug, a hand’s length back.',
    why: 'The boot does not pass over a plug.',
    wayBack:
      'Thread it from the other end if that is still bare, or cut the plug off and begin again.',
  },
  'straighten/modular-plug': {
    instruction:
      'Untwist the pairs back to the jacket and draw every conductor straight, stiff ones over a grooved edge. Cut off spline and rip cord.',
    why: 'Only straight conductors stay side by side in the plug.',
  },
  'order-conductors/modular-plug': {
    instruction:
      'Lay the conductors side by side for {scheme}, contacts toward you, nose away: contact 1 on the left.',
    why: 'The order is easy to change now and fixed once they are in the plug.',
  },
  'seat-boot': {
    instruction: 'Slide the boot up over the plug until it covers the latch’s root.',
    why: 'It guards the latch and the bend.',
  },
  'squeeze-jacket': {
    instruction: 'Squeeze the jacket oval with flat pliers, a plug’s length back from its edge.',
    why: 'A round thick jacket stops at the entry, and the bar would hold nothing.',
  },
  'trim-square/modular-plug': {
    instruction: 'Trim all eight square, {exposed} from the jacket.',
    why: 'Cut square, all eight reach the nose together, and the jacket ends under the bar.',
  },
  'insert-plug/modular-plug': {
    instruction: 'Push the conductors into the plug until all eight stop at the nose.',
    why: 'Nothing is fixed yet: they can still be drawn out.',
  },
  'read-before-crimp/modular-plug': {
    instruction: 'Stop. Check the plug before the crimp.',
    why: 'The crimp can’t be undone.',
    checks: {
      'order-at-nose': 'The order at the nose reads {scheme}: {order}',
      'copper-at-tip': 'Eight copper ends are seen at the tip',
      'jacket-under-bar': 'The jacket reaches under the strain bar',
    },
  },
  'check-shield/modular-plug': {
    instruction: 'Stop. Look at the shield where the plug’s shell will grip it.',
    why: 'The crimp joins shield and shell; foil at a contact is a short that no tester places.',
    checks: {
      'shield-under-shell': 'Under the shell all round lies {shieldNames}{metalOut}',
      'clear-of-contacts': 'No foil and no strand of the shield is near a contact',
    },
  },
  'crimp/modular-plug': {
    instruction: 'Crimp with one full stroke, until the tool lets go.',
    why: 'Contacts and strain bar go down together.',
  },
  'prove-plug/modular-plug': {
    instruction: 'Check the finished plug.',
    why: 'A contact that stands proud harms the jack that it enters.',
    checks: {
      'contacts-level': 'A finger over the contacts finds all eight level',
      tug: 'The jacket holds against a tug',
    },
  },
} satisfies StepWords;
