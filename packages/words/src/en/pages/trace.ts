import type { FarEnd, PlaceKind } from '@near-spoke/core/reflect/place';
import type { KnownVelocity } from '@near-spoke/core/reflect/velocity';
import type { SourceShare } from '@near-spoke/core/reflect/setup';
import { formatOhm } from '@near-spoke/core/units';
import { list } from '../list';

type Kinds = Readonly<Record<PlaceKind, { readonly name: string; readonly what: string }>>;

/** What each kind is called, and what it is on a cable. */
const KINDS: Kinds = {
  open: { name: 'Open', what: 'The cable ends here with nothing on it, or is cut through.' },
  short: { name: 'Short', what: 'Both conductors touch here, or the end is shorted.' },
  rise: { name: 'Impedance rises', what: 'Spread or untwisted pair, other cable, a bad splice.' },
  drop: { name: 'Impedance drops', what: 'Water, a crush, or other cable.' },
  series: { name: 'Resistance in the way', what: 'A corroded or loose joint.' },
  tap: { name: 'Something across', what: 'A branch, or a leak between the conductors.' },
  matched: { name: 'Matched end', what: 'The far end gives nothing back.' },
  hand: { name: 'Put by hand', what: 'You put it here with a cursor.' },
  ghost: { name: 'Repeat', what: 'An echo that went to and fro: no place on the cable.' },
};
const FAR_END: Readonly<Record<FarEnd, string>> = {
  unsaid: 'Not said',
  open: 'Nothing, open',
  terminated: 'Its terminator',
  short: 'A short',
};

