import { checks, operation, type Operation } from '../operation';

// What telephone cables ask for, whatever they end in.

export const strip = (tool: string, measures: boolean): Operation =>
  operation({
    id: 'strip-jacket',
    kind: 'strip',
    layer: 'jacket',
    ...(measures ? { measures: 'jacket' as const } : {}),
    needs: ['check-side'],
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
  needs: ['strip-jacket', 'wipe-gel'],
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
