import type { StepWords } from '../../step-words';

export const PREPARE = {
  'strip-jacket/prepare': {
    instruction:
      'Score the jacket {strip} from the end, bend it to break the score, and pull it off.',
    why: 'The pairs must be free before they can be laid out.',
  },
  'strip-inner-jacket/prepare': {
    instruction: 'Score the inner jacket level with the outer one and pull it off.',
    why: 'A direct-burial cable has two jackets: the pairs lie under the second.',
  },
  'fold-braid/prepare': {
    instruction:
      'Comb the braid back over the jacket, flat and all round, and a drain wire with it, if there is one.',
    why: 'The shell must grip the braid, and no strand of it may reach a contact.',
  },
  'cut-braid/prepare': {
    instruction: 'Cut the braid off flush with the jacket, every strand of it.',
    why: 'This connector has no shell to join: a loose strand would short contacts.',
  },
  'fold-foil': {
    instruction: 'Fold the foil back over the jacket, its metal side out.',
    why: 'The shell must touch its metal side, and no foil may reach the contacts.',
  },
  'wind-drain': {
    instruction: 'Wind the drain wire once round the folded foil and cut its end off there.',
    why: 'The plug’s shell presses drain and foil together.',
  },
  'lay-drain': {
    instruction: 'Bend the drain wire back along the jacket, whole.',
    why: 'It is wanted at its full length on the jack’s post.',
  },
  'cut-foil': {
    instruction: 'Cut foil and drain wire off flush with the jacket.',
    why: 'This connector has no shell to join: loose foil would touch the contacts.',
  },
  'inspect-insulation/prepare': {
    instruction: 'Look at the conductors all round where the jacket was scored.',
    why: 'A nick now is a break later; here it costs one more cut.',
    checks: {
      'no-nick': 'No insulation is nicked where the jacket was scored',
    },
  },
  'label-end': {
    instruction: 'Label this end.',
    why: 'The tester’s result belongs to a name.',
  },
} satisfies StepWords;
