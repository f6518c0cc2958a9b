import type { StepWords } from '../../step-words';

export const HEADER_PLUG = {
  'thread-shrink/header-plug': {
    instruction: 'Slide a wide heat-shrink over the cable for the block.',
    why: 'It does not pass over the housings.',
    wayBack: 'Take the housings off again with their catch, or make the block with tape.',
  },
  'crimp-contacts': {
    instruction:
      'Crimp a contact on each core: one pair of wings on the copper, the other on the insulation.',
    why: 'The insulation’s wings carry the bend, the copper’s the current.',
  },
  'check-contacts': {
    instruction: 'Stop. Check the crimps before a contact clicks into its housing.',
    why: 'In the housing the crimp is not seen any more.',
    checks: {
      'wings-closed': 'The wings hold copper and insulation, each its own',
      'no-stray-strand': 'No strand stands out of a crimp',
    },
  },
  'insert-contacts': {
    instruction: 'Push each contact into its housing until it clicks, in this order: {order}.',
    why: 'A contact that has not clicked slides back when the block is pushed on.',
  },
  'read-block': {
    instruction: 'Read the order before the leads become one block.',
    why: 'In the block a lead can’t change its place.',
    checks: {
      click: 'Every contact clicked, and holds against a tug',
      order: 'From contact 1: {order}',
    },
  },
  'shrink-block': {
    instruction:
      'Hold the housings level side by side, slide the shrink over their backs, and shrink it.',
    why: 'One block goes on as a whole; four leads go on in twenty-four ways.',
  },
  'mark-one': {
    instruction: 'Mark contact 1 on block and board, the supply toward the outside edge.',
    why: 'A block without a key goes on turned round as easily as right.',
  },
  'prove-block/header-plug': {
    instruction: 'Check the block with nothing powered.',
    why: 'Turned round, it puts the supply on a signal.',
    checks: {
      continuity: 'Every contact reaches its own core and no other',
      'one-way': 'The mark, or a blocked place, shows the one way it goes on',
    },
  },
} satisfies StepWords;
