import type { StepWords } from '../../step-words';

export const LAMP_TESTER = {
  'fit-lamps': {
    instruction:
      'Build the near box: for each of the four pairs one lamp with one resistor in series, from the battery’s plus to the pair’s first conductor; the second goes back to minus.',
    why: 'A lamp a pair shows a loop. It can’t show which end is which.',
  },
  'choose-lamps': {
    instruction: 'Stop. Choose lamps, resistors and battery together.',
    why: 'Without its resistor a lamp burns out, and without a fuse a shorted battery burns more.',
    checks: {
      resistor:
        'Each resistor holds its lamp to the current on the lamp’s sheet, at the battery’s voltage',
      fuse: 'The battery has a fuse or is one that can’t feed a fire',
    },
  },
  'make-loop': {
    instruction:
      'Build the far loop in a second plug or jack: join the two contacts of each pair, pair to pair apart.',
    why: 'The loop carries each lamp’s current back.',
  },
  'prove-tester': {
    instruction: 'Try the tester on a cord that is known to be good, then on bad ones.',
    why: 'A tester that has never shown a fault has not been tested.',
    checks: {
      good: 'All four lamps light through a good cord',
      open: 'One lamp stays dark when one conductor is open',
      blind:
        'All four light through a cord with the two wires of a pair swapped, or with pairs split: that is what it can’t see',
    },
  },
} satisfies StepWords;
