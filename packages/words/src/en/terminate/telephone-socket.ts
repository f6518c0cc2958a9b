import type { StepWords } from '../../step-words';

const RINGS = 'Check how a telephone on this socket will ring.';
const SILENT =
  'A capacitor is seen on this socket, or what is plugged in rings without one: with neither capacitor nor bell wire such a telephone stays silent';

export const TELEPHONE_SOCKET = {
  'lay-conductors/telephone-socket': {
    instruction:
      'Lay each core in the slot of its contact, a little slack behind it: {order}. Keep the pair twisted up to its slots.',
    why: 'The line is on contacts 5 and 2. Laid first, all can be read before one is pressed; the slack lets one be laid again.',
  },
  'read-before-punch/telephone-socket': {
    instruction: 'Stop. Read the socket before a core is pressed in.',
    why: 'A pressed core must be cut and laid again.',
    checks: {
      'order-at-slots': 'Every core lies at its contact: {order}',
      'insertion-tool':
        'The tool in the hand is the insertion tool, not a screwdriver, which opens the slot for good',
    },
  },
  'press-cores/telephone-socket': {
    instruction: 'Press each core home with the insertion tool, its cutter outward.',
    why: 'The slot cuts through the insulation and holds the copper.',
  },
  'prove-socket': {
    instruction: 'Check the socket before it is closed.',
    why: 'The faceplate hides the slots.',
    checks: {
      'all-down': 'Every core is at the bottom of its slot, trimmed',
      'no-offcut': 'No offcut is left in the box',
    },
  },
  'close-socket/telephone-socket': {
    instruction: 'Fold the cable into the box without a kink and screw the faceplate on.',
    why: 'Last, since it covers everything.',
  },
  'check-capacitor-master': {
    instruction: RINGS,
    why: '{school}: capacitors. Capacitor and bell wire together load the line and make others’ bells tinkle.',
    checks: {
      'has-capacitor': 'The ringing capacitor is seen on this master',
      'no-bell-wire': 'No core lies in contact 3',
    },
  },
  'check-capacitor-secondary': {
    instruction: RINGS,
    why: 'A secondary has no capacitor unless it was bought with one, and in this school no bell wire comes to it.',
    checks: {
      'rings-itself': SILENT,
      'no-bell-wire': 'No core lies in contact 3',
    },
  },
  'check-capacitor-extension': {
    instruction: RINGS,
    why: 'An extension hangs on the socket before it: in this school nothing but the line pair comes from there.',
    checks: {
      'rings-itself': SILENT,
      'no-bell-wire': 'No core lies in contact 3, here and in the socket before it',
    },
  },
  'check-bell-wire-master': {
    instruction: RINGS,
    why: '{school}: a bell wire, fed by the one capacitor in the master.',
    checks: {
      'one-capacitor': 'The ringing capacitor is seen on this master',
      'bell-wire-leaves': 'The bell wire leaves from contact 3',
    },
  },
  'check-bell-wire-secondary': {
    instruction: RINGS,
    why: 'Two capacitors on one line load it: only the master has one.',
    checks: {
      'no-capacitor': 'This socket has no capacitor of its own',
      'bell-wire': 'Contact 3 is joined to contact 3 of the master',
    },
  },
  'check-bell-wire-extension': {
    instruction: RINGS,
    why: 'An extension gets its bell wire from the socket before it.',
    checks: {
      'no-capacitor': 'This socket has no capacitor of its own',
      'bell-wire': 'Contact 3 is joined to contact 3 of the socket before it',
    },
  },
} satisfies StepWords;
