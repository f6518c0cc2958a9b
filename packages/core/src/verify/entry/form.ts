import type { Contact } from '../../catalogue';
import { conductor } from '../../catalogue';
import { wireContacts, type End, type Wiring } from '../../link';
import { formatLength, formatOhm, parseLength, parseOhm, type UnitSystem } from '../../units';
import { madeWith } from '../circuit/made';
import { TRIO, type PairLength } from '../circuit/observe';
import { observe, type Bench, type Shown, type Trial } from '../circuit/trial';
import type { Seen } from '../explain/agree';
import { procedureOf } from '../explain/blind-spots';
import type { Place } from '../fault';
import { tester, type Method, type TesterId } from '../tester';

/** One line to fill in from a tester's display. */
export interface EntryRow {
  readonly label: string;
  /** What a good link shows, as it would be typed. */
  readonly good: string;
  /** Where there are only these answers. */
  readonly choices: readonly string[] | null;
}

export type Entered =
  | { readonly ok: true; readonly seen: readonly Seen[] }
  | { readonly ok: false; readonly row: number; readonly reason: string };

/** How a class of testers is put down line by line, and read back. */
export interface EntryForm {
  readonly rows: readonly EntryRow[];
  /** Whether all of them filled in as on a good link is an honest reading: measured values never are. */
  readonly goodByOneKey: boolean;
  /** Lines that are empty were not tried. */
  read(texts: readonly string[]): Entered;
}

export interface EntryContext {
  readonly bench: Bench;
  readonly lengthM: number | null;
  readonly units: UnitSystem;
}

type Line = EntryRow & { readonly parse: (text: string) => Parsed };
type Parsed =
  { readonly ok: true; readonly shown: Shown } | { readonly ok: false; readonly reason: string };

/** Classes whose display is put down line by line; lamps and wire maps have pictures of their own. */
export const LINE_METHODS: ReadonlySet<Method> = new Set([
  'probe',
  'lengths',
  'tone',
  'colours',
  'trio',
]);

/**
 * The lines of a tester on a link.
 *
 * @throws for classes outside LINE_METHODS
 */
export function entryForm(id: TesterId, context: EntryContext): EntryForm {
  const { bench } = context;
  const good = madeWith(bench.wiring, []);
  const trials = procedureOf(tester(id), bench.wiring);
  const plain = (trial: Trial) => observe(trial, good, bench);
  const { method } = tester(id);
  if (method === 'trio') return wholeForm(trials, trioLines(plain(trials[0] as Trial)), joinOhms);
  if (method === 'lengths')
    return wholeForm(trials, lengthLines(plain(trials[0] as Trial), context), joinLengths);
  return {
    goodByOneKey: id !== 'ohmmeter',
    ...linesOf(
      trials,
      trials.map((trial) => LINE[trial.tester]?.(trial, plain(trial), bench) ?? unknownLine(trial)),
    ),
  };
}

function unknownLine({ tester: id }: Trial): never {
  throw new Error(`${id} is not put down line by line`);
}

/** Each line is a trial of its own. */
function linesOf(
  trials: readonly Trial[],
  lines: readonly Line[],
): Omit<EntryForm, 'goodByOneKey'> {
  return {
    rows: lines,
    read: (texts) => {
      const seen: Seen[] = [];
      for (const [row, line] of lines.entries()) {
        const text = texts[row]?.trim() ?? '';
        if (text === '') continue;
        const parsed = line.parse(text);
        if (!parsed.ok) return { ok: false, row, reason: parsed.reason };
        seen.push({ trial: trials[row] as Trial, shown: parsed.shown });
      }
      return { ok: true, seen };
    },
  };
}

/** All lines together are one trial. */
function wholeForm(
  [trial]: readonly Trial[],
  lines: readonly Line[],
  join: (parts: readonly Shown[], of: number) => Shown | string,
): EntryForm {
  return {
    rows: lines,
    goodByOneKey: false,
    read: (texts) => {
      const parts: Shown[] = [];
      for (const [row, line] of lines.entries()) {
        const text = texts[row]?.trim() ?? '';
        if (text === '') continue;
        const parsed = line.parse(text);
        if (!parsed.ok) return { ok: false, row, reason: parsed.reason };
        parts.push(parsed.shown);
      }
      if (parts.length === 0) return { ok: true, seen: [] };
      const shown = join(parts, lines.length);
      return typeof shown === 'string'
        ? { ok: false, row: parts.length, reason: shown }
        : { ok: true, seen: [{ trial: trial as Trial, shown }] };
    },
  };
}

const BEEPS = ['beeps', 'silent'] as const;

const LINE: Readonly<
  Partial<Record<Trial['tester'], (trial: Trial, good: Shown, bench: Bench) => Line>>
