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
import { conductorName } from '../conductor';
import { CABLES, JACKETS, PARTS, SCHOOL_OPTIONS, STRANDING, TOOLS } from '../glossary';
import { written } from '../number';
import { CAUTIONS } from './cautions';
import { STEPS } from './steps';
import { TOOL_GAPS } from './tool-gaps';

const ALL: StepWords = STEPS;
const KNOWN_CAUTIONS: Readonly<Record<string, string>> = CAUTIONS;

const title = (step: string): string =>
  wordsOf(ALL, step).title ?? firstClause(wordsOf(ALL, step).instruction, /^Halt\. /);

const FIT_RULES: Readonly<Record<FitCode, string>> = {
  kind: 'Art des Kabels gegen den Verbinder',
  jacket: 'Mantel gegen den Eingang',
  insulation: 'Isolierung gegen Kanal oder Schlitz',
  centre: 'Innenleiter gegen den Stift',
  gauge: 'Leiterstärke gegen den Kontakt',
  stranding: 'Massiv oder mehrdrähtig gegen den Kontakt',
  cores: 'Zahl der Adern gegen die Kontakte',
  pitch: 'Raster der Adern gegen die Rillen',
  impedance: 'Wellenwiderstand gegen Wellenwiderstand',
  shield: 'Schirm gegen den Verbinder',
  'jacket-in-place': 'Mantel gegen den Ort',
  'joint-in-place': 'Verbindung gegen den Ort',
  die: 'Einsatz gegen die Hülse',
  tool: 'Werkzeug für die Arbeit',
};

const MISSES: Readonly<Record<Miss, string>> = {
  'too-thin': 'zu dünn',
  'too-thick': 'zu dick',
  'too-few': 'zu wenig',
  'too-many': 'zu viel',
};

const ACCESSORIES: Readonly<Partial<Record<PartId, string>>> = {
  shrink: 'Schrumpfschlauch, weit',
  sleeves: 'Schlauch, eine Ader',
  tape: 'Selbstverschweißendes Band, Windung',
  contacts: 'Kontakt, eine Ader',
  lamps: 'Lampe mit Widerstand',
  battery: 'Batterie mit Sicherung',
};

/** Each cut as an order, and as what it leaves: the same in steps, drawing and template. */
const CUTS: Readonly<Record<Cut['layer'], { readonly order: string; readonly leaves: string }>> = {
  jacket: { order: 'Mantel anritzen', leaves: 'Mantel ab' },
  braid: { order: 'Geflecht kürzen', leaves: 'Geflecht ab' },
  dielectric: { order: 'Dielektrikum schneiden', leaves: 'Innenleiter blank' },
  'to-centre': { order: 'Bis zum Innenleiter schneiden', leaves: 'alles ab bis zum Innenleiter' },
  insulation: { order: 'Jede Ader abisolieren', leaves: 'Ader blank' },
  conductors: { order: 'Adern kürzen', leaves: 'abgeschnitten' },
};

const REMAKE_CAUSES: Readonly<Record<RemakeCause, string>> = {
  order: 'Adern in falscher Reihenfolge',
  'short-of-nose': 'Eine Ader zu kurz für ihren Kontakt',
  jacket: 'Mantel nicht gehalten',
  'part-forgotten': 'Ein Teil wurde vergessen',
  damage: 'Eine Ader gekerbt oder gebrochen',
  'faulty-part': 'Der Verbinder war fehlerhaft',
  test: 'Die Prüfung zeigte einen Fehler',
  other: 'Eine andere Ursache',
};

interface MeasureWords {
  readonly what: string;
  /** What to do when it is outside, by how much. */
  readonly over: (off: string) => string;
  readonly under: (off: string) => string;
}

