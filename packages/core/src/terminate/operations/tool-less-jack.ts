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
  tools: ['side cutter'],
  seconds: 20,
  depth: 3,
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
  checks: ['order-at-card', 'twist-kept'],
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
  checks: ['ends-flush'],
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
  checks: ['click'],
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
