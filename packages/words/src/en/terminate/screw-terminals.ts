import type { StepWords } from '../../step-words';

export const SCREW_TERMINALS = {
  'strip-cores/screw-terminals': {
    instruction: 'Strip each core that is used, {tip} from its tip.',
    why: 'Longer, bare copper stands beside its neighbour; shorter, the screw holds insulation.',
  },
  'lay-conductors/screw-terminals': {
    instruction:
      'Bend each core round its screw the way the screw turns, a little slack behind it: {order}.',
    why: 'Bent the other way, the screw pushes the core out as it is tightened.',
  },
  'read-before-screw': {
    instruction: 'Stop. Read the terminals before the screws are tightened.',
    why: 'The line works either way round, but a polarity that is meant is found at once.',
    checks: {
      'order-at-terminals': 'Every core lies at its terminal: {order}',
      apart: 'No bare copper is near another terminal',
    },
  },
  'screw-cores': {
    instruction: 'Tighten each screw until the core holds and is not flattened.',
    why: 'A loose screw crackles; one that is forced cuts the core.',
  },
  'prove-terminals': {
    instruction: 'Check the terminals before the cover goes on.',
    why: 'The cover hides the screws.',
    checks: {
      tug: 'Every core holds against a light tug',
      'no-strand': 'No strand and no bare copper stands out from under a screw',
    },
  },
  'close-socket/screw-terminals': {
    instruction: 'Fold the cable into the box without a kink and put the cover on.',
    why: 'Last, since it covers everything.',
  },
  'keep-unused/screw-terminals': {
    instruction:
      'Coil the unused cores at the back of the box, their ends insulated and apart: {unused}.',
    why: '{school}: unused cores are kept. A bare end that touches another is a short.',
  },
} satisfies StepWords;
