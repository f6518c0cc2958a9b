import type { StepWords } from '../../step-words';

export const PUNCH_DOWN_JACK = {
  'fan-pairs': {
    instruction:
      'Cut off spline and rip cord. Bring the jacket up to the jack and fan the pairs to their slots by the {scheme} side of its colour card.',
    why: 'The card is in slot order, not in contact order, and the pairs stay twisted until their slots.',
  },
  'lay-conductors/punch-down-jack': {
    instruction:
      'Lay each conductor in its slot with two fingers. Keep every pair twisted to within {exposed} of the slots.',
    why: 'Laid first, all eight can be read before one is punched.',
  },
  'read-before-punch/punch-down-jack': {
    instruction: 'Stop. Check the jack before the punch.',
    why: 'A punched conductor must be cut and laid again.',
    checks: {
      'order-at-card': 'Every conductor lies at its colour on the {scheme} card',
      'twist-kept': 'No pair is untwisted by more than {exposed}',
    },
  },
  punch: {
    instruction: 'Punch each conductor down, the blade side of the tool outward.',
    why: 'The blade trims the end that stands out; turned round, it cuts the conductor off.',
  },
  'prove-jack': {
    instruction: 'Check the punched jack.',
    why: 'The cap hides the slots.',
    checks: {
      'all-down': 'All eight are at the bottom of their slots, trimmed flush',
      'no-strand': 'No offcut is left between the slots',
    },
  },
  'press-cap': {
    instruction: 'Press the cap on until it sits level.',
    why: 'It holds the conductors down and keeps dust out.',
  },
  'post-drain': {
    instruction: 'Wind the drain wire on its post, two turns, and cut its end off there.',
    why: 'The drain carries what the foil picks up; the post joins it to the jack.',
  },
  'check-shield/punch-down-jack': {
    instruction: 'Stop. Look at the shield before the hood covers it.',
    why: 'Under the hood nothing is seen any more.',
    checks: {
      'shield-meets-hood':
        'Foil or braid lies back over the jacket, metal side out, where the hood will press on it',
      'drain-on-post': 'The drain wire, where the cable has one, is tight on its post',
      'clear-of-slots': 'No foil, no drain and no strand is near a slot',
    },
  },
  'close-hood': {
    instruction: 'Close the hood over foil and jacket until it sits.',
    why: 'The shield joins here; last, since the hood covers everything.',
  },
  'prove-shield': {
    instruction: 'Check that the shield is joined to the jack.',
    why: 'The shield has a test of its own: eight good conductors say nothing of it.',
    checks: {
      'shield-joined': 'A meter shows a path from the hood to the cable’s foil, braid or drain',
    },
  },
  'tie-hood': {
    instruction: 'Tie the hood’s tail to the jacket, snug, and cut the tie’s end off.',
    why: 'A pull must end at the hood, not at the slots.',
  },
  'prove-strain-relief': {
    instruction: 'Check the cable behind the jack.',
    why: 'A tight bend behind the jack undoes good work.',
    checks: {
      bend: 'The cable bends no tighter than four times its diameter',
    },
  },
  'tie-to-bar': {
    instruction:
      'Tie the cable to the panel’s bar, loose enough that the tie turns by hand, and cut its end off.',
    why: 'A pull must end at the bar, not at the slots; a tight tie deforms the pairs.',
  },
} satisfies StepWords;
