import { checks, operation, type Operation } from '../operation';
import { BARED, LABEL } from './prepare';
import { FIND_SIDE, INSPECT, strip } from './telephone-prepare';

/** A block for 25 pairs: combed in colour order, one pair a two-row step. */
export const PUNCH_BLOCK: readonly Operation[] = [
  FIND_SIDE,
  strip('jacket stripper', true),
  ...BARED,
  INSPECT,
  operation({
    id: 'tie-sheath',
    kind: 'tie',
    part: 'tie',
    needs: ['inspect-insulation'],
    blockedBy: ['press-cores'],
    instruction: 'Tie the sheath to the block’s frame.',
    why: 'A pull must end at the frame, not at the slots.',
    tools: ['side cutter'],
    seconds: 20,
    depth: 1,
    wayBack: 'Tie it now, with slack for the fan: nothing has to be taken off.',
  }),
  operation({
    id: 'comb-pairs',
    kind: 'order',
    layer: 'pairs',
    needs: ['inspect-insulation'],
    instruction:
      'Comb the pairs out in colour order, blue, orange, green, brown, slate, first with white. Keep every pair twisted.',
    why: 'Out of order, every pair after the slip is wrong.',
    seconds: 240,
    depth: 2,
  }),
  operation({
    id: 'lay-conductors',
    kind: 'insert',
    part: 'block',
    layer: 'conductors',
    needs: ['comb-pairs', 'tie-sheath'],
    instruction:
      'Lay the pairs from the top: the white-side core of a pair above, its partner below.',
    why: 'Laid first, the colours can be read down the block.',
    seconds: 300,
    depth: 3,
  }),
  operation({
    id: 'read-before-punch',
    kind: 'check',
    part: 'block',
    needs: ['lay-conductors'],
    instruction: 'Stop. Read the block from top to bottom before a core is pressed in.',
    why: 'A pressed core must be cut and laid again.',
    checks: checks({
      'colour-order': 'The colours run in order, and no pair is turned over',
      'twist-kept': 'No pair is untwisted by more than {exposed}',
    }),
    seconds: 60,
    depth: 3,
  }),
  operation({
    id: 'press-cores',
    kind: 'press',
    part: 'block',
    layer: 'conductors',
    fixes: true,
    needs: ['read-before-punch'],
    irreversible: true,
    instruction:
      'Press each core down with the block’s own blade, the cutting side to the end that comes off.',
    why: 'The wrong blade opens the clip for good.',
    tools: ['block punch tool'],
    seconds: 180,
    depth: 4,
  }),
  operation({
    id: 'prove-block',
    kind: 'check',
    part: 'block',
    needs: ['press-cores'],
    makes: ['prove-block', 'end-proven'],
    instruction: 'Check the block.',
    why: 'One offcut between two clips is a short that comes and goes.',
    checks: checks({
      'all-down': 'Every core is at the bottom of its clip, trimmed',
      'no-offcut': 'No offcut lies between the clips',
    }),
    seconds: 40,
    depth: 5,
  }),
  LABEL,
];
