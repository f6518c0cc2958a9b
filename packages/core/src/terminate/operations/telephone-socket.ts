import { checks, operation, type Operation } from '../operation';
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
  why: string,
  rows: Readonly<Record<string, string>>,
): Operation =>
  operation({
    id: `check-${school}-${kind}`,
    kind: 'check',
    part: 'socket',
    only: [`ringing-${school}`, kind],
    needs: ['lay-conductors'],
    makes: ['ringing-checked'],
    instruction: 'Check how a telephone on this socket will ring.',
    why,
    checks: checks(rows),
    seconds: 10,
    depth: 3,
  });

const SILENT =
  'A capacitor is seen on this socket, or what is plugged in rings without one: with neither capacitor nor bell wire such a telephone stays silent';

const RINGING: readonly Operation[] = [
  ringing(
    'capacitor',
    'master',
    'The school of this job: capacitors. Capacitor and bell wire together load the line and make others’ bells tinkle.',
    {
      'has-capacitor': 'The ringing capacitor is seen on this master',
      'no-bell-wire': 'No core lies in contact 3',
    },
  ),
  ringing(
    'capacitor',
    'secondary',
    'A secondary has no capacitor unless it was bought with one, and in this school no bell wire comes to it.',
    { 'rings-itself': SILENT, 'no-bell-wire': 'No core lies in contact 3' },
  ),
  ringing(
    'capacitor',
    'extension',
    'An extension hangs on the socket before it: in this school nothing but the line pair comes from there.',
    {
      'rings-itself': SILENT,
      'no-bell-wire': 'No core lies in contact 3, here and in the socket before it',
    },
  ),
  ringing(
    'bell-wire',
    'master',
    'The school of this job: a bell wire, fed by the one capacitor in the master.',
    {
      'one-capacitor': 'The ringing capacitor is seen on this master',
      'bell-wire-leaves': 'The bell wire leaves from contact 3',
    },
  ),
  ringing(
    'bell-wire',
    'secondary',
    'Two capacitors on one line load it: only the master has one.',
    {
      'no-capacitor': 'This socket has no capacitor of its own',
      'bell-wire': 'Contact 3 is joined to contact 3 of the master',
    },
  ),
  ringing('bell-wire', 'extension', 'An extension gets its bell wire from the socket before it.', {
    'no-capacitor': 'This socket has no capacitor of its own',
    'bell-wire': 'Contact 3 is joined to contact 3 of the socket before it',
  }),
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
    kind: 'insert',
    part: 'socket',
    layer: 'conductors',
    needs: ['inspect-insulation', 'unused-dealt-with', 'tie-cable'],
    instruction:
      'Lay each core in the slot of its contact, a little slack behind it: {order}. Keep the pair twisted up to its slots.',
    why: 'The line is on contacts 5 and 2. Laid first, all can be read before one is pressed; the slack lets one be laid again.',
    seconds: 30,
    depth: 3,
  }),
  ...RINGING,
  operation({
    id: 'read-before-punch',
    kind: 'check',
    part: 'socket',
    needs: ['lay-conductors', 'ringing-checked'],
    instruction: 'Stop. Read the socket before a core is pressed in.',
    why: 'A pressed core must be cut and laid again.',
    checks: checks({
      'order-at-slots': 'Every core lies at its contact: {order}',
      'insertion-tool':
        'The tool in the hand is the insertion tool, not a screwdriver, which opens the slot for good',
    }),
    seconds: 15,
    depth: 3,
  }),
  operation({
    id: 'press-cores',
    kind: 'press',
    part: 'socket',
    layer: 'conductors',
    fixes: true,
    needs: ['read-before-punch'],
    irreversible: true,
    instruction: 'Press each core home with the insertion tool, its cutter outward.',
    why: 'The slot cuts through the insulation and holds the copper.',
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
    instruction: 'Check the socket before it is closed.',
    why: 'The faceplate hides the slots.',
    checks: checks({
      'all-down': 'Every core is at the bottom of its slot, trimmed',
      'no-offcut': 'No offcut is left in the box',
    }),
    seconds: 12,
    depth: 5,
  }),
  operation({
    id: 'close-socket',
    kind: 'close',
    part: 'socket',
    needs: ['prove-socket'],
    instruction: 'Fold the cable into the box without a kink and screw the faceplate on.',
    why: 'Last, since it covers everything.',
    tools: ['screwdriver'],
    seconds: 40,
    depth: 6,
  }),
  LISTEN,
  LABEL,
];
