import type { Operation } from '../operation';
import { LABEL, PLAIN, PREPARE, PREPARED } from './prepare';

export const FAN: Operation = {
  ...PLAIN,
  id: 'fan-pairs',
  kind: 'order',
  layer: 'pairs',
  needs: PREPARED,
  makes: ['pairs-fanned'],
  tools: ['side cutter'],
  seconds: 30,
  depth: 2,
};

const LAY: Operation = {
  ...PLAIN,
  id: 'lay-conductors',
  wording: 'lay-conductors/punch-down-jack',
  kind: 'insert',
  measures: 'untwist',
  part: 'jack',
  layer: 'conductors',
  needs: ['pairs-fanned'],
  makes: ['conductors-laid'],
  seconds: 40,
  depth: 3,
};

const READ: Operation = {
  ...PLAIN,
  id: 'read-before-punch',
  wording: 'read-before-punch/punch-down-jack',
  kind: 'check',
  part: 'jack',
  needs: ['conductors-laid'],
  makes: ['jack-checked'],
  checks: ['order-at-card', 'twist-kept'],
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
  checks: ['all-down', 'no-strand'],
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
  tools: ['side cutter'],
  seconds: 15,
  depth: 7,
};

const SEE_SHIELD: Operation = {
  ...PLAIN,
  id: 'check-shield',
  wording: 'check-shield/punch-down-jack',
  kind: 'check',
  part: 'hood',
  only: ['shell'],
  needs: ['end-closed', 'drain-posted'],
  makes: ['shield-seen'],
  checks: ['shield-meets-hood', 'drain-on-post', 'clear-of-slots'],
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
  checks: ['shield-joined'],
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
  checks: ['bend'],
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
