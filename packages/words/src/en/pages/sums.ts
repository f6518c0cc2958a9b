import type { LimitKind } from '@near-spoke/core/verify/limits';
import type { LoopVerdict } from '@near-spoke/core/verify/power';
import type { LineVerdict } from '@near-spoke/core/verify/telephone';
import { PARAMETERS } from '../verify/parameters';

const WHAT_NOW: Readonly<Record<LoopVerdict['cause'], string>> = {
  'as-expected': '',
  'over-limit':
    'Shorten the channel, or take a thicker cable: power and class limits count on less.',
  joint: 'Wiggle its ends and watch the meter; then remake the end that moves it.',
  'other-metal':
    'Do not feed power over it until you know: copper-clad aluminium runs hotter and breaks at joints.',
  longer: 'Compare with the length by reflectometry before anything is remade.',
  shorter: 'Compare with the length by reflectometry: it may not be the cable that you think.',
  open: 'See on the Test page which conductor is open, and at which end.',
  short: 'See by reflectometry how far away its conductors touch.',
};
const KINDS: Readonly<Record<LimitKind, string>> = {
  'permanent-link': 'Permanent link',
  channel: 'Channel',
};
const SIDES: Readonly<Record<NonNullable<LineVerdict['side']>, string>> = {
  ours: 'Ours',
  theirs: 'The provider’s',
  set: 'A set, or what is plugged in',
  nobody: 'Nobody’s: the line is good',
};

/** What the page of loops and power says of itself. */
export const OHMS_PAGE = {
  whatNow: WHAT_NOW,
  about: (length: string, awg: number, degrees: number) =>
    `${length} of ${awg} AWG copper at ${degrees} °C, the far ends of a pair joined.`,
  enterLength: 'Enter this link’s length: resistance goes with it.',
  whyLength: 'The length, the gauge and the temperature together say what a meter should show.',
  changeLink: 'Change this link',
  allAsExpected: (should: string) => `All loops measured are as expected: ${should}.`,
  shouldShow: (should: string) => `Each pair’s loop should show ${should}.`,
  measured: 'Measured',
  how: (should: string) =>
    `Expected: ${should} a loop. Take the link off everything that feeds power. Short the leads first and take their resistance off.`,
  pair: 'Pair',
  fields: { loop: 'Loop, Ω', tip: 'Tip alone, Ω', ring: 'Ring alone, Ω' },
  box: (pair: number, field: 'loop' | 'tip' | 'ring') => `Pair ${pair}, ${field}, ohm`,
  temperature: 'Temperature of the cable',
  power: 'Power over the cable',
  needsPairs: (wired: number) =>
    `It needs two pairs at least, some classes four. Here ${wired === 1 ? 'one pair is' : 'no pair is'} wired through.`,
  byMeasured: 'By the highest loop that was measured.',
  byExpected: 'By the expected loop, its upper end: not measured yet.',
  atDevice: 'At the device, while it draws all it may. IEEE 802.3, clauses 33 and 145.',
  columns: {
    source: 'Source',
    volt: 'Volt',
    ampere: 'Ampere',
    lost: 'Lost, W',
    most: 'Most, W',
    device: 'For its device',
  },
  enough: 'enough',
  notEnough: 'not enough',
  bundles:
    'Power over the cable warms a bundle. How many cables may lie together is for local codes and the cable’s maker to say.',
} as const;

/** What the page of limits says of itself. */
export const LIMITS_PAGE = {
  kinds: KINDS,
  parameters: PARAMETERS,
  unknownLength: 'This link’s length is not known: how much cord it may have can’t be told.',
  tooLong: (degrees: number, length: string) =>
    `At ${degrees} °C this link of ${length} is too long for a channel with cords.`,
  mayHave: (awg: number, length: string, cord: string, degrees: number) =>
    `With ${awg} AWG cords this link of ${length} may have ${cord} of cord in all, at ${degrees} °C.`,
  give: 'Give a measured sweep: a Touchstone file, or a table.',
  giveHow: (standard: string) =>
    `A .s2p or .s4p file, or CSV with a column of frequency and columns named insertion loss, NEXT, PSNEXT, ACR-F, PSACR-F or return loss. Limits: ${standard}.`,
  choose: 'Choose a file',
  chooseOther: 'Choose another file',
  unread: (name: string, line: number, reason: string) => `${name}, line ${line}: ${reason}.`,
  tooLarge: (name: string, megabytes: number) =>
    `${name} is larger than ${megabytes} MB. Export fewer points.`,
  fails: (limit: string) => `Does not meet ${limit}`,
  unproven: (limit: string) => `Not proven for ${limit}`,
  meets: (limit: string) => `Meets ${limit}`,
  inWhatWasMeasured: ' in what was measured',
  cantJudge: 'Nothing in this file can be judged.',
  beyond: (failed: number, judged: number) =>
    `${failed} of ${judged} sweeps are beyond their limit.`,
  missing: (names: string) => `Not in this file: ${names}.`,
  standard: 'Standard',
  class: 'Class',
  whatWasMeasured: 'What was measured',
  parameter: 'Parameter',
  file: 'A measured sweep',
  states: { meets: 'Meets', fails: 'Fails', unproven: 'Not proven', unjudged: 'Not judged' },
  limitsAlone: 'Limits alone',
  upTo: (mhz: number, delayNs: string, skewNs: number, loopOhm: number) =>
    `Up to ${mhz} MHz. Longest delay ${delayNs} ns at 10 MHz, largest skew ${skewNs} ns, loop of a pair ${loopOhm} Ω at most.`,
  measuredAt: 'Measured at',
  hottest: 'Hottest it must work',
  cords: 'Cords to add',
  cordsOf: 'Cords of',
  stranded: (awg: number) => `${awg} AWG stranded`,
  limit: 'Limit',
  leastToSpare: (name: string) => `Least to spare, ${name}`,
  point: (name: string, decibels: string, mhz: string) => `${name}: ${decibels} dB at ${mhz} MHz`,
} as const;

/** What the page of a telephone line says of itself. */
export const LINE_PAGE = {
  sides: SIDES,
  whose: (side: string) => `Whose fault: ${side}.`,
  noVoltage: (text: string) => `'${text}' is not a voltage. Write -48 or 9.5.`,
  noLoads: 'Write each set’s number, such as 1 1 0.3.',
  enter: 'Enter what it shows',
  overAgain: 'Measure over again',
  backToStep: 'Back to the step: whose side this is',
  ringingBites:
    'Ringing bites: 90 V alternating over direct current. Touch no contact while it may ring, and work on the provider’s side of the demarcation only if you are allowed to.',
  measure: 'Measure',
  usual: 'Usual',
  shown: 'Shown',
  generic:
    'Usual voltages are generic; an adapter at the site or a long line may show less. Write the sign that the meter shows with its red lead on contact 2.',
  ringerLoad: 'Ringer load',
  numbers: 'Number under each set',
  such: 'such as 1 1 0.3',
  drives: 'A line drives',
  bellWire: 'Ringing: capacitor or bell wire',
  bellWireHow:
    'One ringing capacitor, in the master, feeds contact 3; or each set has its own and contact 3 stays free. Never both: two in parallel load the line, none and old bells stay silent.',
} as const;
