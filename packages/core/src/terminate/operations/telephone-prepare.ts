import { checks, operation, type Operation } from '../operation';
import { BARE } from './prepare';

// What telephone cables ask for, whatever they end in.

export const strip = (tool: string, measures: boolean): Operation =>
  operation({
    id: 'strip-jacket',
    kind: 'strip',
    layer: 'jacket',
    ...(measures ? { measures: 'jacket' as const } : {}),
    needs: ['check-side'],
    makes: ['strip-jacket', 'jacket-off'],
    irreversible: true,
    instruction: 'Cut the jacket {strip} from the end and pull it off.',
    why: 'The cores must be free before they can be laid out.',
    tools: [tool],
    seconds: 20,
    depth: 0,
  });

export const INSPECT = operation({
  id: 'inspect-insulation',
  kind: 'check',
  layer: 'conductors',
  needs: ['strip-jacket', ...BARE],
  instruction: 'Look at the cores where the jacket was cut.',
  why: 'A nick now is a break later; here it costs one more cut.',
  checks: checks({ 'no-nick': 'No insulation is nicked' }),
  seconds: 8,
  depth: 1,
});

export const UNUSED_KEPT = operation({
  id: 'keep-unused',
  makes: ['unused-dealt-with'],
  kind: 'fold',
  layer: 'conductors',
  only: ['unused', 'unused-kept'],
  needs: ['inspect-insulation'],
  instruction:
    'Coil the unused cores back behind the socket, their ends insulated and apart: {unused}.',
  why: 'The school of this job: unused cores are kept. A bare end that touches another is a short.',
  seconds: 20,
  depth: 1,
});

export const UNUSED_CUT = operation({
  id: 'cut-unused',
  makes: ['unused-dealt-with'],
  kind: 'cut',
  layer: 'conductors',
  only: ['unused', 'unused-cut'],
  needs: ['inspect-insulation'],
  irreversible: true,
  instruction: 'Cut the unused cores back to the jacket: {unused}.',
  why: 'The school of this job: unused cores are cut.',
  tools: ['side cutter'],
  seconds: 15,
  depth: 1,
});

export const TIE_BEHIND = operation({
  id: 'tie-cable',
  kind: 'tie',
  part: 'tie',
  needs: ['inspect-insulation'],
  blockedBy: ['lay-conductors'],
  instruction:
    'Tie the jacket to the post behind the contacts, leave the cores a little slack, and cut the tie’s end off.',
  why: 'Tied now, nothing pulls on cores that lie in their slots; behind a closed plate it can’t be reached.',
  tools: ['side cutter'],
  seconds: 10,
  depth: 1,
  wayBack: 'Draw the cores out again, tie the jacket, and lay them anew.',
});

/** A line is proven where it is used. */
export const LISTEN = operation({
  id: 'listen',
  kind: 'check',
  part: 'socket',
  afterwards: true,
  instruction:
    'Once both ends are made: join the line again at the demarcation, plug a telephone in, listen for the tone without hum, and have it called until it rings.',
  why: 'A tester shows the pair; only a telephone shows tone, speech and ringing.',
  seconds: 90,
  depth: 9,
});

export const FIND_SIDE = operation({
  id: 'check-side',
  kind: 'check',
  part: 'socket',
  instruction: 'Stop. Find whose side of the line this is, and the line pair.',
  why: 'The provider’s side of the demarcation is not ours to open.',
  checks: checks({
    'our-side': 'This end is on our side of the demarcation',
    'line-off':
      'The line is disconnected at the demarcation, or this cable is proven dead with a meter',
  }),
  tools: ['meter'],
  seconds: 40,
  depth: 0,
});
