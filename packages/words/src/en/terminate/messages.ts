import { SCHOOLS, conductor } from '@near-spoke/core/catalogue';
import {
  dieMm,
  type Cut,
  type FitCode,
  type MeasureKind,
  type Miss,
  type PartId,
  type RemakeCause,
  type TerminateMessages,
} from '@near-spoke/core/terminate';
import { formatMm, formatSheetMm, type UnitSystem } from '@near-spoke/core/units';
import { fill, firstClause, wordsOf } from '../../fill';
import type { StepWords } from '../../step-words';
import type { WordsFor } from '../../tell';
import { CAUTIONS } from './cautions';
import { STEPS } from './steps';
import { TOOL_GAPS } from './tool-gaps';

const ALL: StepWords = STEPS;
const KNOWN_CAUTIONS: Readonly<Record<string, string>> = CAUTIONS;

const title = (step: string): string =>
  wordsOf(ALL, step).title ??
  firstClause(wordsOf(ALL, step).instruction, /^Stop\. /).replace(
    / (for|with|of|by the|from|so that it ends)$/,
    '',
  );

const FAMILIES: Readonly<Record<TerminateMessages['cable-family']['family'], string>> = {
  'four-pair': 'four-pair',
  coax: 'coaxial',
  telephone: 'telephone',
  cord: 'flat cord',
  'multi-core': 'multi-core',
  ribbon: 'ribbon',
  usb: 'USB',
  alarm: 'alarm',
  speaker: 'speaker',
};

const FIT_RULES: Readonly<Record<FitCode, string>> = {
  kind: 'Kind of cable against the connector',
  jacket: 'Jacket against the entry',
  insulation: 'Insulation against the channel or slot',
  centre: 'Centre conductor against the pin',
  gauge: 'Conductor gauge against the contact',
  stranding: 'Solid or stranded against the contact',
  cores: 'Number of cores against the contacts',
  pitch: 'Pitch of the cores against the grooves',
  impedance: 'Impedance against impedance',
  shield: 'Shield against the connector',
  'jacket-in-place': 'Jacket against the place',
  'joint-in-place': 'Joint against the place',
  die: 'Die against the ferrule',
  tool: 'Tool for the work',
};

const MISSES: Readonly<Record<Miss, string>> = {
  'too-thin': 'too thin',
  'too-thick': 'too thick',
  'too-few': 'too few',
  'too-many': 'too many',
};

const ACCESSORIES: Readonly<Partial<Record<PartId, string>>> = {
  boot: 'Boot',
  shrink: 'Heat-shrink, wide',
  sleeves: 'Sleeve, one core',
  tie: 'Cable tie',
  label: 'Label',
  tape: 'Self-amalgamating tape, turn',
  contacts: 'Contact, one core',
  backshell: 'Backshell',
  lamps: 'Lamp with resistor',
  battery: 'Battery with fuse',
};

/** Each cut as an order, and as what it leaves: the same in steps, drawing and template. */
const CUTS: Readonly<Record<Cut['layer'], { readonly order: string; readonly leaves: string }>> = {
  jacket: { order: 'Score the jacket', leaves: 'jacket off' },
  braid: { order: 'Trim the braid', leaves: 'braid off' },
  dielectric: { order: 'Cut the dielectric', leaves: 'centre bare' },
  'to-centre': { order: 'Cut to the centre conductor', leaves: 'all off to the centre' },
  insulation: { order: 'Strip each core', leaves: 'core bare' },
  conductors: { order: 'Trim the conductors', leaves: 'cut off' },
};

const REMAKE_CAUSES: Readonly<Record<RemakeCause, string>> = {
  order: 'Conductors in the wrong order',
  'short-of-nose': 'A conductor short of its contact',
  jacket: 'Jacket not held',
  'part-forgotten': 'A part was left off',
  damage: 'A conductor nicked or broken',
  'faulty-part': 'The connector was faulty',
  test: 'The test showed a fault',
  other: 'Another cause',
};

interface MeasureWords {
  readonly what: string;
  /** What to do when it is outside, by how much. */
  readonly over: (off: string) => string;
  readonly under: (off: string) => string;
}

const again = (off: string) => `${off} too long: cut the end back square and strip again.`;

const MEASURES: Readonly<Record<MeasureKind, MeasureWords>> = {
  jacket: {
    what: 'Jacket stripped, from the cable’s end',
    over: (off) => `${off} too long: go on if the ends are cut to length later, else begin again.`,
    under: (off) => `${off} too short: strip ${off} more.`,
  },
  exposed: {
    what: 'Conductors, from the jacket to their tips',
    over: (off) => `${off} too long: the jacket would stay short of the bar. Trim ${off} more off.`,
    under: (off) =>
      `${off} too short: they would not reach the nose. Cut back to the jacket and begin this end again.`,
  },
  untwist: {
    what: 'The longest untwist at a slot',
    over: (off) => `${off} too much: lay that pair again, twisted nearer to its slot.`,
    under: () => '',
  },
  braid: {
    what: 'From the cable’s end to the braid’s edge',
    over: (off) => `${off} too long: the ferrule would hold too little braid. Cut the end back.`,
    under: (off) => `${off} too short: trim the braid ${off} more, or it comes out of the ferrule.`,
  },
  dielectric: {
    what: 'Centre conductor, from the dielectric to its tip',
    over: again,
    under: (off) =>
      `${off} too short: the pin would not be filled. Take ${off} more of the dielectric off.`,
  },
  insulation: {
    what: 'Bare core, from the insulation to its tip',
    over: (off) => `${off} too long: trim the tip by ${off}.`,
    under: (off) => `${off} too short: strip ${off} more.`,
  },
};

const nameOf = (core: string): string => conductor(core).name;

