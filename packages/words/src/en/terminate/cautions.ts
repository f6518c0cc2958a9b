const LINE_VOLTAGE =
  'A telephone line carries voltage when idle and more when it rings: disconnect it first, and don’t touch bare cores in a thunderstorm.';

/** Where the work can hurt someone, by the caution’s id. */
export const CAUTIONS = {
  'powered-cable':
    'Make sure that the other end is unplugged: power over the cable can be on these conductors. In a wall box, keep clear of mains; local codes and a licensed electrician decide there.',
  'live-core':
    'Prove that nothing feeds these cores before you bare them. In a wall box, keep clear of mains; local codes and a licensed electrician decide there.',
  'ringing-voltage':
    'Ringing voltage bites, and it comes without warning: disconnect the line at the demarcation first. The provider’s side is not ours to open.',
  'line-voltage': LINE_VOLTAGE,
  'line-voltage-elsewhere': LINE_VOLTAGE,
  'fed-coax':
    'Make sure that no transmitter is keyed into this cable and that no supply for an amplifier is on it.',
  blade: 'Cut away from your hand.',
  'still-blade':
    'With a blade instead of a stripper: pull the wire along the still blade, away from the hand.',
  inverter:
    'Inverter and back-light leads carry high voltage, and hold it for a while after they are switched off: they are not joined this way. Leave them to their maker’s instructions and licensed hands.',
  offcuts: 'Offcuts fly: wear eye protection and keep them out of the equipment.',
  cleaner: 'Cleaners burn and fume: open air or a mask, gloves, no flame.',
  solder:
    'Solder fumes and hot metal: air, eye protection, the iron in its stand. Rosin flux only; acid flux never on a joint that stays.',
  'hot-air':
    'Hot air burns skin and lights dust: nothing that burns behind the work, and let it cool.',
  filler: 'Fillers heat up and irritate: gloves and air, as their sheet says.',
  battery:
    'A battery without a fuse feeds a short until something burns: fuse it, connect it last.',
  'outdoor-run':
    'A run from outside needs bonding and surge protection where it enters a building, and nobody works on it in a thunderstorm. Local codes and a licensed electrician decide.',
  plenum:
    'This run passes a rated space: every part left in it must have that rating, ties and shrink too. Local codes decide.',
} as const;
