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
  kind: 'strip',
  measures: 'jacket',
  layer: 'jacket',
  needs: [],
  makes: ['jacket-off'],
  irreversible: true,
  instruction:
    'Score the jacket {strip} from the end, bend it to break the score, and pull it off.',
  why: 'The pairs must be free before they can be laid out.',
  tools: ['jacket stripper'],
  seconds: 25,
  depth: 0,
};

const STRIP_INNER: Operation = {
  ...PLAIN,
  id: 'strip-inner-jacket',
  kind: 'strip',
  layer: 'jacket',
  only: ['inner-jacket'],
  needs: ['jacket-off'],
  makes: ['inner-jacket-off'],
  irreversible: true,
  instruction: 'Score the inner jacket level with the outer one and pull it off.',
  why: 'A direct-burial cable has two jackets: the pairs lie under the second.',
  tools: ['jacket stripper'],
  seconds: 30,
  depth: 1,
};

const OPENED_UP = ['jacket-off', 'inner-jacket-off'] as const;

const FOLD_BRAID: Operation = {
  ...PLAIN,
  id: 'fold-braid',
  kind: 'fold',
  layer: 'foil',
  only: ['shell', 'braid'],
  needs: OPENED_UP,
  makes: ['braid-dealt-with'],
  instruction:
    'Comb the braid back over the jacket, flat and all round, and a drain wire with it, if there is one.',
  why: 'The shell must grip the braid, and no strand of it may reach a contact.',
  seconds: 40,
  depth: 1,
};

const CUT_BRAID: Operation = {
  ...PLAIN,
  id: 'cut-braid',
  kind: 'cut',
  layer: 'foil',
  only: ['shield-unused', 'braid'],
  needs: OPENED_UP,
  makes: ['braid-dealt-with'],
  irreversible: true,
  instruction: 'Cut the braid off flush with the jacket, every strand of it.',
  why: 'This connector has no shell to join: a loose strand would short contacts.',
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
  instruction: 'Fold the foil back over the jacket, its metal side out.',
  why: 'The shell must touch its metal side, and no foil may reach the contacts.',
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
  instruction: 'Wind the drain wire once round the folded foil and cut its end off there.',
  why: 'The plug’s shell presses drain and foil together.',
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
  instruction: 'Bend the drain wire back along the jacket, whole.',
  why: 'It is wanted at its full length on the jack’s post.',
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
  instruction: 'Cut foil and drain wire off flush with the jacket.',
  why: 'This connector has no shell to join: loose foil would touch the contacts.',
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
  instruction: 'Peel the foil off each pair, back to the jacket.',
  why: 'Foil that is left on a pair can touch a contact.',
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
  instruction: 'Cut water-blocking tape and threads off at the jacket.',
  why: 'They swell where they get wet, and draw water along where they stand out.',
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
  instruction:
    'Wipe the blocking gel off every pair, with a dry cloth or the cleaner that its sheet names.',
  why: 'Gel in a contact insulates it and draws dirt.',
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
  kind: 'check',
  layer: 'conductors',
  needs: ['jacket-off', ...BARE],
  makes: ['insulation-sound'],
  instruction: 'Look at the conductors all round where the jacket was scored.',
  why: 'A nick now is a break later; here it costs one more cut.',
  checks: [{ id: 'no-nick', text: 'No insulation is nicked where the jacket was scored' }],
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
  instruction: 'Label this end.',
  why: 'The tester’s result belongs to a name.',
  tools: ['label printer'],
  seconds: 15,
  depth: 9,
};
