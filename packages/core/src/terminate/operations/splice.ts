import { operation, type Operation } from '../operation';
import { LABEL } from './prepare';
import { CUT_UNUSED, KEEP_UNUSED, OPEN, ORDER_JOINT, STRIP_CORES, sleeves } from './cores';

const AREA = operation({
  id: 'check-area',
  kind: 'check',
  part: 'joint',
  checks: ['area-enough', 'insulation-whole'],
  seconds: 20,
  depth: -2,
});

/** A cable is opened only when both have been compared. */
const OPENED = OPEN.map((row) =>
  row.id === 'strip-jacket' ? { ...row, needs: ['check-area'] } : row,
);

const outerShrink = (blockedBy: string): Operation =>
  operation({
    id: 'thread-shrink',
    wording: 'thread-shrink/splice',
    kind: 'thread-on',
    part: 'shrink',
    blockedBy: [blockedBy],
    seconds: 5,
    depth: -1,
  });

const STAGGER = operation({
  id: 'stagger-cores',
  kind: 'cut',
  layer: 'conductors',
  needs: ['order-cores'],
  irreversible: true,
  tools: ['side cutter'],
  seconds: 40,
  depth: 2,
});

const shieldAcross = (needs: readonly string[]): Operation =>
  operation({
    id: 'join-shield',
    kind: 'solder',
    layer: 'braid',
    only: ['shield-bonded'],
    needs: ['gather-shield', ...needs],
    tools: ['soldering iron'],
    seconds: 60,
    depth: 6,
  });

const cover = (needs: readonly string[]): Operation =>
  operation({
    id: 'shrink-outer',
    wording: 'shrink-outer/splice',
    kind: 'shrink',
    part: 'shrink',
    needs: ['thread-shrink', 'join-shield', ...needs],
    tools: ['heat gun'],
    seconds: 40,
    depth: 7,
  });

const proveJoint = (needs: readonly string[]): Operation =>
  operation({
    id: 'prove-joint',
    kind: 'check',
    part: 'joint',
    needs,
    makes: ['prove-joint', 'end-proven'],
    checks: ['continuity', 'tug'],
    tools: ['meter'],
    seconds: 60,
    depth: 6,
  });

const inspect = (needs: readonly string[]): Operation =>
  operation({
    id: 'inspect-joints',
    wording: 'inspect-joints/splice',
    kind: 'check',
    part: 'joint',
    needs,
    checks: ['no-spike', 'colour-to-colour'],
    seconds: 25,
    depth: 5,
  });

/** Two cables joined core by core: soldered, in solder sleeves, or twisted. */
export const SPLICE: readonly Operation[] = [
  AREA,
  outerShrink('joints-made'),
  ...OPENED,
  ORDER_JOINT,
  STAGGER,
  { ...STRIP_CORES, needs: ['inspect-insulation', 'stagger-cores'] },
  KEEP_UNUSED,
  CUT_UNUSED,
  sleeves('joints-made', 'thread-sleeves/joints'),
  operation({
    id: 'twist-ends',
    kind: 'twist',
    layer: 'conductors',
    only: ['joint-solder'],
    needs: ['strip-cores', 'thread-sleeves', 'unused-dealt-with'],
    seconds: 60,
    depth: 4,
  }),
  operation({
    id: 'solder-joints',
    kind: 'solder',
    part: 'joint',
    only: ['joint-solder'],
    fixes: true,
    needs: ['twist-ends'],
    makes: ['joints-made'],
    irreversible: true,
    tools: ['soldering iron'],
    seconds: 120,
    depth: 5,
  }),
  operation({
    id: 'lay-ends',
    kind: 'insert',
    layer: 'conductors',
    only: ['joint-sleeve'],
    needs: ['strip-cores', 'thread-sleeves', 'unused-dealt-with'],
    seconds: 60,
    depth: 4,
  }),
  operation({
    id: 'check-before-heat',
    wording: 'check-before-heat/splice',
    kind: 'check',
    part: 'sleeves',
    only: ['joint-sleeve'],
    needs: ['lay-ends'],
    checks: ['past-ring', 'held-apart'],
    seconds: 30,
    depth: 4,
  }),
  operation({
    id: 'heat-sleeves',
    wording: 'heat-sleeves/splice',
    kind: 'solder',
    part: 'sleeves',
    only: ['joint-sleeve'],
    fixes: true,
    needs: ['check-before-heat'],
    makes: ['joints-made'],
    irreversible: true,
    tools: ['heat gun'],
    seconds: 120,
    depth: 5,
  }),
  operation({
    id: 'twist-joints',
    kind: 'twist',
    part: 'joint',
    only: ['joint-twist'],
    fixes: true,
    needs: ['strip-cores', 'thread-sleeves', 'unused-dealt-with'],
    makes: ['joints-made'],
    tools: ['flat pliers'],
    seconds: 60,
    depth: 5,
  }),
  inspect(['joints-made']),
  operation({
    id: 'shrink-sleeves',
    wording: 'shrink-sleeves/splice',
    kind: 'shrink',
    part: 'sleeves',
    only: ['plain-sleeves'],
    needs: ['thread-sleeves', 'inspect-joints'],
    tools: ['heat gun'],
    seconds: 60,
    depth: 5,
  }),
  shieldAcross(['inspect-joints', 'shrink-sleeves']),
  proveJoint(['inspect-joints', 'shrink-sleeves', 'join-shield']),
  cover(['prove-joint']),
  LABEL,
];

/** Gel-filled connectors: cores unstripped, pushed to the stop, pressed. */
export const GEL_SPLICE: readonly Operation[] = [
  AREA,
  outerShrink('press-connectors'),
  ...OPENED,
  ORDER_JOINT,
  operation({
    id: 'trim-cores',
    kind: 'trim',
    layer: 'conductors',
    needs: ['order-cores'],
    irreversible: true,
    tools: ['flush cutter'],
    seconds: 25,
    depth: 3,
  }),
  { ...KEEP_UNUSED },
  { ...CUT_UNUSED },
  operation({
    id: 'insert-cores',
    kind: 'insert',
    part: 'joint',
    needs: ['trim-cores', 'unused-dealt-with'],
    seconds: 60,
    depth: 4,
  }),
  operation({
    id: 'check-before-press',
    kind: 'check',
    part: 'joint',
    needs: ['insert-cores'],
    checks: ['at-stop', 'colour-to-colour'],
    seconds: 25,
    depth: 4,
  }),
  operation({
    id: 'press-connectors',
    kind: 'press',
    part: 'joint',
    fixes: true,
    needs: ['check-before-press'],
    irreversible: true,
    tools: ['parallel pliers'],
    seconds: 60,
    depth: 5,
  }),
  shieldAcross(['press-connectors']),
  proveJoint(['press-connectors', 'join-shield']),
  cover(['prove-joint']),
  LABEL,
];
