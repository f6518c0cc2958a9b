import { checks, operation, type Operation } from '../operation';
import { LABEL } from './prepare';
import { CUT_UNUSED, KEEP_UNUSED, OPEN, ORDER_JOINT, STRIP_CORES, sleeves } from './cores';

const AREA = operation({
  id: 'check-area',
  kind: 'check',
  part: 'joint',
  instruction: 'Stop. Compare the two cables before either is cut.',
  why: 'A thinner conductor in the middle of a line is a fire risk.',
  checks: checks({
    'area-enough': 'The piece that goes in has the same conductor area or more: {gauge} or thicker',
    'insulation-whole':
      'Its insulation is for this place and this voltage, and none of the filling is metallic',
  }),
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
    kind: 'thread-on',
    part: 'shrink',
    blockedBy: [blockedBy],
    instruction: 'Slide the outer heat-shrink on, a hand’s length back.',
    why: 'It does not pass over the other cable once they are joined.',
    seconds: 5,
    depth: -1,
    wayBack:
      'It comes over the other end while that is bare; else wrap the joint with self-amalgamating tape.',
  });

const STAGGER = operation({
  id: 'stagger-cores',
  kind: 'cut',
  layer: 'conductors',
  needs: ['order-cores'],
  irreversible: true,
  instruction:
    'Cut the cores to steps of a sleeve’s length, long against short on the other cable.',
  why: 'Staggered joints lie beside insulation, never beside one another, and the splice stays thin.',
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
    instruction: 'Join the shields across the splice, by a short lead or a sleeve of braid.',
    why: 'A gap in the shield is where the noise gets in.',
    tools: ['soldering iron'],
    seconds: 60,
    depth: 6,
  });

const cover = (needs: readonly string[]): Operation =>
  operation({
    id: 'shrink-outer',
    kind: 'shrink',
    part: 'shrink',
    needs: ['thread-shrink', 'join-shield', ...needs],
    instruction:
      'Slide the outer heat-shrink over the whole splice, onto both jackets, and shrink it.',
    why: 'It takes the pull, and outdoors its glue keeps the water out.',
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
    instruction: 'Check the splice before the outer shrink covers it.',
    why: 'Under the outer shrink nothing is seen any more.',
    checks: checks({
      continuity: 'Every core is joined to {partner} and to no other',
      tug: 'Every joint holds against a light tug',
    }),
    tools: ['meter'],
    seconds: 60,
    depth: 6,
  });

const inspect = (needs: readonly string[]): Operation =>
  operation({
    id: 'inspect-joints',
    kind: 'check',
    part: 'joint',
    needs,
    instruction: 'Look at every joint before it is covered.',
    why: 'Under a cover nothing is seen any more.',
    checks: checks({
      'no-spike': 'No strand and no spike of solder can pierce its sleeve',
      'colour-to-colour': '{met}: {order}',
    }),
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
  sleeves('joints-made', 'Cut that joint out and make it again with its sleeve on first.'),
  operation({
    id: 'twist-ends',
    kind: 'twist',
    layer: 'conductors',
    only: ['joint-solder'],
    needs: ['strip-cores', 'thread-sleeves', 'unused-dealt-with'],
    instruction: 'Lay each two ends along one another and twist them in line, four turns.',
    why: 'The twist carries the pull; the solder carries the current.',
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
    instruction: 'Solder each joint with rosin-cored solder, the wire hot enough to melt it.',
    why: 'This splice is soldered. Acid flux eats the joint in a year.',
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
    instruction:
      'Lay each core and {partner} along one another, bared length beside bared length, and bring its sleeve over both: {order}.',
    why: 'Solder flows where copper lies on copper; ends that only meet are held by the sleeve alone.',
    seconds: 60,
    depth: 4,
  }),
  operation({
    id: 'check-before-heat',
    kind: 'check',
    part: 'sleeves',
    only: ['joint-sleeve'],
    needs: ['lay-ends'],
    instruction: 'Stop. Centre every sleeve and check it before the heat.',
    why: 'A joint that has flowed is cut out, not opened.',
    checks: checks({
      'past-ring': 'Both wires reach past the solder ring in every sleeve',
      'held-apart': 'Neighbours are held apart, so that one’s heat spares the other',
    }),
    seconds: 30,
    depth: 4,
  }),
  operation({
    id: 'heat-sleeves',
    kind: 'solder',
    part: 'sleeves',
    only: ['joint-sleeve'],
    fixes: true,
    needs: ['check-before-heat'],
    makes: ['joints-made'],
    irreversible: true,
    instruction:
      'Heat each sleeve until the ring has flowed and no longer; let it set without moving it.',
    why: 'This splice is made with solder sleeves. More heat chars the insulation.',
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
    instruction: 'Twist each two ends tightly, six turns, and fold the twist back along the core.',
    why: 'This splice is twisted: for dry, low-power work only.',
    tools: ['flat pliers'],
    seconds: 60,
    depth: 5,
  }),
  inspect(['joints-made']),
  operation({
    id: 'shrink-sleeves',
    kind: 'shrink',
    part: 'sleeves',
    only: ['plain-sleeves'],
    needs: ['thread-sleeves', 'inspect-joints'],
    instruction: 'Slide each sleeve over its joint and shrink it.',
    why: 'Every joint is insulated on its own.',
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
    instruction: 'Trim the cores square, insulation and all: it is not stripped.',
    why: 'The connector cuts through the insulation itself.',
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
    instruction: 'Push each core and {partner} into one connector until both stop: {order}.',
    why: 'Short of the stop, the blade meets no copper.',
    seconds: 60,
    depth: 4,
  }),
  operation({
    id: 'check-before-press',
    kind: 'check',
    part: 'joint',
    needs: ['insert-cores'],
    instruction: 'Stop. Look through every connector before it is pressed.',
    why: 'A pressed connector is cut out, not opened.',
    checks: checks({
      'at-stop': 'Both cores are seen at the end of every connector',
      'colour-to-colour': '{met}: {order}',
    }),
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
    instruction: 'Press each connector’s button level with parallel pliers.',
    why: 'Side-cutting pliers press one edge only.',
    tools: ['parallel pliers'],
    seconds: 60,
    depth: 5,
  }),
  shieldAcross(['press-connectors']),
  proveJoint(['press-connectors', 'join-shield']),
  cover(['prove-joint']),
  LABEL,
];
