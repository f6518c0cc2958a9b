import { checks, operation, type Operation } from '../operation';
import { FOLDED, PROVE, WRAP } from './coax-prepare';
import { LABEL } from './prepare';

const pushedOn = (
  kind: 'insert' | 'screw',
  instruction: string,
  why: string,
  fixes: boolean,
): Operation =>
  operation({
    id: 'set-connector',
    kind,
    part: 'connector',
    fixes,
    needs: ['inspect-cuts'],
    irreversible: fixes,
    instruction,
    why,
    seconds: 20,
    depth: 4,
  });

const SEATED = checks({
  'dielectric-flush':
    'The white dielectric is level with the inside of the connector, not short of it',
  'no-strand': 'No strand of the braid is seen at the front',
  'braid-inside': 'The folded braid is inside the connector all round',
  'centre-length':
    'The centre conductor is as long as the connector’s sheet asks for: of an F, from level with the rim of its nut to 3 mm past it',
});

/** F, BNC and RCA, compressed: sized to the cable, one stroke, no second try. */
export const COAX_COMPRESSION: readonly Operation[] = [
  ...FOLDED,
  pushedOn(
    'insert',
    'Push the connector on with a twist until the dielectric is level with its inside.',
    'Short of that, the compression moves nothing where it should be.',
    false,
  ),
  operation({
    id: 'check-before-compression',
    kind: 'check',
    part: 'connector',
    needs: ['set-connector'],
    instruction: 'Stop. Look into the connector before it is compressed.',
    why: 'There is no second try: a compressed connector is cut off.',
    checks: SEATED,
    seconds: 15,
    depth: 4,
  }),
  operation({
    id: 'compress',
    kind: 'compress',
    part: 'connector',
    fixes: true,
    needs: ['check-before-compression'],
    irreversible: true,
    instruction: 'Set the tool’s head for this connector and compress it in one full stroke.',
    why: 'The wrong head stops short or crushes the nut.',
    tools: ['compression tool'],
    seconds: 15,
    depth: 5,
  }),
  { ...PROVE, needs: ['compress'] },
  WRAP,
  LABEL,
];

/** F, screwed on: quick and weak. */
export const COAX_SCREW_ON: readonly Operation[] = [
  ...FOLDED,
  pushedOn(
    'screw',
    'Screw the connector on clockwise over braid and jacket until the dielectric is level with its inside.',
    'The thread grips the jacket only: it is quick, and it is weak.',
    true,
  ),
  operation({
    id: 'check-seat',
    kind: 'check',
    part: 'connector',
    needs: ['set-connector'],
    instruction: 'Look into the connector.',
    why: 'It can still be unscrewed and cut again.',
    checks: SEATED,
    seconds: 15,
    depth: 5,
  }),
  { ...PROVE, needs: ['check-seat'] },
  WRAP,
  LABEL,
];