const MEASURES: Readonly<Record<MeasureKind, MeasureWords>> = {
  jacket: {
    what: 'Mantel abgesetzt, vom Kabelende',
    over: (off) =>
      `${off} zu lang: weitermachen, wenn die Enden später auf Länge geschnitten werden, sonst neu beginnen.`,
    under: (off) => `${off} zu kurz: ${off} mehr absetzen.`,
  },
  exposed: {
    what: 'Adern, vom Mantel bis zu ihren Spitzen',
    over: (off) =>
      `${off} zu lang: der Mantel bliebe vor der Zugentlastung. ${off} mehr abschneiden.`,
    under: (off) =>
      `${off} zu kurz: sie würden die Nase nicht erreichen. Bis zum Mantel abschneiden und dieses Ende neu beginnen.`,
  },
  untwist: {
    what: 'Die längste Aufdrehung an einem Schlitz',
    over: (off) => `${off} zu viel: dieses Paar neu legen, näher am Schlitz verdrillt.`,
    under: () => '',
  },
  braid: {
    what: 'Vom Kabelende bis zur Kante des Geflechts',
    over: (off) => `${off} zu lang: die Hülse hielte zu wenig Geflecht. Das Ende zurückschneiden.`,
    under: (off) =>
      `${off} zu kurz: das Geflecht um ${off} mehr kürzen, sonst kommt es aus der Hülse.`,
  },
  dielectric: {
    what: 'Innenleiter, vom Dielektrikum bis zu seiner Spitze',
    over: (off) => `${off} zu lang: das Ende gerade zurückschneiden und neu absetzen.`,
    under: (off) =>
      `${off} zu kurz: der Stift wäre nicht gefüllt. ${off} mehr vom Dielektrikum abnehmen.`,
  },
  insulation: {
    what: 'Blanke Ader, von der Isolierung bis zu ihrer Spitze',
    over: (off) => `${off} zu lang: die Spitze um ${off} kürzen.`,
    under: (off) => `${off} zu kurz: ${off} mehr abisolieren.`,
  },
};

/** A ferrule’s die, named in both units: its sheet may have either. */
const die = (mm: number, units: UnitSystem): string =>
  written(
    units === 'metric' ? `${mm} mm (${formatMm(mm, 'imperial', 3)})` : formatSheetMm(mm, units),
  );

function tool(id: string, units: UnitSystem): string {
  const mm = dieMm(id);
  return mm === null ? (TOOLS[id] ?? id) : `${TOOLS['hex die'] ?? ''} ${die(mm, units)}`;
}

function minutes(seconds: number): string {
  const count = Math.max(1, Math.round(seconds / 60));
  return `etwa ${count} ${count === 1 ? 'Minute' : 'Minuten'}`;
}

const schoolOption = (school: string, option: string): string =>
  SCHOOL_OPTIONS[school]?.[option] ?? option;

function gap(id: string, instead: string | null | undefined): string {
  const row = TOOL_GAPS[dieMm(id) === null ? id : 'hex die'];
  const how = row?.[instead === undefined ? 'nothing' : (instead ?? 'bare hand')];
  return how ?? 'Nichts ersetzt das: holen, bevor etwas geschnitten wird.';
}

