import { checks, operation, type Operation } from '../operation';

// What ends whose cores are joined one by one have in common: from the whole cable to bare cores.

const STRIP = operation({
  id: 'strip-jacket',
  kind: 'strip',
  layer: 'jacket',
  measures: 'jacket',
  irreversible: true,
  instruction:
    'Score the jacket {strip} from the end, bend it to break the score, and pull it off.',
  why: 'The cores must be free before they can be laid out.',
  tools: ['jacket stripper'],
  seconds: 25,
  depth: 0,
});

const STRIP_INNER = operation({
  id: 'strip-inner-jacket',
  kind: 'strip',
  layer: 'jacket',
  only: ['inner-jacket'],
  needs: ['strip-jacket'],
  irreversible: true,
  instruction: 'Score the inner jacket level with the outer one and pull it off.',
  why: 'A direct-burial cable has two jackets: the cores lie under the second.',
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
  instruction: 'Peel the foil off each pair, back to the jacket.',
  why: 'Foil that is left on a pair can touch a contact.',
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
  instruction:
    'Wipe the blocking gel off every pair, with a dry cloth or the cleaner that its sheet names.',
  why: 'Gel in a contact insulates it and draws dirt.',
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
  instruction: 'Cut water-blocking tape and threads off at the jacket.',
  why: 'They swell where they get wet, and draw water along where they stand out.',
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
  instruction: 'Comb the braid out and twist it into one tail at the side of its contact{andFoil}.',
  why: 'The shield of this end is bonded: the tail is joined to the shell, or like a core.',
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
  instruction:
    'Cut the foil back to the jacket and leave the drain wire whole, at the side of its contact.',
  why: 'The shield of this end is bonded: the drain wire is joined to the shell, or like a core.',
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
  instruction: 'Cut {shieldNames} back to the jacket and cover the edge with a turn of tape.',
  why: 'The shield of this end stays open: it is bonded at the other end only, or this connector has no place for it.',
  tools: ['side cutter'],
  seconds: 30,
  depth: 1,
});

const INSPECT = operation({
  id: 'inspect-insulation',
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
  instruction: 'Look at the cores where the jacket was scored.',
  why: 'A nick now is a break later; here it costs one more cut.',
  checks: checks({
    'no-nick': 'No insulation is nicked',
    'no-stray-strand': 'No strand of a shield, if there is one, is left between the cores',
  }),
  seconds: 10,
  depth: 1,
});

export const sleeves = (blockedBy: string, wayBack: string, only: readonly string[] = []) =>
  operation({
    id: 'thread-sleeves',
    kind: 'thread-on',
    part: 'sleeves',
    only,
    needs: ['inspect-insulation'],
    blockedBy: [blockedBy],
    instruction: 'Slide a sleeve over every core that will be joined, well back from the heat.',
    why: 'No sleeve goes on over a finished joint.',
    seconds: 40,
    depth: 2,
    wayBack,
  });

export const STRIP_CORES = operation({
  id: 'strip-cores',
  kind: 'strip',
  layer: 'insulation',
  measures: 'insulation',
  needs: ['inspect-insulation', 'order-cores'],
  irreversible: true,
  instruction: 'Strip each core that is used, {tip} from its tip.',
  why: 'Longer, bare copper stands beside its neighbour; shorter, the joint has nothing to hold.',
  tools: ['wire stripper'],
  seconds: 60,
  depth: 3,
});

const ORDER = operation({
  id: 'order-cores',
  kind: 'order',
  layer: 'conductors',
  needs: ['inspect-insulation'],
  instruction: 'Lay the cores out by their contacts, read on the wiring side: {order}.',
  why: 'The wiring side is the mirror image of the mating face: most slips are made here.',
  seconds: 45,
  depth: 2,
});

/** In a joint there are no contacts: colour meets colour. */
export const ORDER_JOINT: Operation = {
  ...ORDER,
  instruction: 'Lay the cores of both sides out, {meeting}: {order}.',
  why: 'A pair that is crossed in a joint is found at neither end.',
};

export const TIN = operation({
  id: 'tin-both',
  kind: 'tin',
  layer: 'conductors',
  needs: ['strip-cores'],
  instruction: 'Tin every core’s end and every cup that is used, with rosin-cored solder.',
  why: 'Two tinned parts join in a second, before the insulation draws back.',
  tools: ['soldering iron'],
  seconds: 90,
  depth: 4,
});

export const KEEP_UNUSED = operation({
  id: 'keep-unused',
  kind: 'fold',
  layer: 'conductors',
  only: ['unused', 'unused-kept'],
  needs: ['order-cores'],
  makes: ['unused-dealt-with'],
  instruction: 'Fold the unused cores back and insulate each end on its own: {unused}.',
  why: 'The school of this job: unused cores are kept. A bare end in a shell finds a contact.',
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
  instruction: 'Cut the unused cores back to the jacket: {unused}.',
  why: 'The school of this job: unused cores are cut.',
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
