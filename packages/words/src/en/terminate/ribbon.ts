import type { StepWords } from '../../step-words';

export const RIBBON = {
  'cut-square/ribbon': {
    instruction: 'Cut the ribbon square across, with one stroke.',
    why: 'A slanted edge runs out of the cover’s last slot.',
  },
  'thread-relief': {
    instruction: 'Lead the ribbon through the strain relief bar, if it is a closed one.',
    why: 'A closed bar does not pass over the pressed connector.',
    wayBack:
      'It comes over the other end while that is bare; else fold the ribbon back under a clip-on bar.',
  },
  'lay-ribbon': {
    instruction:
      'Lay the ribbon between body and cover, the marked edge ({firstCore}) at contact {edge}, each core in its groove.',
    why: 'The cores cross over to the two rows by themselves: 1, {second}, {third} and so on. Face and edge decide everything.',
  },
  'lay-slots': {
    instruction:
      'Peel the cores apart as far as the map’s picture shows, and lay each in its own groove: {order}.',
    why: 'This adapter’s order is not the ribbon’s: the marked edge says nothing here, each core has its own slot.',
  },
  'read-before-press': {
    instruction: 'Stop. Check the ribbon before it is pressed.',
    why: 'A pressed connector does not come off whole.',
    checks: {
      'first-edge': 'The marked edge lies at contact {edge}, read on the connector itself',
      'face-up': 'The ribbon leaves on the side that the housing needs',
      'in-grooves': 'Every core lies in its groove, {count} in all',
    },
  },
  'read-slots': {
    instruction: 'Stop. Read the slots one by one before it is pressed.',
    why: 'A pressed connector does not come off whole.',
    checks: {
      'own-slots': 'From contact to contact the cores are: {order}',
      'face-up': 'The ribbon leaves on the side that the housing needs',
    },
  },
  'press-cover': {
    instruction:
      'Press body and cover together, straight and slowly, until the cover is level at both ends.',
    why: 'Pressed askew, one side is cut through and the other not reached.',
  },
  'prove-press': {
    instruction: 'Check the pressed connector.',
    why: 'Half a bite conducts today and not in the cold.',
    checks: {
      level: 'The cover is level and clicked at both ends',
      continuity: 'First and last core reach their contacts, and not their neighbours',
      'shell-clear': 'The shell’s tabs clear the housing, or were bent back',
    },
  },
  'trim-ribbon': {
    instruction: 'Trim what stands out of the cover flush with it.',
    why: 'Bare ends beside one another short in a metal housing.',
  },
  'fold-relief': {
    instruction: 'Fold the ribbon back over the cover and click the strain relief on.',
    why: 'A pull must end at the bar, not at the contacts.',
  },
} satisfies StepWords;
