import type { StepWords } from '../../step-words';

export const TOOL_LESS_JACK = {
  'cut-spline': {
    instruction: 'Cut spline and rip cord off flush with the jacket.',
    why: 'The lid closes on the jacket: what stands out keeps it open.',
  },
  'fan-into-lid': {
    instruction:
      'Lead the cable into the lid and sort the pairs by the {scheme} side of its card: two lie below, two above.',
    why: 'The card is in slot order, not in contact order, and the pairs stay twisted until their slots.',
  },
  'cut-slant': {
    instruction: 'Cut the end of each conductor on the slant.',
    why: 'A slanted end finds its hole in the lid; a square one catches.',
  },
  'lay-lower': {
    instruction:
      'Untwist the two lower pairs to within {exposed} of their slots and thread them, from the left: {lower}. Draw them tight.',
    why: 'Below first: once the upper pairs lie, nothing gets at them. The card of the jack in your hand decides.',
  },
  'tie-rear': {
    instruction:
      'Put the tie through from the rear, its head behind, draw the jacket against the body, and cut the tie’s tail off.',
    why: 'The jacket is held before the upper pairs are laid and long before anything is trimmed: what is drawn later slips back.',
    wayBack: 'Draw the upper pairs out of their slots, tie the jacket, and lay them again.',
  },
  'lay-upper': {
    instruction:
      'Now untwist the two upper pairs to within {exposed} of their slots and thread them, from the left: {upper}. Draw all eight tight.',
    why: 'Drawn tight, none can slip out while the lid goes down.',
  },
  'read-before-trim': {
    instruction: 'Stop. Check the lid before the ends are cut.',
    why: 'A conductor that is cut too short must be stripped again.',
    checks: {
      'order-at-card': 'Every conductor lies at its colour on the {scheme} card',
      'twist-kept': 'No pair is untwisted by more than {exposed}',
    },
  },
  'trim-flush': {
    instruction: 'Trim all eight ends flush with the lid. Pull on nothing after this.',
    why: 'An end that stands out keeps the lid from closing, or touches its neighbour.',
  },
  'read-before-lid': {
    instruction: 'Stop. Check the lid before it is pressed.',
    why: 'Pressed, the contacts have cut into the conductors.',
    checks: {
      'ends-flush': 'All eight ends are flush with the lid, none has slipped back',
    },
  },
  'press-lid': {
    instruction:
      'Press the lid on square, with parallel pliers if the sheet allows them, until it clicks on both sides.',
    why: 'The lid drives all eight conductors into their contacts at once.',
  },
  'prove-lid': {
    instruction: 'Check the closed jack.',
    why: 'A lid that stands open on one side leaves contacts half cut in.',
    checks: {
      click: 'The lid clicked on both sides and sits level',
    },
  },
} satisfies StepWords;
