import type { Operation } from '../operation';
import { LABEL, PLAIN, PREPARE, PREPARED } from './prepare';

export const FAN: Operation = {
  ...PLAIN,
  id: 'fan-pairs',
  kind: 'order',
  layer: 'pairs',
  needs: PREPARED,
  makes: ['pairs-fanned'],
  instruction:
    'Cut off spline and rip cord. Bring the jacket up to the jack and fan the pairs to their slots by the {scheme} side of its colour card.',
  why: 'The card is in slot order, not in contact order, and the pairs stay twisted until their slots.',
  tools: ['side cutter'],
  seconds: 30,
  depth: 2,
};

const LAY: Operation = {
  ...PLAIN,
  id: 'lay-conductors',
  kind: 'insert',
  measures: 'untwist',
  part: 'jack',
  layer: 'conductors',
  needs: ['pairs-fanned'],
  makes: ['conductors-laid'],
  instruction:
    'Lay each conductor in its slot with two fingers. Keep every pair twisted to within {exposed} of the slots.',
  why: 'Laid first, all eight can be read before one is punched.',
  seconds: 40,
  depth: 3,
};

const READ: Operation = {
  ...PLAIN,
  id: 'read-before-punch',
  kind: 'check',
  part: 'jack',
  needs: ['conductors-laid'],
  makes: ['jack-checked'],
  instruction: 'Stop. Check the jack before the punch.',
  why: 'A punched conductor must be cut and laid again.',
  checks: [
    { id: 'order-at-card', text: 'Every conductor lies at its colour on the {scheme} card' },
    { id: 'twist-kept', text: 'No pair is untwisted by more than {exposed}' },
  ],
  seconds: 20,
  depth: 3,
};

const PUNCH: Operation = {
  ...PLAIN,
  id: 'punch',
  kind: 'press',
  fixes: true,
  part: 'jack',
  layer: 'conductors',
  needs: ['jack-checked'],
  makes: ['jack-punched'],
  irreversible: true,
  instruction: 'Punch each conductor down, the blade side of the tool outward.',
  why: 'The blade trims the end that stands out; turned round, it cuts the conductor off.',
  tools: ['punch-down tool'],
  seconds: 40,
  depth: 4,
};

const PROVE: Operation = {
  ...PLAIN,
  id: 'prove-jack',
  kind: 'check',
  part: 'jack',
  needs: ['jack-punched'],
  makes: ['jack-proven'],
  instruction: 'Check the punched jack.',
  why: 'The cap hides the slots.',
  checks: [
    { id: 'all-down', text: 'All eight are at the bottom of their slots, trimmed flush' },
    { id: 'no-strand', text: 'No offcut is left between the slots' },
  ],
  seconds: 15,
  depth: 5,
};

const CAP: Operation = {
  ...PLAIN,
  id: 'press-cap',
  kind: 'close',
  part: 'cap',
  needs: ['jack-proven'],
  makes: ['end-closed'],
  instruction: 'Press the cap on until it sits level.',
  why: 'It holds the conductors down and keeps dust out.',
  seconds: 8,
  depth: 6,
};

const POST_DRAIN: Operation = {
  ...PLAIN,
  id: 'post-drain',
  kind: 'wrap',
  part: 'hood',
  layer: 'drain',
  only: ['shell', 'foil'],
  needs: ['end-closed', 'drain-dealt-with'],
  makes: ['drain-posted'],
  instruction: 'Wind the drain wire on its post, two turns, and cut its end off there.',
  why: 'The drain carries what the foil picks up; the post joins it to the jack.',
  tools: ['side cutter'],
  seconds: 15,
  depth: 7,
};