/** What the page of a trace says of itself, around what the trace tells. */
export const TRACE_PAGE = {
  kinds: KINDS,
  ofBothEnds: 'The place',
  sure: 'sure',
  likely: 'likely',
  untold: 'not told apart from other kinds',
  back: (percent: string) => `${percent} % back`,
  isEnd: 'end',
  branchEnd: 'End of the branch',
  branch: (length: string) => `A branch of ${length} that ends open.`,

  giveTrace: 'Give a trace: an oscilloscope’s table or a Touchstone file.',
  giveHow:
    'Drop it here, paste it, or take it from a reflectometer. CSV of any kind, .s1p, .s2p, gzip too.',
  choose: 'Choose a file',
  chooseOther: 'Choose another file',
  working: 'Working it out.',
  onlySeen: 'It was not worked out: only a first look is told.',
  atFirstLook: 'At first look',
  sinceFirstLook: 'What became of the first look',
  nothing: 'Nothing comes back.',
  keep: 'Keep this place',
  kept: (why: string) => `Kept in the record. ${why}`,
  openRecord: 'Open the record',
  takeSo: 'Take it so',
  stop: 'Stop',
  done: 'Done',
  file: 'A trace or sweep',
  cantBe: (names: string) => `${names}: not a value that can be.`,
  tooLarge: (name: string, megabytes: number) =>
    `${name} is larger than ${megabytes} MB. Export fewer samples.`,
  refused: (name: string, line: number | null, reason: string) =>
    `${name}${line === null ? '' : `, line ${line}`}: ${reason}.`,
  notWorkedOut: (name: string) =>
    `${name} could not be worked out on this device. Export fewer samples, or try another browser.`,
  keptAt: (name: string, at: string) => `${name} at ${at}.`,
  keptFromBoth: (name: string, at: string) => `${name} at ${at}, from both ends.`,

  whatFarEnd: 'What is on the far end?',
  farEnd: FAR_END,
  fromLaunch: 'from the launch',
  thereAndBack: 'there and back',
  clickForCursor: 'click to set a cursor',
  cursorAt: 'Cursor at',
  cursor: (number: number) => `Cursor ${number}`,
  makeAPlace: 'Make it a place',
  cursorsAway: (count: number) => (count > 1 ? 'Take the cursors away' : 'Take the cursor away'),
  outside: (end: string) => `The record goes from 0 to ${end}: no cursor stands outside it.`,
  laidOver: (name: string) => `Laid over: ${name}`,
  wholeLink: 'A whole link',
  measured: 'Measured',
  explained: 'Explained',
  shareBack: 'share that comes back',
  ofVelocity: (give: string) => `${give} of the velocity factor`,
  ofDelay: (give: string) => `${give} of the echo’s delay`,
  budget: (parts: readonly string[]) => `Its give or take: ${list(parts)}.`,
  onTheCable: 'On the cable',
  takeOut: 'Take this one out',
  repeats: (count: number) =>
    count === 1 ? 'One repeat is no place:' : `${count} repeats are no places:`,
  beforeAWall:
    'Before a wall is opened: know what else runs in it. Mains, gas and water are for licensed practice and local codes.',
  fromReflectometer: 'From a reflectometer',
  measuredWith: 'Measured with',
  again: (count: number) =>
    `Work out ${count === 1 ? 'the kept trace' : `all ${count} kept traces`} again, as told now`,
  againLeft: (count: number) => `${count} to go.`,
  againNot: 'It can’t be read now.',
  trace: 'Trace',
  asKept: 'As it was kept',
  asNow: 'As it is told now',
  plotHelp: (more: string) => `Wheel, pinch or + and − to zoom, drag or arrows to move${more}.`,
  wholeRange: 'Whole range',
  impedanceAlong: 'Impedance along the line',
  impedanceLabel: 'Impedance along the line, in ohms over metres',
  impedanceHow: (smear: string) =>
    `As if the cable had no loss. What is shorter than ${smear} is smeared. A slow rise or fall may be of the loss, which the trace can’t tell apart from it.`,
  impedance: 'Impedance',
  atMost: 'At most, for 95 %',
  atLeast: 'At least, for 95 %',
  keepPlace: 'Keep this place in the record',
  onPlan: 'Show it on the floor plan',
  keptOfLink: 'Kept of this link',
  takeBack: 'Take back',
  keepTrace: 'Keep this trace with the link',
  tracesOfLink: 'Traces of this link',
  openNow: 'open now',
  openIt: 'Open',
  layOver: 'Lay it over',
  layOff: 'Take it off',
  theFile: 'The file',
  against: (when: string) => `Against ${when}`,
  neither: 'Neither tells a place.',
  workingOut: 'Working it out.',
  sameLaunch:
    'Only traces that were taken with the same launch, leads and settings can be compared.',
  tooLargeToKeep: (name: string, megabytes: number) =>
    `${name} is larger than ${megabytes} MB, and is not kept. Export fewer samples.`,
  notHere: (name: string) => `${name} is not on this device, and the server does not give it now.`,
  take: 'Take a trace',
  taking: 'Taking it',
  takeFields: { width: 'Pulse width', averages: 'Averages', span: 'Span' },
  takeNeeds: 'Pulse width, averages and span are all needed.',
  notRead: 'It could not be read.',
  instrument: 'Instrument',
  usualInstrument: 'The usual one',
  anotherInstrument: 'Another instrument',
  instrumentName: 'What it is called',
  instrumentHow: 'What it is is kept by its name on this device.',
  dielectric: 'Between the conductors',
  dielectrics: {
    'solid-polyethylene': 'Solid polyethylene',
    'foam-polyethylene': 'Foamed polyethylene',
    'air-spaced': 'Air and spacers',
    'solid-ptfe': 'Solid PTFE',
  },
  launch: 'Launch',
  launches: { auto: 'Find out', pulse: 'Pulse', step: 'Step' },
  fields: {
    vf: 'Velocity factor',
    vfU: 'Give or take',
    ohm: 'Cable impedance',
    source: 'Source',
    scope: 'Scope input',
    width: 'Pulse width',
    rise: 'Rise',
  },
  fieldsHow:
    'Its give or take is a standard uncertainty. Pulse width and rise are found when left empty.',
  sourceUnlike: (sourceOhm: number, cableOhm: number, { shown, back }: SourceShare) =>
    `A source of ${formatOhm(sourceOhm)} on a cable of ${formatOhm(cableOhm)} shows an echo at ${(100 * shown).toFixed(0)} % of its size and throws ${(100 * back).toFixed(0)} % of it back in; the sizes told are freed of that. Were the source matched after all, they would be ${(100 * shown).toFixed(0)} % of what is told: be sure of it.`,
  velocityFrom: ({ from, count, at }: KnownVelocity) =>
    from === 'catalogue'
      ? 'The velocity factor is the catalogue’s generic figure: it was not measured here yet.'
      : `The velocity factor was measured ${count === 1 ? 'once' : `${count} times`} on this ${from}, last on ${at?.slice(0, 10) ?? ''}.`,
} as const;
