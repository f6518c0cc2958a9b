import { checks, operation, type Operation } from '../operation';
import * as modular from './modular-plug';

const FIT_LAMPS = operation({
  id: 'fit-lamps',
  kind: 'solder',
  part: 'lamps',
  needs: ['choose-lamps'],
  instruction:
    'Build the near box: for each of the four pairs one lamp with one resistor in series, from the battery’s plus to the pair’s first conductor; the second goes back to minus.',
  why: 'A lamp a pair shows a loop. It can’t show which end is which.',
  tools: ['soldering iron'],
  seconds: 900,
  depth: 8,
});

/** A loop-back plug, one lamp and one resistor a pair, a battery: a project that teaches what it can’t see. */
export const LAMP_TESTER: readonly Operation[] = [
  ...modular.MODULAR_PLUG,
  operation({
    id: 'choose-lamps',
    kind: 'check',
    part: 'lamps',
    needs: ['boot-seated', 'end-proven'],
    instruction: 'Stop. Choose lamps, resistors and battery together.',
    why: 'Without its resistor a lamp burns out, and without a fuse a shorted battery burns more.',
    checks: checks({
      resistor:
        'Each resistor holds its lamp to the current on the lamp’s sheet, at the battery’s voltage',
      fuse: 'The battery has a fuse or is one that can’t feed a fire',
    }),
    seconds: 120,
    depth: 8,
  }),
  FIT_LAMPS,
  operation({
    id: 'make-loop',
    kind: 'solder',
    part: 'contacts',
    needs: ['choose-lamps'],
    instruction:
      'Build the far loop in a second plug or jack: join the two contacts of each pair, pair to pair apart.',
    why: 'The loop carries each lamp’s current back.',
    tools: ['soldering iron'],
    seconds: 300,
    depth: 8,
  }),
  operation({
    id: 'prove-tester',
    kind: 'check',
    part: 'battery',
    needs: ['fit-lamps', 'make-loop'],
    makes: ['tester-proven'],
    instruction: 'Try the tester on a cord that is known to be good, then on bad ones.',
    why: 'A tester that has never shown a fault has not been tested.',
    checks: checks({
      good: 'All four lamps light through a good cord',
      open: 'One lamp stays dark when one conductor is open',
      blind:
        'All four light through a cord with the two wires of a pair swapped, or with pairs split: that is what it can’t see',
    }),
    seconds: 180,
    depth: 9,
  }),
];
