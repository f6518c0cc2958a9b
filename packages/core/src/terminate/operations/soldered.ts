import { checks, operation, type Operation } from '../operation';
import { COMMON, TIN, sleeves } from './cores';
import { LABEL } from './prepare';

const THREAD_BACKSHELL = operation({
  id: 'thread-backshell',
  kind: 'thread-on',
  part: 'backshell',
  blockedBy: ['solder-cores'],
  instruction:
    'Slide the backshell’s parts on, in their order, if it is one that goes over the cable.',
  why: 'It does not pass over the soldered connector.',
  seconds: 8,
  depth: -1,
  wayBack:
    'It comes over the other end while that is bare; else unsolder the cores and begin again.',
});

/** D-sub, DIN and mini-DIN: backshell first, tin both, one contact at a time, two tests, then the shell. */
export const SOLDERED: readonly Operation[] = [
  THREAD_BACKSHELL,
  ...COMMON,
  sleeves(
    'solder-cores',
    'Unsolder the core, slide its sleeve on and solder it again: its joint can be undone.',
  ),
  TIN,
  operation({
    id: 'solder-cores',
    kind: 'solder',
    layer: 'conductors',
    fixes: true,
    needs: ['tin-both', 'unused-dealt-with', 'thread-sleeves'],
    instruction:
      'Solder one contact at a time, the inner row first: core in the cup, heat the cup, take the iron away.',
    why: 'One at a time, none of them is mistaken for its neighbour.',
    tools: ['soldering iron'],
    seconds: 180,
    depth: 5,
  }),
  operation({
    id: 'bond-shield',
    kind: 'solder',
    layer: 'braid',
    only: ['shield-bonded'],
    needs: ['solder-cores', 'gather-shield'],
    makes: ['shield-bonded'],
    instruction: 'Solder or clamp the shield’s tail to the shell, short.',
    why: 'A long tail is an aerial inside the shell.',
    tools: ['soldering iron'],
    seconds: 40,
    depth: 5,
  }),
  operation({
    id: 'inspect-joints',
    kind: 'check',
    needs: ['solder-cores', 'shield-bonded'],
    instruction: 'Look at every joint before a sleeve covers it.',
    why: 'Under the sleeve nothing is seen any more.',
    checks: checks({
      'joints-bright': 'Every joint is smooth, and holds against a light tug',
      'no-bridge': 'No solder and no strand joins two contacts',
      'order-at-cups': 'The order at the cups reads: {order}',
    }),
    seconds: 30,
    depth: 6,
  }),
  operation({
    id: 'shrink-sleeves',
    kind: 'shrink',
    part: 'sleeves',
    needs: ['thread-sleeves', 'inspect-joints'],
    instruction: 'Slide the sleeves over the joints and shrink them.',
    why: 'They keep the cups apart and take the bend off the joints.',
    tools: ['heat gun'],
    seconds: 60,
    depth: 6,
  }),
  operation({
    id: 'test-continuity',
    kind: 'check',
    needs: ['shrink-sleeves'],
    instruction: 'Test once with nothing powered, before the shell closes.',
    why: 'A short found here costs a minute; behind the shell it costs the end.',
    checks: checks({
      continuity: 'Every contact reaches its own core and no other',
      'no-short': 'No two contacts are joined that should not be, shell included',
    }),
    tools: ['meter'],
    seconds: 120,
    depth: 7,
  }),
  operation({
    id: 'test-supply',
    kind: 'check',
    needs: ['test-continuity'],
    makes: ['end-proven'],
    instruction:
      'Test once more with the supply alone, if this plug carries one, before any signal.',
    why: 'A supply on a signal contact destroys what is plugged in.',
    checks: checks({
      supply:
        'Supply and ground are on their contacts with the right polarity, or there is no supply',
    }),
    tools: ['meter'],
    seconds: 60,
    depth: 7,
  }),
  operation({
    id: 'close-backshell',
    kind: 'close',
    part: 'backshell',
    needs: ['thread-backshell', 'end-proven'],
    instruction:
      'Set the jacket under the clamp and close the backshell, no core between its halves.',
    why: 'Last, since it covers everything.',
    tools: ['screwdriver'],
    seconds: 60,
    depth: 8,
  }),
  LABEL,
];
