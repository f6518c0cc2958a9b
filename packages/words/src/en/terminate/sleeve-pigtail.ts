import type { StepWords } from '../../step-words';

export const SLEEVE_PIGTAIL = {
  'thread-shrink/sleeve-pigtail': {
    instruction: 'Slide the outer heat-shrink on, a hand’s length back.',
    why: 'It covers all joints at the end, and it does not pass over them later.',
    wayBack:
      'It comes over the other end while that is bare; else wrap the joints with self-amalgamating tape.',
  },
  'cross-wires': {
    instruction:
      'Lay each pair of ends past one another and centre the sleeve: both cross the solder ring.',
    why: 'Ends that only meet under the ring hold by a drop.',
  },
  'sleeve-shield': {
    instruction: 'Lay the shield’s tail and its lead into a wider sleeve of their own.',
    why: 'The shield is joined like a core, and kept apart from all of them.',
  },
  'check-before-heat/sleeve-pigtail': {
    instruction: 'Stop. Check every sleeve before the heat.',
    why: 'A joint that has flowed is cut out, not opened.',
    checks: {
      'past-ring': 'Both wires reach past the solder ring in every sleeve',
      'colour-to-colour': '{met}: {order}',
      'held-apart': 'Neighbours are held apart, so that one’s heat spares the other',
    },
  },
  'heat-sleeves/sleeve-pigtail': {
    instruction:
      'Heat each sleeve until the ring has flowed and no longer; let it set without moving it.',
    why: 'More heat chars the insulation; less leaves a cold joint.',
  },
  'prove-joints': {
    instruction: 'Check every joint before the outer shrink covers it.',
    why: 'Under the outer shrink nothing is seen any more.',
    checks: {
      flowed: 'The solder has flowed round both wires in every sleeve',
      continuity: 'Every core is joined to its own and to no other',
    },
  },
  'shrink-outer/sleeve-pigtail': {
    instruction:
      'Slide the outer heat-shrink over all joints and shrink it from the middle outward.',
    why: 'It takes the pull off the joints.',
  },
} satisfies StepWords;
