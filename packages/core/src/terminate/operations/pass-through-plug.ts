import type { Operation } from '../operation';
import { AFTER_PLUG, BEFORE_PLUG, SQUEEZE } from './modular-plug';
import { PLAIN } from './prepare';

const THREAD: Operation = {
  ...PLAIN,
  id: 'thread-through',
  kind: 'insert',
  part: 'plug',
  needs: ['conductors-ordered', 'jacket-shaped'],
  makes: ['plug-inserted'],
  instruction:
    'Push the conductors through the plug until the jacket is under the bar and all eight stand out of the nose.',
  why: 'Where they come out, the order can be read before anything is fixed.',
  seconds: 20,
  depth: 4,
};

const READ: Operation = {
  ...PLAIN,
  id: 'read-before-crimp',
  kind: 'check',
  part: 'plug',
  needs: ['plug-inserted'],
  makes: ['plug-checked'],
  instruction: 'Stop. Read the order where it comes out of the nose.',
  why: 'The crimp can’t be undone.',
  checks: [
    { id: 'order-at-nose', text: 'The order out of the nose reads {scheme}: {order}' },
    { id: 'eight-out', text: 'All eight stand out of the nose, none is bent back' },
    { id: 'jacket-under-bar', text: 'The jacket reaches under the strain bar' },
  ],
  seconds: 20,
  depth: 4,
};

const CRIMP: Operation = {
  ...PLAIN,
  id: 'crimp',
  kind: 'crimp',
  part: 'plug',
  needs: ['plug-checked'],
  makes: ['plug-crimped'],
  irreversible: true,
  instruction:
    'Crimp and cut with one full stroke, the blade against the nose. A tool without a blade only crimps.',
  why: 'Contacts and strain bar go down together, and the blade cuts what stands out.',
  tools: ['pass-through crimper'],
  seconds: 10,
  depth: 5,
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

const PROVE: Operation = {
  ...PLAIN,
  id: 'prove-plug',
  kind: 'check',
  part: 'plug',
  needs: ['nose-flush'],
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

/** The pass-through plug: stripped long, read at the nose, cut in the stroke or after it. */
export const PASS_THROUGH_PLUG: readonly Operation[] = [
  ...BEFORE_PLUG,
  SQUEEZE,
  THREAD,
  READ,
  CRIMP,
  FLUSH,
  PROVE,
  ...AFTER_PLUG,
];
