import type { Operation } from '../operation';
import * as modular from './modular-plug';
import { PLAIN } from './prepare';

const THREAD: Operation = {
  ...modular.INSERT,
  id: 'thread-through',
  needs: ['conductors-ordered', 'jacket-shaped'],
  instruction:
    'Push the conductors through the plug until the jacket is under the bar and all eight stand out of the nose.',
  why: 'Where they come out, the order can be read before anything is fixed.',
  seconds: 20,
};

const READ: Operation = {
  ...modular.READ,
  instruction: 'Stop. Read the order where it comes out of the nose.',
  checks: [
    { id: 'order-at-nose', text: 'The order out of the nose reads {scheme}: {order}' },
    { id: 'eight-out', text: 'All eight stand out of the nose, none is bent back' },
    { id: 'jacket-under-bar', text: 'The jacket reaches under the strain bar' },
  ],
};

const CRIMP: Operation = {
  ...modular.CRIMP,
  instruction:
    'Crimp and cut with one full stroke, the blade against the nose. A tool without a blade only crimps.',
  why: 'Contacts and strain bar go down together, and the blade cuts what stands out.',
  tools: ['pass-through crimper'],
};

const FLUSH: Operation = {
  ...PLAIN,
  id: 'trim-nose',
  kind: 'trim',
  part: 'plug',
  layer: 'conductors',
  needs: ['plug-crimped'],
  makes: ['nose-flush'],
  irreversible: true,
  instruction: 'Trim whatever still stands out of the nose flush with it.',
  why: 'An end that stands out touches its neighbour in the jack.',
  checks: [{ id: 'flush', text: 'No copper stands out of the nose, and no two ends touch' }],
  tools: ['flush cutter'],
  seconds: 15,
  depth: 5,
};

const PROVE: Operation = { ...modular.PROVE, needs: ['nose-flush'] };

/** The pass-through plug: stripped long, read at the nose, cut in the stroke or after it. */
export const PASS_THROUGH_PLUG: readonly Operation[] = [
  ...modular.BEFORE_PLUG,
  modular.SQUEEZE,
  THREAD,
  READ,
  modular.SEE_SHIELD,
  CRIMP,
  FLUSH,
  PROVE,
  ...modular.AFTER_PLUG,
];
