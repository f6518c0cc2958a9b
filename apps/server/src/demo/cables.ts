import type { CableFact } from '@near-spoke/contract/reflect';

/** What was measured of the cables of the demonstration, in minutes after its first day’s begin. */
export const CABLE_FACTS: readonly (Pick<CableFact, 'cable' | 'reel' | 'deed'> & {
  readonly minute: number;
  /** Label of the link that it is about. */
  readonly link?: string;
})[] = [
  {
    minute: 330,
    link: 'AP07',
    cable: 'cat6a-uutp-solid',
    reel: 'Reel 3',
    deed: {
      kind: 'place',
      event: 'open',
      distanceM: { value: 41.3, u: 0.35 },
      sentence: 'Open at 41.3 m ± 0.7 m, by reflectometry from C1.',
    },
  },
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
    minute: 0,
    cable: 'cat6a-uutp-solid',
    reel: 'Reel 3',
    deed: { kind: 'got', lengthM: 305, markM: 305, marks: 'down' },
  },
  {
    minute: 3,
    cable: 'cat6a-uutp-solid',
    reel: 'Reel 3',
    deed: { kind: 'cut', lengthM: 17.6, markM: 287.4 },
  },
  {
    minute: 4,
    cable: 'cat6a-uutp-solid',
    reel: 'Reel 3',
    deed: { kind: 'reel', leftM: { value: 287.4, u: 0.9 } },
  },
  ...(
    [
      [60, 'AP03', 46.4, 241],
      [180, 'AP06', 59.1, 181.9],
      [300, 'AP07', 63.7, 118.2],
    ] as const
  ).map(([minute, link, lengthM, markM]) => ({
    minute,
    link,
    cable: 'cat6a-uutp-solid',
    reel: 'Reel 3',
    deed: { kind: 'cut' as const, lengthM, markM },
  })),
  {
    minute: 460,
    cable: 'cat6a-uutp-solid',
    reel: 'Reel 3',
    deed: { kind: 'reel', leftM: { value: 118.2, u: 0.5 } },
  },
];
