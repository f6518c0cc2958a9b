import type { StepWords } from '../../step-words';

export const COAX_CRIMP = {
  'cut-braid/coax-crimp': {
    instruction: 'Trim the braid all round, {braidCut} from the cable’s end, while it lies flat.',
    why: 'Longer, it comes out under the ferrule; shorter, the ferrule holds nothing.',
  },
  'set-pin': {
    instruction:
      'Push the centre pin on until it stops at the dielectric. Copper shows in its window.',
    why: 'A pin that stands off sits too far forward and harms the socket.',
  },
  'crimp-pin': {
    instruction: 'Crimp the pin with its own die, the pin against the dielectric all the while.',
    why: '{school}: pins are crimped. The pin goes into the body only when it is fixed.',
  },
  'solder-pin': {
    instruction: 'Solder the pin through its window, quickly, with rosin-cored solder.',
    why: '{school}: pins are soldered. Too long a heat softens the dielectric.',
  },
  'check-pin': {
    instruction: 'Stop. Check the pin before it goes into the body.',
    why: 'Once it has clicked in, it does not come out.',
    checks: {
      straight: 'The pin is straight and holds against a light tug',
      'clean-outside': 'No solder and no flux is on the outside of the pin',
      'dielectric-sound': 'The dielectric is not swollen or melted',
    },
  },
  'flare-braid': {
    instruction: 'Flare the braid outward so that the body’s stem slips under it.',
    why: 'The stem goes between dielectric and braid.',
  },
  'insert-body': {
    instruction: 'Push the body on, its stem under the braid, until the pin clicks in.',
    why: 'The click is the pin’s own catch.',
  },
  'lay-braid': {
    instruction: 'Lay the braid over the stem evenly and trim strands that are longer than it.',
    why: 'Strands past the stem come out from under the ferrule.',
  },
  'slide-ferrule': {
    instruction: 'Slide the ferrule up over the braid until it meets the body.',
    why: 'It holds braid and stem together.',
  },
  'check-before-crimp': {
    instruction: 'Stop. Check before the ferrule is crimped.',
    why: 'The crimp can’t be undone.',
    checks: {
      click: 'The click was heard, and the pin stands level with its insulator',
      'no-strand': 'No strand of the braid is seen outside the ferrule',
      die: 'The die in the tool is {die}, as the connector’s sheet asks',
    },
  },
  'crimp-ferrule': {
    instruction: 'Crimp the ferrule close to the body, with the {die} hex die, in one full stroke.',
    why: 'Too wide a die holds nothing, too narrow a one crushes the dielectric.',
  },
  'shrink-relief': {
    instruction: 'Slide the heat-shrink up over ferrule and jacket, and shrink it.',
    why: 'It takes the bend off the ferrule’s edge.',
  },
  'thread-shrink/coax-crimp': {
    instruction: 'Slide the heat-shrink on, a hand’s length back.',
    why: 'It goes farthest back, so it goes on first: it is the strain relief at the end, and passes over neither ferrule nor body.',
    wayBack:
      'It comes over the other end while that is bare; else cut the body off and begin again.',
  },
  'thread-ferrule': {
    instruction: 'Slide the crimp ferrule on, its flare toward the end if it has one.',
    why: 'It does not pass over the body, and over bare braid it catches.',
    wayBack:
      'It comes over the other end while that is bare; else cut the body off and begin again.',
  },
} satisfies StepWords;
