import { operation, type Operation } from '../operation';
import { BARED, LABEL } from './prepare';
import {
  FIND_SIDE,
  INSPECT,
  LISTEN,
  TIE_BEHIND,
  UNUSED_CUT,
  UNUSED_KEPT,
  strip,
} from './telephone-prepare';

/** How one kind of socket rings, in the school of the job: what to look for before a core is pressed. */
const ringing = (
  school: 'capacitor' | 'bell-wire',
  kind: 'master' | 'secondary' | 'extension',
  checks: readonly string[],
): Operation =>
  operation({
    id: `check-${school}-${kind}`,
    kind: 'check',
    part: 'socket',
    only: [`ringing-${school}`, kind],
    needs: ['lay-conductors'],
    makes: ['ringing-checked'],
    checks,
    seconds: 10,
    depth: 3,
  });

const RINGING: readonly Operation[] = [
  ringing('capacitor', 'master', ['has-capacitor', 'no-bell-wire']),
  ringing('capacitor', 'secondary', ['rings-itself', 'no-bell-wire']),
  ringing('capacitor', 'extension', ['rings-itself', 'no-bell-wire']),
  ringing('bell-wire', 'master', ['one-capacitor', 'bell-wire-leaves']),
  ringing('bell-wire', 'secondary', ['no-capacitor', 'bell-wire']),
  ringing('bell-wire', 'extension', ['no-capacitor', 'bell-wire']),
];

/** Master, secondary and extension: the line on 5 and 2, the bell wire on 3 or none. */
export const TELEPHONE_SOCKET: readonly Operation[] = [
  FIND_SIDE,
  strip('jacket stripper', true),
  ...BARED,
  INSPECT,
  TIE_BEHIND,
  UNUSED_KEPT,
  UNUSED_CUT,
  operation({
    id: 'lay-conductors',
    wording: 'lay-conductors/telephone-socket',
    kind: 'insert',
    part: 'socket',
    layer: 'conductors',
    needs: ['inspect-insulation', 'unused-dealt-with', 'tie-cable'],
    seconds: 30,
    depth: 3,
  }),
  ...RINGING,
  operation({
    id: 'read-before-punch',
    wording: 'read-before-punch/telephone-socket',
    kind: 'check',
    part: 'socket',
    needs: ['lay-conductors', 'ringing-checked'],
    checks: ['order-at-slots', 'insertion-tool'],
    seconds: 15,
    depth: 3,
  }),
  operation({
    id: 'press-cores',
    wording: 'press-cores/telephone-socket',
    kind: 'press',
    part: 'socket',
    layer: 'conductors',
    fixes: true,
    needs: ['read-before-punch'],
    irreversible: true,
    tools: ['insertion tool'],
    seconds: 30,
    depth: 4,
  }),
  operation({
    id: 'prove-socket',
    kind: 'check',
    part: 'socket',
    needs: ['press-cores'],
    makes: ['prove-socket', 'end-proven'],
    checks: ['all-down', 'no-offcut'],
    seconds: 12,
    depth: 5,
  }),
  operation({
    id: 'close-socket',
    wording: 'close-socket/telephone-socket',
    kind: 'close',
    part: 'socket',
    needs: ['prove-socket'],
    tools: ['screwdriver'],
    seconds: 40,
    depth: 6,
  }),
  LISTEN,
  LABEL,
];
