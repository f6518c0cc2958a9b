import { checks, operation, type Operation } from '../operation';
import { WIPE } from './cores';
import { LABEL } from './prepare';
import { FIND_SIDE, INSPECT, UNUSED_CUT, UNUSED_KEPT, strip } from './telephone-prepare';

const lay = (why: string): Operation =>
  operation({
    id: 'lay-conductors',
    kind: 'insert',
    part: 'socket',
    layer: 'conductors',
    needs: ['inspect-insulation', 'unused-dealt-with'],
    instruction:
      'Lay each core in the slot of its contact: {order}. Keep the pair twisted up to its slots.',
    why,
    seconds: 30,
    depth: 3,
  });

/** Master, secondary and extension: the line on 5 and 2, the bell wire on 3 or none. */
export const TELEPHONE_SOCKET: readonly Operation[] = [
  FIND_SIDE,
  strip('jacket stripper', true),
  WIPE,
  INSPECT,
  UNUSED_KEPT,
  UNUSED_CUT,
  lay('The line is on contacts 5 and 2. Laid first, all can be read before one is pressed.'),
  operation({
    id: 'check-ringing',
    kind: 'check',
    part: 'socket',
    only: ['ringing-capacitor'],
    needs: ['lay-conductors'],
    instruction: 'Check how this socket rings: by a capacitor, not by a bell wire.',
    why: 'The school of this job: capacitors. Both together load the line and make others’ bells tinkle.',
    checks: checks({ 'no-bell-wire': 'No core lies in contact 3' }),
    seconds: 8,
    depth: 3,
  }),
  operation({
    id: 'check-bell-wire',
    kind: 'check',
    part: 'socket',
    only: ['ringing-bell-wire'],
    needs: ['lay-conductors'],
    instruction: 'Check how this socket rings: by the bell wire on contact 3.',
    why: 'The school of this job: a bell wire, fed by the one capacitor in the master.',
    checks: checks({
      'one-capacitor': 'Only the master has a capacitor, and contact 3 is joined to its contact 3',
    }),
    seconds: 8,
    depth: 3,
  }),
  operation({
    id: 'read-before-punch',
    kind: 'check',
    part: 'socket',
    needs: ['lay-conductors', 'check-ringing', 'check-bell-wire'],
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
    id: 'tie-cable',
    kind: 'tie',
    part: 'tie',
    needs: ['press-cores'],
    blockedBy: ['close-socket'],
    instruction: 'Tie the cable to the socket’s post.',
    why: 'Behind the closed faceplate it can’t be reached.',
    tools: ['side cutter'],
    seconds: 10,
    depth: 5,
    wayBack: 'Take the faceplate off again: two screws.',
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
    needs: ['prove-socket', 'tie-cable'],
    instruction: 'Fold the cable into the box without a kink and screw the faceplate on.',
    why: 'Last, since it covers everything.',
    tools: ['screwdriver'],
    seconds: 40,
    depth: 6,
  }),
  LABEL,
];