const SEE_SHIELD: Operation = {
  ...PLAIN,
  id: 'check-shield',
  kind: 'check',
  part: 'hood',
  only: ['shell'],
  needs: ['end-closed', 'drain-posted'],
  makes: ['shield-seen'],
  instruction: 'Stop. Look at the shield before the hood covers it.',
  why: 'Under the hood nothing is seen any more.',
  checks: [
    {
      id: 'shield-meets-hood',
      text: 'Foil or braid lies back over the jacket, metal side out, where the hood will press on it',
    },
    { id: 'drain-on-post', text: 'The drain wire, where the cable has one, is tight on its post' },
    { id: 'clear-of-slots', text: 'No foil, no drain and no strand is near a slot' },
  ],
  seconds: 15,
  depth: 7,
};

const CLOSE_HOOD: Operation = {
  ...PLAIN,
  id: 'close-hood',
  kind: 'close',
  part: 'hood',
  only: ['shell'],
  needs: ['end-closed', 'shield-seen'],
  makes: ['hood-closed'],
  irreversible: true,
  instruction: 'Close the hood over foil and jacket until it sits.',
  why: 'The shield joins here; last, since the hood covers everything.',
  seconds: 10,
  depth: 7,
};

const PROVE_SHIELD: Operation = {
  ...PLAIN,
  id: 'prove-shield',
  kind: 'check',
  part: 'hood',
  only: ['shell'],
  needs: ['hood-closed', 'hood-tied'],
  makes: ['shield-proven'],
  instruction: 'Check that the shield is joined to the jack.',
  why: 'The shield has a test of its own: eight good conductors say nothing of it.',
  checks: [
    {
      id: 'shield-joined',
      text: 'A meter shows a path from the hood to the cable’s foil, braid or drain',
    },
  ],
  tools: ['meter'],
  seconds: 20,
  depth: 7,
};

/** The shield of a jack: its drain on the post, looked at, the hood closed over it, and measured. */
export const HOOD: readonly Operation[] = [POST_DRAIN, SEE_SHIELD, CLOSE_HOOD, PROVE_SHIELD];

const TIE_HOOD: Operation = {
  ...PLAIN,
  id: 'tie-hood',
  kind: 'tie',
  part: 'tie',
  only: ['shell'],
  needs: ['hood-closed'],
  makes: ['hood-tied'],
  instruction: 'Tie the hood’s tail to the jacket, snug, and cut the tie’s end off.',
  why: 'A pull must end at the hood, not at the slots.',
  tools: ['side cutter'],
  seconds: 15,
  depth: 7,
};

export const RELIEF: Operation = {
  ...PLAIN,
  id: 'prove-strain-relief',
  kind: 'check',
  part: 'jack',
  needs: ['end-closed', 'shield-proven'],
  makes: ['end-proven'],
  instruction: 'Check the cable behind the jack.',
  why: 'A tight bend behind the jack undoes good work.',
  checks: [{ id: 'bend', text: 'The cable bends no tighter than four times its diameter' }],
  seconds: 8,
  depth: 8,
};

const TIE: Operation = {
  ...PLAIN,
  id: 'tie-to-bar',
  kind: 'tie',
  part: 'tie',
  needs: ['jack-proven'],
  makes: ['end-closed'],
  instruction:
    'Tie the cable to the panel’s bar, loose enough that the tie turns by hand, and cut its end off.',
  why: 'A pull must end at the bar, not at the slots; a tight tie deforms the pairs.',
  tools: ['side cutter'],
  seconds: 20,
  depth: 6,
};

const PUNCHED: readonly Operation[] = [...PREPARE, FAN, LAY, READ, PUNCH, PROVE];

/** The keystone that is punched down and closed with a cap. */
export const PUNCH_DOWN_JACK: readonly Operation[] = [
  ...PUNCHED,
  CAP,
  ...HOOD,
  TIE_HOOD,
  RELIEF,
  LABEL,
];

/** A port of a patch panel: punched like a keystone, tied to the bar behind it. */
export const PANEL_PORT: readonly Operation[] = [...PUNCHED, TIE, RELIEF, LABEL];