/** A ferrule’s die, named in both units: its sheet may have either. */
const die = (mm: number, units: UnitSystem): string =>
  units === 'metric' ? `${mm} mm (${formatMm(mm, 'imperial', 3)})` : formatSheetMm(mm, units);

function tool(id: string, units: UnitSystem): string {
  const mm = dieMm(id);
  return mm === null ? id : `hex die ${die(mm, units)}`;
}

function minutes(seconds: number): string {
  const count = Math.max(1, Math.round(seconds / 60));
  return `about ${count} ${count === 1 ? 'minute' : 'minutes'}`;
}

const schoolOption = (school: string, option: string): string => {
  const options = SCHOOLS.find(({ id }) => id === school)?.options ?? [];
  return (options.find(({ id }) => id === option)?.name ?? option).toLowerCase();
};

function gap(id: string, instead: string | null | undefined): string {
  const row = TOOL_GAPS[dieMm(id) === null ? id : 'hex die'];
  const how = row?.[instead === undefined ? 'nothing' : (instead ?? 'bare hand')];
  return how ?? 'Nothing replaces it: fetch one before you cut anything.';
}

/** What the work on an end tells. */
export const TERMINATE: WordsFor<TerminateMessages> = {
  instruction: ({ step, fill: values }, tell) => fill(wordsOf(ALL, step).instruction, values, tell),
  why: ({ step, fill: values }, tell) => fill(wordsOf(ALL, step).why, values, tell),
  check: ({ step, check, fill: values }, tell) =>
    fill(wordsOf(ALL, step).checks?.[check] ?? '', values, tell),
  title: ({ step }) => title(step),
  'way-back-of': ({ step }) => wordsOf(ALL, step).wayBack ?? '',

  'still-bare': () => 'The other end is still bare, so it can also come from there.',
  'shut-out-by': ({ step }) => `After “${title(step)}” it can’t go on any more.`,
  'awaited-by': ({ step }) => `“${title(step)}” waits for it.`,

  'school-of-job': () => 'The school of this job',
  'as-usual': () => 'As usual',
  'other-school': ({ school, chosen, connector, stands }) =>
    `This job’s school is ${schoolOption(school, chosen)}; ${connector} is ${schoolOption(school, stands)}.`,
  meets: ({ rows }) => rows.map(([from, to]) => `${nameOf(from)} to ${nameOf(to)}`).join(', '),
  'as-drawn': () => 'as the drawing shows',
  'on-contacts': ({ rows }) =>
    rows.map(([contact, core]) => `${contact} ${nameOf(core)}`).join(', '),
  meeting: ({ mapped }) => (mapped ? 'as the map joins them' : 'colour to colour'),
  met: ({ mapped }) => (mapped ? 'Each meets the one that the map says' : 'Colour meets colour'),
  partner: ({ mapped }) => (mapped ? 'the one that the map says' : 'its own colour'),
  'shield-names': ({ braid, foil }) =>
    braid ? `the braid${foil ? ' and foil' : ''}` : 'foil and drain wire',
  'and-foil': () => ', and cut the foil away',
  'metal-out': () => ', the foil with its metal side out',
  die: ({ mm }, { units }) => die(mm, units),

  tool: ({ tool: id }, { units }) => tool(id, units),
  part: ({ part }) => part,
  accessory: ({ part }) => ACCESSORIES[part] ?? part,
  caution: ({ id }) => KNOWN_CAUTIONS[id] ?? '',
  'cut-order': ({ layer }) => CUTS[layer].order,
  'cut-leaves': ({ layer }) => CUTS[layer].leaves,
  'remake-cause': ({ cause }) => REMAKE_CAUSES[cause],

  'fit-rule': ({ rule, family }) =>
    rule === 'insulation' && family === 'coax' ? 'Dielectric against the stem' : FIT_RULES[rule],
  misses: ({ by, miss }, tell) => `${tell(by)} ${MISSES[miss]}`,
  'cable-family': ({ family }) => FAMILIES[family],
  stranding: ({ stranding }) => stranding,
  'no-ribbon': () => 'not a ribbon',
  'ohm-apart': ({ ohm }) => `${ohm} ohm apart`,
  'no-shield': () => 'no shield',
  'needs-shield': () => 'a foil or braid for the shell to grip',
  jackets: ({ jackets }) => `${jackets.join(' or ')} jacket`,
  'twisted-joint': () => 'a twisted joint',
  'other-joints': () => 'a soldered, sleeved or gel-filled joint',
  'use-part': ({ name }) => `Use “${name}”.`,
  'use-cable': ({ name }) => `Use ${name} cable.`,
  'nothing-joins': () => 'Nothing in the catalogue joins these: choose another connector family.',
  'not-at-hand': () => 'not at hand',
  dies: ({ tools }, { units }) =>
    tools.length > 0 ? tools.map((id) => tool(id, units)).join(', ') : 'no hex die at hand',

  'tool-gap': ({ tool: id, instead }, { units }) => `No ${tool(id, units)}. ${gap(id, instead)}`,

  measure: ({ kind }) => MEASURES[kind].what,
  'measure-over': ({ kind, off }, tell) => MEASURES[kind].over(tell(off)),
  'measure-under': ({ kind, off }, tell) => MEASURES[kind].under(tell(off)),
  'in-tolerance': () => 'In tolerance: go on.',

  'left-off': ({ part, step }) => `The ${part ?? step} was left off and can’t go on now.`,
  'cut-off-again': ({ seconds }) =>
    `The cheapest way back is to cut this end off and make it again, ${minutes(seconds)}.`,
  'undo-from': ({ step, seconds }) =>
    `The cheapest way back is to undo “${step === null ? '' : title(step)}” and what came after it, ${minutes(seconds)}.`,
};
