import type { StepWords } from '../../step-words';

export const TELEPHONE_PREPARE = {
  'strip-jacket/telephone-prepare': {
    instruction: 'Cut the jacket {strip} from the end and pull it off.',
    why: 'The cores must be free before they can be laid out.',
  },
  'inspect-insulation/telephone-prepare': {
    instruction: 'Look at the cores where the jacket was cut.',
    why: 'A nick now is a break later; here it costs one more cut.',
    checks: {
      'no-nick': 'No insulation is nicked',
    },
  },
  'keep-unused/telephone-prepare': {
    instruction:
      'Coil the unused cores back behind the socket, their ends insulated and apart: {unused}.',
    why: '{school}: unused cores are kept. A bare end that touches another is a short.',
  },
  'tie-cable': {
    instruction:
      'Tie the jacket to the post behind the contacts, leave the cores a little slack, and cut the tie’s end off.',
    why: 'Tied now, nothing pulls on cores that lie in their slots; behind a closed plate it can’t be reached.',
    wayBack: 'Draw the cores out again, tie the jacket, and lay them anew.',
  },
  listen: {
    instruction:
      'Once both ends are made: join the line again at the demarcation, plug a telephone in, listen for the tone without hum, and have it called until it rings.',
    why: 'A tester shows the pair; only a telephone shows tone, speech and ringing.',
  },
  'check-side': {
    instruction: 'Stop. Find whose side of the line this is, and the line pair.',
    why: 'The provider’s side of the demarcation is not ours to open.',
    checks: {
      'our-side': 'This end is on our side of the demarcation',
      'line-off':
        'The line is disconnected at the demarcation, or this cable is proven dead with a meter',
    },
  },
} satisfies StepWords;
