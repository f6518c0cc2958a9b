import type { StepWords } from '../../step-words';

const SEATED = {
  'dielectric-flush':
    'The white dielectric is level with the inside of the connector, not short of it',
  'no-strand': 'No strand of the braid is seen at the front',
  'braid-inside': 'The folded braid is inside the connector all round',
  'centre-length':
    'The centre conductor is as long as the connector’s sheet asks for: of an F, from level with the rim of its nut to 3 mm past it',
};

export const COAX_PUSHED_ON = {
  compress: {
    instruction: 'Set the tool’s head for this connector and compress it in one full stroke.',
    why: 'The wrong head stops short or crushes the nut.',
  },
  'set-connector/insert': {
    instruction:
      'Push the connector on with a twist until the dielectric is level with its inside.',
    why: 'Short of that, the compression moves nothing where it should be.',
  },
  'set-connector/screw': {
    instruction:
      'Screw the connector on clockwise over braid and jacket until the dielectric is level with its inside.',
    title: 'Screw the connector on',
    why: 'The thread grips the jacket only: it is quick, and it is weak.',
  },
  'check-before-compression': {
    instruction: 'Stop. Look into the connector before it is compressed.',
    why: 'There is no second try: a compressed connector is cut off.',
    checks: SEATED,
  },
  'check-seat': {
    instruction: 'Look into the connector.',
    why: 'It can still be unscrewed and cut again.',
    checks: SEATED,
  },
} satisfies StepWords;
