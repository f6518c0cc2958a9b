import type { Operation } from '../operation';
import { LABEL, PLAIN, PREPARE, PREPARED } from './prepare';
import { HOOD, RELIEF } from './punch-down-jack';

const SPLINE: Operation = {
  ...PLAIN,
  id: 'cut-spline',
  kind: 'cut',
  layer: 'pairs',
  needs: PREPARED,
  makes: ['spline-flush'],
  irreversible: true,
  instruction: 'Cut spline and rip cord off flush with the jacket.',
  why: 'The lid closes on the jacket: what stands out keeps it open.',
  tools: ['side cutter'],
  seconds: 10,
  depth: 2,
};

const FAN: Operation = {
  ...PLAIN,
  id: 'fan-into-lid',
  kind: 'order',
  layer: 'pairs',
  needs: ['spline-flush'],
  makes: ['pairs-fanned'],
  instruction:
    'Lead the cable into the lid and sort the pairs by the {scheme} side of its card: two lie below, two above.',
  why: 'The card is in slot order, not in contact order, and the pairs stay twisted until their slots.',
  seconds: 30,
  depth: 2,
};

const SLANT: Operation = {
  ...PLAIN,
  id: 'cut-slant',
  kind: 'trim',
  layer: 'conductors',
  needs: ['pairs-fanned'],
  makes: ['ends-slanted'],
  irreversible: true,
  instruction: 'Cut the end of each conductor on the slant.',
  why: 'A slanted end finds its hole in the lid; a square one catches.',
  tools: ['flush cutter'],
  seconds: 15,
  depth: 3,
};

const LOWER: Operation = {
  ...PLAIN,
  id: 'lay-lower',
  kind: 'insert',
  part: 'lid',
  layer: 'conductors',
  needs: ['ends-slanted'],
  makes: ['lower-laid'],
  instruction:
    'Untwist the two lower pairs to within {exposed} of their slots and thread them, from the left: {lower}. Draw them tight.',
  why: 'Below first: once the upper pairs lie, nothing gets at them. The card of the jack in your hand decides.',
  seconds: 25,
  depth: 3,
};

const TIE: Operation = {
  ...PLAIN,
  id: 'tie-rear',
  kind: 'tie',
  part: 'tie',
  needs: ['lower-laid'],
  makes: ['cable-tied'],
  blockedBy: ['upper-laid'],
  instruction:
    'Put the tie through from the rear, its head behind, draw the jacket against the body, and cut the tie’s tail off.',
  why: 'The jacket is held before the upper pairs are laid and long before anything is trimmed: what is drawn later slips back.',
  tools: ['side cutter'],
  seconds: 20,
  depth: 3,
  wayBack: 'Draw the upper pairs out of their slots, tie the jacket, and lay them again.',
};

const UPPER: Operation = {
  ...PLAIN,
  id: 'lay-upper',
  kind: 'insert',
  measures: 'untwist',
  part: 'lid',
  layer: 'conductors',
  needs: ['lower-laid', 'cable-tied'],
  makes: ['upper-laid'],
  instruction:
    'Now untwist the two upper pairs to within {exposed} of their slots and thread them, from the left: {upper}. Draw all eight tight.',
  why: 'Drawn tight, none can slip out while the lid goes down.',
  seconds: 25,
  depth: 3,
};

const READ: Operation = {
  ...PLAIN,
  id: 'read-before-trim',
  kind: 'check',
  part: 'lid',
  needs: ['upper-laid'],
  makes: ['lid-checked'],
  instruction: 'Stop. Check the lid before the ends are cut.',
  why: 'A conductor that is cut too short must be stripped again.',
  checks: [
    { id: 'order-at-card', text: 'Every conductor lies at its colour on the {scheme} card' },
    { id: 'twist-kept', text: 'No pair is untwisted by more than {exposed}' },
  ],
  seconds: 20,
  depth: 3,
};

const TRIM: Operation = {
  ...PLAIN,
  id: 'trim-flush',
  kind: 'trim',
  layer: 'conductors',
  needs: ['lid-checked'],
  makes: ['ends-flush'],
  irreversible: true,
  instruction: 'Trim all eight ends flush with the lid. Pull on nothing after this.',
  why: 'An end that stands out keeps the lid from closing, or touches its neighbour.',
  tools: ['flush cutter'],
  seconds: 20,
  depth: 4,
};

const READY: Operation = {
  ...PLAIN,
  id: 'read-before-lid',
  kind: 'check',
  part: 'lid',
  needs: ['ends-flush'],
  makes: ['lid-ready'],
  instruction: 'Stop. Check the lid before it is pressed.',
  why: 'Pressed, the contacts have cut into the conductors.',
  checks: [
    { id: 'ends-flush', text: 'All eight ends are flush with the lid, none has slipped back' },
  ],
  seconds: 10,
  depth: 5,
};

const PRESS: Operation = {
  ...PLAIN,
  id: 'press-lid',
  kind: 'press',
  fixes: true,
  part: 'lid',
  needs: ['lid-ready'],
  makes: ['lid-pressed', 'end-closed'],
  irreversible: true,
  instruction:
    'Press the lid on square, with parallel pliers if the sheet allows them, until it clicks on both sides.',
  why: 'The lid drives all eight conductors into their contacts at once.',
  tools: ['parallel pliers'],
  seconds: 15,
  depth: 5,
};

const CLICK: Operation = {
  ...PLAIN,
  id: 'prove-lid',
  kind: 'check',
  part: 'lid',
  needs: ['end-closed'],
  makes: ['lid-proven'],
  instruction: 'Check the closed jack.',
  why: 'A lid that stands open on one side leaves contacts half cut in.',
  checks: [{ id: 'click', text: 'The lid clicked on both sides and sits level' }],
  seconds: 10,
  depth: 6,
};

/** The keystone without a punch tool: a lid threads the conductors and drives them in. */
export const TOOL_LESS_JACK: readonly Operation[] = [
  ...PREPARE,
  SPLINE,
  FAN,
  SLANT,
  LOWER,
  TIE,
  UPPER,
  READ,
  TRIM,
  READY,
  PRESS,
  CLICK,
  ...HOOD,
  RELIEF,
  LABEL,
];
