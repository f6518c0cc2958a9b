import type { StepWords } from '../../step-words';

export const PUNCH_BLOCK = {
  'tie-sheath': {
    instruction: 'Tie the sheath to the block’s frame.',
    why: 'A pull must end at the frame, not at the slots.',
    wayBack: 'Tie it now, with slack for the fan: nothing has to be taken off.',
  },
  'comb-pairs': {
    instruction:
      'Comb the pairs out in colour order, blue, orange, green, brown, slate, first with white. Keep every pair twisted.',
    why: 'Out of order, every pair after the slip is wrong.',
  },
  'lay-conductors/punch-block': {
    instruction:
      'Lay the pairs from the top: the white-side core of a pair above, its partner below.',
    why: 'Laid first, the colours can be read down the block.',
  },
  'read-before-punch/punch-block': {
    instruction: 'Stop. Read the block from top to bottom before a core is pressed in.',
    why: 'A pressed core must be cut and laid again.',
    checks: {
      'colour-order': 'The colours run in order, and no pair is turned over',
      'twist-kept': 'No pair is untwisted by more than {exposed}',
    },
  },
  'press-cores/punch-block': {
    instruction:
      'Press each core down with the block’s own blade, the cutting side to the end that comes off.',
    why: 'The wrong blade opens the clip for good.',
  },
  'prove-block/punch-block': {
    instruction: 'Check the block.',
    why: 'One offcut between two clips is a short that comes and goes.',
    checks: {
      'all-down': 'Every core is at the bottom of its clip, trimmed',
      'no-offcut': 'No offcut lies between the clips',
    },
  },
} satisfies StepWords;