> = {
  beeper: (trial, good) => ({
    label: 'to' in trial ? `${told(trial.from)} to ${told(trial.to)}` : '',
    good: good.method === 'beep' && good.beeps ? BEEPS[0] : BEEPS[1],
    choices: BEEPS,
    parse: (text) =>
      BEEPS.some((word) => word === text)
        ? { ok: true, shown: { method: 'beep', beeps: text === BEEPS[0] } }
        : { ok: false, reason: `Write ${BEEPS.join(' or ')}.` },
  }),
  ohmmeter: (trial, good) => {
    const joined = trial.tester === 'ohmmeter' ? trial.joined : [];
    const between = 'to' in trial ? `${told(trial.from)} to ${trial.to.contact}` : '';
    return {
      label: joined.length > 0 ? `${between}, far ${joined.join(' and ')} joined` : between,
      good: good.method === 'ohms' ? ohmText(good.ohm) : '',
      choices: null,
      parse: ohmShown,
    };
  },
  tone: (trial, good, { wiring }) => ({
    label: trial.tester === 'tone' ? `tone on near ${trial.from}` : '',
    good: good.method === 'tone' ? good.heard.join(' ') || '-' : '',
    choices: null,
    parse: (text) => {
      const named = text === '-' ? [] : text.toUpperCase().split(/[\s,]+/);
      const strange = named.find((name) => !wireContacts(wiring.far).includes(name));
      return strange === undefined
        ? { ok: true, shown: { method: 'tone', heard: named } }
        : { ok: false, reason: `The far end has no contact ${strange}. Write - for none.` };
    },
  }),
  look: (trial, good, { wiring }) => ({
    label: trial.tester === 'look' ? `${trial.end} end, colours from its first contact on` : '',
    good: good.method === 'colours' ? [...good.cores.values()].join(' ') : '',
    choices: null,
    parse: (text) => coloursOf(text, wiring, trial.tester === 'look' ? trial.end : 'near', good),
  }),
};

const told = ({ end, contact }: { readonly end: End; readonly contact: Contact }) =>
  `${end} ${contact}`;

const ohmText = (ohm: number | null): string =>
  ohm === null ? 'OL' : formatOhm(Number(ohm.toPrecision(2)));

function ohmShown(text: string): Parsed {
  const parsed = parseOhm(text);
  return parsed.ok
    ? { ok: true, shown: { method: 'ohms', ohm: parsed.ohm } }
    : { ok: false, reason: parsed.reason };
}

function coloursOf(text: string, wiring: Wiring, end: End, good: Shown): Parsed {
  const cores = new Set(wiring[end].contacts.flatMap(({ core }) => core ?? []));
  const contacts = good.method === 'colours' ? [...good.cores.keys()] : [];
  const words = text.trim().split(/[\s,]+/);
  const named = words.map((word) =>
    [...cores].find((core) => core.toUpperCase() === word.toUpperCase()),
  );
  const strange = words[named.indexOf(undefined)];
  if (strange !== undefined)
    return {
      ok: false,
      reason: `‘${strange}’ is none of this cable’s colours: ${[...cores].map((core) => `${core} ${conductor(core).name}`).join(', ')}.`,
    };
  if (words.length !== contacts.length)
    return { ok: false, reason: `${words.length} of ${contacts.length} colours are there.` };
  return {
    ok: true,
    shown: {
      method: 'colours',
      cores: new Map(contacts.map((contact, index) => [contact, named[index] ?? ''])),
    },
  };
}

const TRIO_LABEL = {
  open: 'centre to shield, far end open',
  shorted: 'far end shorted',
  terminated: 'far end terminated',
} as const;

function trioLines(good: Shown): Line[] {
  const ohms = good.method === 'trio' ? good.ohms : [];
  return TRIO.map((name, index) => ({
    label: TRIO_LABEL[name],
    good: ohmText(ohms[index] ?? null),
    choices: null,
    parse: ohmShown,
  }));
}

const joinOhms = (parts: readonly Shown[], of: number): Shown | string =>
  parts.length < of
    ? `Measure all ${of}: only together do they tell anything.`
    : { method: 'trio', ohms: parts.flatMap((part) => (part.method === 'ohms' ? [part.ohm] : [])) };

const joinLengths = (parts: readonly Shown[]): Shown => ({
  method: 'lengths',
  pairs: parts.flatMap((part) => (part.method === 'lengths' ? part.pairs : [])),
});

/** How near to an end counts as that end: of the length, and metres besides. Generic. */
const END_SHARE = 0.06;
const END_BESIDE_M = 0.7;

/** Whether an echo comes from an end or from between, of a link of known length. */
export function placeOf(distanceM: number, lengthM: number): Place {
  const slackM = END_BESIDE_M + END_SHARE * lengthM;
  if (distanceM >= lengthM - slackM) return 'far';
  return distanceM <= Math.min(slackM, lengthM / 3) ? 'near' : 'cable';
}

function lengthLines(good: Shown, { lengthM, units }: EntryContext): Line[] {
  const pairs = good.method === 'lengths' ? good.pairs : [];
  return pairs.map(({ pair }) => ({
    label: `pair ${pair} ends`,
    good: lengthM === null ? 'far' : formatLength(lengthM, units),
    choices: null,
    parse: (text) => lengthShown(text, pair, lengthM, units),
  }));
}

/** "31 m", "31 m short", or without a known length a place: "far", "cable short", "near". */
function lengthShown(
  text: string,
  pair: number,
  lengthM: number | null,
  units: UnitSystem,
): Parsed {
  const short = /\s*\bshort(ed)?$/i;
  const shows: PairLength['shows'] = short.test(text) ? 'short' : 'open';
  const where = text
    .replace(short, '')
    .replace(/\s*\bopen$/i, '')
    .trim();
  const shown = (place: Place): Parsed => ({
    ok: true,
    shown: { method: 'lengths', pairs: [{ pair, place, shows }] },
  });
  const place = (['near', 'cable', 'far'] as const).find((name) => name === where.toLowerCase());
  if (place) return shown(place);
  if (lengthM === null)
    return {
      ok: false,
      reason: 'This link’s length is not known. Write near, cable or far, and short if it is.',
    };
  const parsed = parseLength(where, {
    bareUnit: units === 'metric' ? 'm' : 'ft',
    comma: 'decimal',
  });
  return parsed.ok ? shown(placeOf(parsed.lengthM, lengthM)) : { ok: false, reason: parsed.reason };
}
