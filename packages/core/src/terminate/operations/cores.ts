import { operation, type Operation } from '../operation';

// What ends whose cores are joined one by one have in common: from the whole cable to bare cores.

const STRIP = operation({
  id: 'strip-jacket',
  wording: 'strip-jacket/cores',
  kind: 'strip',
  layer: 'jacket',
  measures: 'jacket',
  irreversible: true,
  tools: ['jacket stripper'],
  seconds: 25,
  depth: 0,
});

const STRIP_INNER = operation({
  id: 'strip-inner-jacket',
  wording: 'strip-inner-jacket/cores',
  kind: 'strip',
  layer: 'jacket',
  only: ['inner-jacket'],
  needs: ['strip-jacket'],
  irreversible: true,
  tools: ['jacket stripper'],
  seconds: 30,
  depth: 1,
});

const PEEL = operation({
  id: 'peel-pair-foil',
  kind: 'cut',
  layer: 'foil',
  only: ['pair-foil'],
  needs: ['shield-dealt-with'],
  makes: ['peel-pair-foil'],
  irreversible: true,
  tools: ['side cutter'],
  seconds: 40,
  depth: 1,
});

export const WIPE = operation({
  id: 'wipe-gel',
  kind: 'clean',
  layer: 'pairs',
  only: ['gel'],
  needs: ['strip-jacket', 'strip-inner-jacket', 'shield-dealt-with', 'peel-pair-foil'],
  tools: ['cloth'],
  seconds: 60,
  depth: 1,
});

const CUT_BLOCKING = operation({
  id: 'cut-blocking',
  kind: 'cut',
  layer: 'tape',
  only: ['dry-block'],
  needs: ['strip-jacket', 'strip-inner-jacket'],
  irreversible: true,
  tools: ['side cutter'],
  seconds: 15,
  depth: 1,
});

const BOND_TAIL = operation({
  id: 'gather-shield',
  kind: 'fold',
  layer: 'braid',
  only: ['shield-bonded', 'braid'],
  needs: ['strip-jacket', 'strip-inner-jacket'],
  makes: ['gather-shield', 'shield-dealt-with'],
  seconds: 40,
  depth: 1,
});

const BOND_DRAIN = operation({
  id: 'gather-drain',
  kind: 'fold',
  layer: 'foil',
  only: ['shield-bonded', 'drain-only'],
  needs: ['strip-jacket', 'strip-inner-jacket'],
  makes: ['gather-shield', 'shield-dealt-with'],
  tools: ['side cutter'],
  seconds: 25,
  depth: 1,
});

const FLOAT_SHIELD = operation({
  id: 'float-shield',
  kind: 'cut',
  layer: 'braid',
  only: ['shield-floated'],
  needs: ['strip-jacket', 'strip-inner-jacket'],
  makes: ['shield-dealt-with'],
  irreversible: true,
  tools: ['side cutter'],
  seconds: 30,
  depth: 1,
});

const INSPECT = operation({
  id: 'inspect-insulation',
  wording: 'inspect-insulation/cores',
  kind: 'check',
  layer: 'conductors',
  needs: [
    'strip-jacket',
    'strip-inner-jacket',
    'wipe-gel',
    'cut-blocking',
    'shield-dealt-with',
    'peel-pair-foil',
  ],
  checks: ['no-nick', 'no-stray-strand'],
  seconds: 10,
  depth: 1,
});

export const sleeves = (
  blockedBy: string,
  wording: 'thread-sleeves/cups' | 'thread-sleeves/joints',
  only: readonly string[] = [],
) =>
  operation({
    id: 'thread-sleeves',
    wording,
    kind: 'thread-on',
    part: 'sleeves',
    only,
    needs: ['inspect-insulation'],
    blockedBy: [blockedBy],
    seconds: 40,
    depth: 2,
  });

export const STRIP_CORES = operation({
  id: 'strip-cores',
  wording: 'strip-cores/cores',
  kind: 'strip',
  layer: 'insulation',
  measures: 'insulation',
  needs: ['inspect-insulation', 'order-cores'],
  irreversible: true,
  tools: ['wire stripper'],
  seconds: 60,
  depth: 3,
});

const ORDER = operation({
  id: 'order-cores',
  kind: 'order',
  layer: 'conductors',
  needs: ['inspect-insulation'],
  seconds: 45,
  depth: 2,
});

/** In a joint there are no contacts: colour meets colour. */
export const ORDER_JOINT: Operation = {
  ...ORDER,
  wording: 'order-cores/joint',
};

export const TIN = operation({
  id: 'tin-both',
  kind: 'tin',
  layer: 'conductors',
  needs: ['strip-cores'],
  tools: ['soldering iron'],
  seconds: 90,
  depth: 4,
});

export const KEEP_UNUSED = operation({
  id: 'keep-unused',
  wording: 'keep-unused/cores',
  kind: 'fold',
  layer: 'conductors',
  only: ['unused', 'unused-kept'],
  needs: ['order-cores'],
  makes: ['unused-dealt-with'],
  seconds: 30,
  depth: 3,
});

export const CUT_UNUSED = operation({
  id: 'cut-unused',
  kind: 'cut',
  layer: 'conductors',
  only: ['unused', 'unused-cut'],
  needs: ['order-cores'],
  makes: ['unused-dealt-with'],
  irreversible: true,
  tools: ['side cutter'],
  seconds: 15,
  depth: 3,
});

const UNUSED = [KEEP_UNUSED, CUT_UNUSED];

/** From the whole cable to cores that can be laid out. */
export const OPEN = [
  STRIP,
  STRIP_INNER,
  BOND_TAIL,
  BOND_DRAIN,
  FLOAT_SHIELD,
  PEEL,
  CUT_BLOCKING,
  WIPE,
  INSPECT,
];

export const PREPARED_CORES = [...OPEN, STRIP_CORES, ...UNUSED];
export const COMMON = [...PREPARED_CORES, ORDER];
