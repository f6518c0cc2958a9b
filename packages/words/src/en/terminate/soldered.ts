import type { StepWords } from '../../step-words';

export const SOLDERED = {
  'thread-backshell': {
    instruction:
      'Slide the backshell’s parts on, in their order, if it is one that goes over the cable.',
    why: 'It does not pass over the soldered connector.',
    wayBack:
      'It comes over the other end while that is bare; else unsolder the cores and begin again.',
  },
  'solder-cores/soldered': {
    instruction:
      'Solder one contact at a time, the inner row first: core in the cup, heat the cup, take the iron away.',
    why: 'One at a time, none of them is mistaken for its neighbour.',
  },
  'bond-shield': {
    instruction: 'Solder or clamp the shield’s tail to the shell, short.',
    why: 'A long tail is an aerial inside the shell.',
  },
  'inspect-joints/soldered': {
    instruction: 'Look at every joint before a sleeve covers it.',
    why: 'Under the sleeve nothing is seen any more.',
    checks: {
      'joints-bright': 'Every joint is smooth, and holds against a light tug',
      'no-bridge': 'No solder and no strand joins two contacts',
      'order-at-cups': 'The order at the cups reads: {order}',
    },
  },
  'shrink-sleeves/soldered': {
    instruction: 'Slide the sleeves over the joints and shrink them.',
    why: 'They keep the cups apart and take the bend off the joints.',
  },
  'test-continuity': {
    instruction: 'Test once with nothing powered, before the shell closes.',
    why: 'A short found here costs a minute; behind the shell it costs the end.',
    checks: {
      continuity: 'Every contact reaches its own core and no other',
      'no-short': 'No two contacts are joined that should not be, shell included',
    },
  },
  'test-supply': {
    instruction:
      'Test once more with the supply alone, if this plug carries one, before any signal.',
    why: 'A supply on a signal contact destroys what is plugged in.',
    checks: {
      supply:
        'Supply and ground are on their contacts with the right polarity, or there is no supply',
    },
  },
  'close-backshell': {
    instruction:
      'Set the jacket under the clamp and close the backshell, no core between its halves.',
    why: 'Last, since it covers everything.',
  },
} satisfies StepWords;
