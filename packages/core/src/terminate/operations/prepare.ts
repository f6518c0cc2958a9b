import type { Operation } from '../operation';

// What every four-pair cable asks for, whatever connector it gets: from the jacket to bare pairs.

/** What most operations have in common. */
export const PLAIN = {
  only: [],
  blockedBy: [],
  irreversible: false,
  fixes: false,
  checks: [],
  tools: [],
} as const;

const STRIP: Operation = {
  ...PLAIN,
  id: 'strip-jacket',
  wording: 'strip-jacket/prepare',
  kind: 'strip',
  measures: 'jacket',
  layer: 'jacket',
  needs: [],
  makes: ['jacket-off'],
  irreversible: true,
  tools: ['jacket stripper'],
  seconds: 25,
  depth: 0,
};

const STRIP_INNER: Operation = {
  ...PLAIN,
  id: 'strip-inner-jacket',
  wording: 'strip-inner-jacket/prepare',
  kind: 'strip',
  layer: 'jacket',
  only: ['inner-jacket'],
  needs: ['jacket-off'],
  makes: ['inner-jacket-off'],
  irreversible: true,
  tools: ['jacket stripper'],
  seconds: 30,
  depth: 1,
};

const OPENED_UP = ['jacket-off', 'inner-jacket-off'] as const;

const FOLD_BRAID: Operation = {
  ...PLAIN,
  id: 'fold-braid',
  wording: 'fold-braid/prepare',
  kind: 'fold',
  layer: 'foil',
  only: ['shell', 'braid'],
  needs: OPENED_UP,
  makes: ['braid-dealt-with'],
  seconds: 40,
  depth: 1,
};

const CUT_BRAID: Operation = {
  ...PLAIN,
  id: 'cut-braid',
  wording: 'cut-braid/prepare',
  kind: 'cut',
  layer: 'foil',
  only: ['shield-unused', 'braid'],
  needs: OPENED_UP,
  makes: ['braid-dealt-with'],
  irreversible: true,
  tools: ['side cutter'],
  seconds: 30,
  depth: 1,
};

const FOLD_FOIL: Operation = {
  ...PLAIN,
  id: 'fold-foil',
  kind: 'fold',
  layer: 'foil',
  only: ['shell', 'foil'],
  needs: OPENED_UP,
  makes: ['foil-folded', 'foil-dealt-with'],
  seconds: 20,
  depth: 1,
};

const WIND_DRAIN: Operation = {
  ...PLAIN,
  id: 'wind-drain',
  kind: 'wrap',
  layer: 'drain',
  only: ['shell', 'foil', 'shell-grips'],
  needs: ['foil-folded'],
  makes: ['drain-dealt-with'],
  tools: ['side cutter'],
  seconds: 15,
  depth: 1,
};

const LAY_DRAIN: Operation = {
  ...PLAIN,
  id: 'lay-drain',
  kind: 'fold',
  layer: 'drain',
  only: ['shell', 'foil', 'drain-post'],
  needs: ['foil-folded'],
  makes: ['drain-dealt-with'],
  seconds: 5,
  depth: 1,
};

const CUT_FOIL: Operation = {
  ...PLAIN,
  id: 'cut-foil',
  kind: 'cut',
  layer: 'foil',
  only: ['shield-unused', 'foil'],
  needs: OPENED_UP,
  makes: ['foil-dealt-with'],
  irreversible: true,
  tools: ['side cutter'],
  seconds: 15,
  depth: 1,
};

const PEEL_PAIR_FOIL: Operation = {
  ...PLAIN,
  id: 'peel-pair-foil',
  kind: 'cut',
  layer: 'foil',
  only: ['pair-foil'],
  needs: [...OPENED_UP, 'braid-dealt-with'],
  makes: ['pairs-bare'],
  irreversible: true,
  tools: ['side cutter'],
  seconds: 40,
  depth: 1,
};

const CUT_BLOCKING: Operation = {
  ...PLAIN,
  id: 'cut-blocking',
  kind: 'cut',
  layer: 'tape',
  only: ['dry-block'],
  needs: OPENED_UP,
  makes: ['blocking-off'],
  irreversible: true,
  tools: ['side cutter'],
  seconds: 15,
  depth: 1,
};

const WIPE_GEL: Operation = {
  ...PLAIN,
  id: 'wipe-gel',
  kind: 'clean',
  layer: 'pairs',
  only: ['gel'],
  needs: [...OPENED_UP, 'foil-dealt-with', 'braid-dealt-with', 'pairs-bare'],
  makes: ['gel-off'],
  tools: ['cloth'],
  seconds: 60,
  depth: 1,
};

/** What lies between an opened jacket and clean pairs, whatever connector follows. */
export const BARED: readonly Operation[] = [
  STRIP_INNER,
  FOLD_BRAID,
  CUT_BRAID,
  FOLD_FOIL,
  WIND_DRAIN,
  LAY_DRAIN,
  CUT_FOIL,
  PEEL_PAIR_FOIL,
  CUT_BLOCKING,
  WIPE_GEL,
];

/** What is true once they are bare. */
export const BARE = [
  'inner-jacket-off',
  'foil-dealt-with',
  'drain-dealt-with',
  'braid-dealt-with',
  'pairs-bare',
  'blocking-off',
  'gel-off',
] as const;

const INSPECT: Operation = {
  ...PLAIN,
  id: 'inspect-insulation',
  wording: 'inspect-insulation/prepare',
  kind: 'check',
  layer: 'conductors',
  needs: ['jacket-off', ...BARE],
  makes: ['insulation-sound'],
  checks: ['no-nick'],
  seconds: 8,
  depth: 1,
};

/** From the whole cable to pairs that can be laid out; each connector goes on from PREPARED. */
export const PREPARE: readonly Operation[] = [STRIP, ...BARED, INSPECT];

/** What has to be true before the pairs are laid out. */
export const PREPARED = ['insulation-sound'] as const;

export const LABEL: Operation = {
  ...PLAIN,
  id: 'label-end',
  kind: 'label',
  part: 'label',
  needs: ['end-proven'],
  makes: ['end-labelled'],
  tools: ['label printer'],
  seconds: 15,
  depth: 9,
};
