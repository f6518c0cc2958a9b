import type { StepWords } from '../../step-words';

export const SPLICE = {
  'check-area': {
    instruction: 'Stop. Compare the two cables before either is cut.',
    why: 'A thinner conductor in the middle of a line is a fire risk.',
    checks: {
      'area-enough':
        'The piece that goes in has the same conductor area or more: {gauge} or thicker',
      'insulation-whole':
        'Its insulation is for this place and this voltage, and none of the filling is metallic',
    },
  },
  'thread-shrink/splice': {
    instruction: 'Slide the outer heat-shrink on, a hand’s length back.',
    why: 'It does not pass over the other cable once they are joined.',
    wayBack:
      'It comes over the other end while that is bare; else wrap the joint with self-amalgamating tape.',
  },
  'stagger-cores': {
    instruction:
      'Cut the cores to steps of a sleeve’s length, long against short on the other cable.',
    why: 'Staggered joints lie beside insulation, never beside one another, and the splice stays thin.',
  },
  'join-shield': {
    instruction: 'Join the shields across the splice, by a short lead or a sleeve of braid.',
    why: 'A gap in the shield is where the noise gets in.',
  },
  'shrink-outer/splice': {
    instruction:
      'Slide the outer heat-shrink over the whole splice, onto both jackets, and shrink it.',
    why: 'It takes the pull, and outdoors its glue keeps the water out.',
  },
  'prove-joint': {
    instruction: 'Check the splice before the outer shrink covers it.',
    why: 'Under the outer shrink nothing is seen any more.',
    checks: {
      continuity: 'Every core is joined to {partner} and to no other',
      tug: 'Every joint holds against a light tug',
    },
  },
  'inspect-joints/splice': {
    instruction: 'Look at every joint before it is covered.',
    why: 'Under a cover nothing is seen any more.',
    checks: {
      'no-spike': 'No strand and no spike of solder can pierce its sleeve',
      'colour-to-colour': '{met}: {order}',
    },
  },
  'twist-ends': {
    instruction: 'Lay each two ends along one another and twist them in line, four turns.',
    why: 'The twist carries the pull; the solder carries the current.',
  },
  'solder-joints': {
    instruction: 'Solder each joint with rosin-cored solder, the wire hot enough to melt it.',
    why: 'This splice is soldered. Acid flux eats the joint in a year.',
  },
  'lay-ends': {
    instruction:
      'Lay each core and {partner} along one another, bared length beside bared length, and bring its sleeve over both: {order}.',
    why: 'Solder flows where copper lies on copper; ends that only meet are held by the sleeve alone.',
  },
  'check-before-heat/splice': {
    instruction: 'Stop. Centre every sleeve and check it before the heat.',
    why: 'A joint that has flowed is cut out, not opened.',
    checks: {
      'past-ring': 'Both wires reach past the solder ring in every sleeve',
      'held-apart': 'Neighbours are held apart, so that one’s heat spares the other',
    },
  },
  'heat-sleeves/splice': {
    instruction:
      'Heat each sleeve until the ring has flowed and no longer; let it set without moving it.',
    why: 'This splice is made with solder sleeves. More heat chars the insulation.',
  },
  'twist-joints': {
    instruction: 'Twist each two ends tightly, six turns, and fold the twist back along the core.',
    why: 'This splice is twisted: for dry, low-power work only.',
  },
  'shrink-sleeves/splice': {
    instruction: 'Slide each sleeve over its joint and shrink it.',
    why: 'Every joint is insulated on its own.',
  },
  'trim-cores': {
    instruction: 'Trim the cores square, insulation and all: it is not stripped.',
    why: 'The connector cuts through the insulation itself.',
  },
  'insert-cores': {
    instruction: 'Push each core and {partner} into one connector until both stop: {order}.',
    why: 'Short of the stop, the blade meets no copper.',
  },
  'check-before-press': {
    instruction: 'Stop. Look through every connector before it is pressed.',
    why: 'A pressed connector is cut out, not opened.',
    checks: {
      'at-stop': 'Both cores are seen at the end of every connector',
      'colour-to-colour': '{met}: {order}',
    },
  },
  'press-connectors': {
    instruction: 'Press each connector’s button level with parallel pliers.',
    why: 'Side-cutting pliers press one edge only.',
  },
} satisfies StepWords;
