import type { CableFact } from '@near-spoke/contract/reflect';

/** What was measured of the cables of the demonstration, in minutes after its first day’s begin. */
export const CABLE_FACTS: readonly (Pick<CableFact, 'cable' | 'reel' | 'deed'> & {
  readonly minute: number;
})[] = [
  {
    minute: 2,
    cable: 'cat6a-uutp-solid',
    reel: 'Reel 3',
    deed: {
      kind: 'velocity',
      velocityFactor: { value: 0.684, u: 0.0021 },
      how: 'several-lengths',
    },
  },
  {
    minute: 4,
    cable: 'cat6a-uutp-solid',
    reel: 'Reel 3',
    deed: { kind: 'reel', leftM: { value: 287.4, u: 0.9 } },
  },
  {
    minute: 460,
    cable: 'cat6a-uutp-solid',
    reel: 'Reel 3',
    deed: { kind: 'reel', leftM: { value: 118.2, u: 0.5 } },
  },
];
