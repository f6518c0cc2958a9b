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

export const HOOD: Operation = {
  ...PLAIN,
  id: 'close-hood',
  kind: 'close',
  part: 'hood',
  only: ['shell'],
  needs: ['end-closed'],
  makes: ['hood-closed'],
  irreversible: true,
  instruction: 'Wrap the drain wire on its post, close the hood over the foil, and tie it.',
  why: 'The shield joins here; last, since the hood covers everything.',
  tools: ['side cutter'],
  seconds: 25,
  depth: 7,
};

export const RELIEF: Operation = {
  ...PLAIN,
  id: 'prove-strain-relief',
  kind: 'check',
  part: 'jack',
  needs: ['end-closed'],
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
  instruction: 'Tie the cable to the panel’s bar, loose enough that the tie turns by hand.',
  why: 'A pull must end at the bar, not at the slots; a tight tie deforms the pairs.',
  tools: ['side cutter'],
  seconds: 20,
  depth: 6,
};

const PUNCHED: readonly Operation[] = [...PREPARE, FAN, LAY, READ, PUNCH, PROVE];

/** The keystone that is punched down and closed with a cap. */
export const PUNCH_DOWN_JACK: readonly Operation[] = [...PUNCHED, CAP, HOOD, RELIEF, LABEL];

/** A port of a patch panel: punched like a keystone, tied to the bar behind it. */
export const PANEL_PORT: readonly Operation[] = [...PUNCHED, TIE, RELIEF, LABEL];
