import type { StepWords } from '../../step-words';

export const TELEPHONE_PLUG = {
  'straighten/telephone-plug': {
    instruction: 'Untwist the pairs back to the jacket and draw every core straight.',
    why: 'Only straight cores stay side by side in the plug.',
  },
  'order-conductors/telephone-plug': {
    instruction:
      'Lay the cores side by side, contacts toward you, nose away, from contact {first}: {order}.',
    why: 'The line pair lies in the middle. A cord made the same way at both ends turns the pairs over; straight or turned must be meant.',
  },
  'trim-square/telephone-plug': {
    instruction: 'Trim the cores square, {exposed} from the jacket.',
    why: 'Cut square, all reach the nose together, and the jacket ends under the bar.',
  },
  'insert-plug/telephone-plug': {
    instruction: 'Push the cores into the plug until all stop at the nose.',
    why: 'Nothing is fixed yet: they can still be drawn out.',
  },
  'read-before-crimp/telephone-plug': {
    instruction: 'Stop. Check the plug before the crimp.',
    why: 'The crimp can’t be undone.',
    checks: {
      'order-at-nose': 'The order at the nose reads: {order}',
      'copper-at-tip': 'Every copper end is seen at the tip',
      'jacket-under-bar': 'The jacket reaches under the strain bar',
    },
  },
  'crimp/telephone-plug': {
    instruction: 'Crimp with one full stroke, in the six-way nest of the tool.',
    why: 'Contacts and strain bar go down together.',
  },
  'prove-plug/telephone-plug': {
    instruction: 'Check the finished plug.',
    why: 'A contact that stands proud harms the jack that it enters.',
    checks: {
      'contacts-level': 'A finger over the contacts finds all level',
      tug: 'The jacket holds against a tug',
    },
  },
  'keep-unused/telephone-plug': {
    instruction:
      'Fold the unused cores back along the jacket, behind the plug’s entry, and tape them down, their ends insulated and apart: {unused}.',
    why: '{school}: unused cores are kept. A bare end that touches another is a short.',
  },
} satisfies StepWords;
