import type { ToolGapWords } from '../../tool-gap-words';

export const TOOL_GAPS: ToolGapWords = {
  'jacket stripper': {
    'side cutter':
      'Open the jacket at its end with the side cutter, pull the rip cord back, and cut the jacket off.',
  },
  'flush cutter': {
    'side cutter':
      'Use the side cutter, its flat side to the part that stays; look at every end, they come out pointed.',
  },
  'side cutter': {
    'flush cutter': 'Use the flush cutter for pairs and ties; spare its edge from drain wire.',
  },
  'cable cutter': {
    'side cutter':
      'Cut it long with the side cutter, then trim it square and round it with two fingers.',
  },
  'two-blade coax stripper': {
    'coax stripper':
      'Make the two cuts one after the other: the jacket first, then to the centre, and leave the braid between them whole.',
    knife:
      'Work layer by layer instead, under a still blade: choose that way for this link, so that steps and drawing follow it.',
  },
  'coax stripper': {
    knife:
      'Roll the cable under a still blade, as deep as the layer and no deeper; look for nicks twice.',
  },
  'pass-through crimper': {
    'modular crimper':
      'Crimp with the modular crimper, which has no blade: trim what stands out of the nose in the next step.',
  },
  'hex die': {
    nothing:
      'Nothing replaces it: another size crushes the dielectric or holds nothing. Stop here, before the first cut, and fetch the die that the connector’s sheet names.',
  },
  'pin crimp die': {
    'soldering iron':
      'Solder the pin instead, if its sheet allows it: through its window, with rosin-cored solder, none on the outside.',
  },
  'compression tool': {
    nothing:
      'Nothing replaces it: pliers press one side only. Fetch it, with the head for this connector, before you cut anything.',
  },
  'punch-down tool': {
    nothing:
      'Nothing replaces it: a screwdriver widens the slots for good. Fetch one before you cut anything.',
  },
  'block punch tool': {
    nothing:
      'Nothing replaces it: a screwdriver widens the slots for good. Fetch one before you cut anything.',
  },
  'insertion tool': {
    nothing:
      'Nothing replaces it: a screwdriver opens the slot for good. Fetch one before you cut anything.',
  },
  'parallel pliers': {
    'bare hand':
      'Press with both thumbs against a firm edge, square, if the part’s sheet allows it.',
  },
  'flat pliers': {
    'bare hand': 'Do it with thumb and finger, slowly, and look that it is even.',
  },
  'wire stripper': {
    knife: 'Pull the core along a still blade, lightly, all round; look for nicks.',
  },
  'ribbon press': {
    'bench vice':
      'Press it in a bench vice with smooth jaws, straight and slowly, a flat bar on each side.',
  },
  cloth: {
    'bare hand': 'Any rag that sheds no lint will do.',
  },
  'label printer': { 'bare hand': 'Write a wrap-around label by hand, and print it later.' },
};
