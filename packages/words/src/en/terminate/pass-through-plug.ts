import type { StepWords } from '../../step-words';

export const PASS_THROUGH_PLUG = {
  'thread-through': {
    instruction:
      'Push the conductors through the plug until the jacket is under the bar and all eight stand out of the nose.',
    title: 'Push the conductors through the plug',
    why: 'Where they come out, the order can be read before anything is fixed.',
  },
  'trim-nose': {
    instruction: 'Trim whatever still stands out of the nose flush with it.',
    why: 'An end that stands out touches its neighbour in the jack.',
    checks: {
      flush: 'No copper stands out of the nose, and no two ends touch',
    },
  },
  'read-before-crimp/pass-through-plug': {
    instruction: 'Stop. Read the order where it comes out of the nose.',
    why: 'The crimp can’t be undone.',
    checks: {
      'order-at-nose': 'The order out of the nose reads {scheme}: {order}',
      'eight-out': 'All eight stand out of the nose, none is bent back',
      'jacket-under-bar': 'The jacket reaches under the strain bar',
    },
  },
  'crimp/pass-through-plug': {
    instruction:
      'Crimp and cut with one full stroke, the blade against the nose. A tool without a blade only crimps.',
    why: 'Contacts and strain bar go down together, and the blade cuts what stands out.',
  },
} satisfies StepWords;
