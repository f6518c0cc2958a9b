import type { StepWords } from '../../step-words';

export const CORES = {
  'strip-jacket/cores': {
    instruction:
      'Score the jacket {strip} from the end, bend it to break the score, and pull it off.',
    why: 'The cores must be free before they can be laid out.',
  },
  'strip-inner-jacket/cores': {
    instruction: 'Score the inner jacket level with the outer one and pull it off.',
    why: 'A direct-burial cable has two jackets: the cores lie under the second.',
  },
  'peel-pair-foil': {
    instruction: 'Peel the foil off each pair, back to the jacket.',
    why: 'Foil that is left on a pair can touch a contact.',
  },
  'wipe-gel': {
    instruction:
      'Wipe the blocking gel off every pair, with a dry cloth or the cleaner that its sheet names.',
    why: 'Gel in a contact insulates it and draws dirt.',
  },
  'cut-blocking': {
    instruction: 'Cut water-blocking tape and threads off at the jacket.',
    why: 'They swell where they get wet, and draw water along where they stand out.',
  },
  'gather-shield': {
    instruction:
      'Comb the braid out and twist it into one tail at the side of its contact{andFoil}.',
    why: 'The shield of this end is bonded: the tail is joined to the shell, or like a core.',
  },
  'gather-drain': {
    instruction:
      'Cut the foil back to the jacket and leave the drain wire whole, at the side of its contact.',
    why: 'The shield of this end is bonded: the drain wire is joined to the shell, or like a core.',
  },
  'float-shield': {
    instruction: 'Cut {shieldNames} back to the jacket and cover the edge with a turn of tape.',
    title: 'Cut the shield back to the jacket',
    why: 'The shield of this end stays open: it is bonded at the other end only, or this connector has no place for it.',
  },
  'inspect-insulation/cores': {
    instruction: 'Look at the cores where the jacket was scored.',
    why: 'A nick now is a break later; here it costs one more cut.',
    checks: {
      'no-nick': 'No insulation is nicked',
      'no-stray-strand': 'No strand of a shield, if there is one, is left between the cores',
    },
  },
  'thread-sleeves/cups': {
    instruction: 'Slide a sleeve over every core that will be joined, well back from the heat.',
    why: 'No sleeve goes on over a finished joint.',
    wayBack: 'Unsolder the core, slide its sleeve on and solder it again: its joint can be undone.',
  },
  'thread-sleeves/joints': {
    instruction: 'Slide a sleeve over every core that will be joined, well back from the heat.',
    why: 'No sleeve goes on over a finished joint.',
    wayBack: 'Cut that joint out and make it again with its sleeve on first.',
  },
  'strip-cores/cores': {
    instruction: 'Strip each core that is used, {tip} from its tip.',
    why: 'Longer, bare copper stands beside its neighbour; shorter, the joint has nothing to hold.',
  },
  'order-cores': {
    instruction: 'Lay the cores out by their contacts, read on the wiring side: {order}.',
    why: 'The wiring side is the mirror image of the mating face: most slips are made here.',
  },
  'tin-both': {
    instruction: 'Tin every core’s end and every cup that is used, with rosin-cored solder.',
    why: 'Two tinned parts join in a second, before the insulation draws back.',
  },
  'keep-unused/cores': {
    instruction: 'Fold the unused cores back and insulate each end on its own: {unused}.',
    why: '{school}: unused cores are kept. A bare end in a shell finds a contact.',
  },
  'cut-unused': {
    instruction: 'Cut the unused cores back to the jacket: {unused}.',
    why: '{school}: unused cores are cut.',
  },
  'order-cores/joint': {
    instruction: 'Lay the cores of both sides out, {meeting}: {order}.',
    why: 'A pair that is crossed in a joint is found at neither end.',
  },
} satisfies StepWords;