/** What the work on an end tells. */
export const TERMINATE: WordsFor<TerminateMessages> = {
  instruction: ({ step, fill: values }, tell) => fill(wordsOf(ALL, step).instruction, values, tell),
  why: ({ step, fill: values }, tell) => fill(wordsOf(ALL, step).why, values, tell),
  check: ({ step, check, fill: values }, tell) =>
    fill(wordsOf(ALL, step).checks?.[check] ?? '', values, tell),
  title: ({ step }) => title(step),
  'way-back-of': ({ step }) => wordsOf(ALL, step).wayBack ?? '',

  'still-bare': () => 'Das andere Ende ist noch bloß, es kann also auch von dort kommen.',
  'shut-out-by': ({ step }) => `Nach „${title(step)}“ geht es nicht mehr darüber.`,
  'awaited-by': ({ step }) => `Darauf wartet „${title(step)}“.`,

  'school-of-job': () => 'So hält es dieser Auftrag',
  'as-usual': () => 'Wie üblich',
  'other-school': ({ school, chosen, connector, stands }) =>
    `Dieser Auftrag hält es so: ${schoolOption(school, chosen)}; ${connector} steht für: ${schoolOption(school, stands)}.`,
  meets: ({ rows }) =>
    rows.map(([from, to]) => `${conductorName(from)} auf ${conductorName(to)}`).join(', '),
  'as-drawn': () => 'wie die Zeichnung zeigt',
  'on-contacts': ({ rows }) =>
    rows.map(([contact, core]) => `${contact} ${conductorName(core)}`).join(', '),
  meeting: ({ mapped }) => (mapped ? 'wie der Plan sie verbindet' : 'Farbe zu Farbe'),
  met: ({ mapped }) => (mapped ? 'Jede trifft die, die der Plan nennt' : 'Farbe trifft auf Farbe'),
  partner: ({ mapped }) => (mapped ? 'ihr Gegenüber nach dem Plan' : 'ihre eigene Farbe'),
  'shield-names': ({ braid, foil }) =>
    braid ? `Geflecht${foil ? ' und Folie' : ''}` : 'Folie und Beidraht',
  'and-foil': () => ', und die Folie abschneiden',
  'metal-out': () => ', die Folie mit der Metallseite nach außen',
  die: ({ mm }, { units }) => die(mm, units),

  tool: ({ tool: id }, { units }) => tool(id, units),
  part: ({ part }) => PARTS[part],
  accessory: ({ part }) => ACCESSORIES[part] ?? PARTS[part],
  caution: ({ id }) => KNOWN_CAUTIONS[id] ?? '',
  'cut-order': ({ layer }) => CUTS[layer].order,
  'cut-leaves': ({ layer }) => CUTS[layer].leaves,
  'remake-cause': ({ cause }) => REMAKE_CAUSES[cause],

  'fit-rule': ({ rule, family }) =>
    rule === 'insulation' && family === 'coax' ? 'Dielektrikum gegen den Schaft' : FIT_RULES[rule],
  misses: ({ by, miss }, tell) => `${tell(by)} ${MISSES[miss]}`,
  'cable-family': ({ family }) => CABLES[family],
  stranding: ({ stranding }) => STRANDING[stranding],
  'no-ribbon': () => 'kein Flachbandkabel',
  'ohm-apart': ({ ohm }) => written(`${ohm} Ohm auseinander`),
  'no-shield': () => 'kein Schirm',
  'needs-shield': () => 'Folie oder Geflecht, die das Gehäuse fassen kann',
  jackets: ({ jackets }) => jackets.map((jacket) => JACKETS[jacket]).join(' oder '),
  'twisted-joint': () => 'eine verdrillte Verbindung',
  'other-joints': () => 'eine gelötete, eine mit Lötverbindern oder eine gelgefüllte',
  'use-part': ({ name }) => `„${name}“ nehmen.`,
  'use-cable': ({ name }) => `Kabel ${name} nehmen.`,
  'nothing-joins': () => 'Nichts im Katalog verbindet diese: eine andere Art von Verbinder wählen.',
  'not-at-hand': () => 'nicht zur Hand',
  dies: ({ tools }, { units }) =>
    tools.length > 0
      ? tools.map((id) => tool(id, units)).join(', ')
      : 'kein Sechskanteinsatz zur Hand',

  'tool-gap': ({ tool: id, instead }, { units }) => `${tool(id, units)} fehlt. ${gap(id, instead)}`,

  measure: ({ kind }) => MEASURES[kind].what,
  'measure-over': ({ kind, off }, tell) => MEASURES[kind].over(tell(off)),
  'measure-under': ({ kind, off }, tell) => MEASURES[kind].under(tell(off)),
  'in-tolerance': () => 'In der Toleranz: weitermachen.',

  'left-off': ({ part, step }) =>
    `Vergessen, und jetzt geht es nicht mehr darüber: ${part === null ? title(step) : PARTS[part]}.`,
  'cut-off-again': ({ seconds }) =>
    `Der billigste Weg zurück: dieses Ende abschneiden und neu machen, ${minutes(seconds)}.`,
  'undo-from': ({ step, seconds }) =>
    `Der billigste Weg zurück: „${step === null ? '' : title(step)}“ und was danach kam zurücknehmen, ${minutes(seconds)}.`,
};
