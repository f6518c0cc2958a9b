import papa from 'papaparse';
import { CONTACT_NAME, outline, type Contact, type OutlineRef } from '../catalogue';
import { LEVEL_IDS, thresholdsOf, type Thresholds } from './level';
import {
  DIRECTIONS,
  ROLES,
  namedContact,
  withPartners,
  type Direction,
  type PortContact,
  type Role,
} from './port';
import { portColumn, type PortField } from './port-column';

/** What can't be read, and where: line and column count from 1. */
export interface PinProblem {
  readonly line: number;
  readonly column: number;
  readonly reason: string;
}

export type ParsedPins =
  | { readonly ok: true; readonly contacts: readonly PortContact[] }
  | { readonly ok: false; readonly problems: readonly PinProblem[] };

interface Line {
  readonly line: number;
  readonly cells: readonly string[];
}

const MOST = 200;

/** Whether a cell is the colour of a wire, in words or as a short name: "brown", "white/green", "BN". */
const isColour = (text: string): boolean => {
  const words = text
    .trim()
    .toLowerCase()
    .split(/[\s/-]+/);
  return text.trim() !== '' && words.every((word) => COLOURS.has(word));
};

/** The basic colours of wires by name, and the short names of IEC 60757. */
const COLOURS = new Set(
  `black brown red orange yellow green blue violet purple grey gray slate white pink turquoise clear bare
  bk bn rd og ye gn bu vt gy wh pk gnye`.split(/\s+/),
);

/** Directions as they are written in pin tables. */
const DIRECTION_NAMES: Readonly<Record<string, Direction>> = {
  o: 'out',
  out: 'out',
  output: 'out',
  '>': 'out',
  i: 'in',
  in: 'in',
  input: 'in',
  '<': 'in',
  io: 'both',
  'i/o': 'both',
  both: 'both',
  bidirectional: 'both',
  '=': 'both',
  passive: 'passive',
  '-': 'passive',
  '': 'unknown',
  unknown: 'unknown',
  '?': 'unknown',
};

/**
 * Reads a pin table as it was pasted or saved: commas, semicolons, tabs, or blanks between number and
 * signal; with headings in any order, or without: then the column of contact names is found by what
 * stands in it. All of it is read, or none.
 *
 * @param connector what the contacts must belong to
 */
export function parsePins(text: string, connector: OutlineRef): ParsedPins {
  const lines = linesOf(text);
  if (lines.length === 0)
    return refuse(
      1,
      1,
      'There is nothing in it. Write a line for each contact: its number and its signal.',
    );
  if (lines.length > MOST) return refuse(MOST + 1, 1, `A pin table has at most ${MOST} lines.`);
  const known = new Set(outline(connector).places.map(({ contact }) => contact));
  const headed = headingsOf(lines[0]);
  const columns = headed ?? guessed(lines, known);
  if (!columns)
    return refuse(
      lines[0]?.line ?? 1,
      1,
      'No column holds the contacts of this connector. Write “1 TXD”, a line for each contact.',
    );
  const problems: PinProblem[] = [];
  const seen = new Map<Contact, number>();
  const contacts = (headed ? lines.slice(1) : lines).map((row) => {
    const contact = cell(row, columns, 'contact');
    const complain = (field: PortField, reason: string) =>
      problems.push({ line: row.line, column: (columns.get(field) ?? 0) + 1, reason });
    const first = seen.get(contact);
    if (!CONTACT_NAME.test(contact))
      complain('contact', `‘${contact}’ is not a contact. Write its number or letter.`);
    else if (known.size > 0 && !known.has(contact))
      complain(
        'contact',
        `This connector has no contact ${contact}: it has ${[...known].slice(0, 30).join(', ')}.`,
      );
    else if (first !== undefined)
      complain('contact', `Contact ${contact} stands in line ${first} already.`);
    seen.set(contact, row.line);
    return readRow(row, columns, contact, complain);
  });
  if (headed && contacts.length === 0)
    return refuse(2, 1, 'There are no contacts under the headings.');
  for (const { partner, contact } of contacts)
    if (partner !== null && !seen.has(partner))
      problems.push({
        line: seen.get(contact) ?? 1,
        column: (columns.get('partner') ?? 0) + 1,
        reason: `The partner ${partner} of contact ${contact} is not in the table.`,
      });
  return problems.length > 0
    ? { ok: false, problems }
    : { ok: true, contacts: withPartners(contacts) };
}

const refuse = (line: number, column: number, reason: string): ParsedPins => ({
  ok: false,
  problems: [{ line, column, reason }],
});

function linesOf(text: string): Line[] {
  const clean = text.replace(/^\uFEFF/, '');
  if (/^\s*\|/.test(clean)) return barred(clean);
  const delimiter = [';', '\t', ','].find((mark) => clean.includes(mark));
  if (delimiter !== undefined)
    return papa
      .parse<string[]>(clean, { delimiter })
      .data.map((cells, index) => ({ line: index + 1, cells: cells.map((one) => one.trim()) }))
      .filter(({ cells }) => cells.some((one) => one !== ''));
  return clean
    .split(/\r?\n/)
    .map((line, index) => ({ line: index + 1, cells: blankSeparated(line.trim()) }))
    .filter(({ cells }) => cells.length > 0);
}

/** "| 1 | UP |", with or without a line of dashes under the headings. */
const barred = (text: string): Line[] =>
  text
    .split(/\r?\n/)
    .map((line, index) => ({
      line: index + 1,
      cells: line
        .trim()
        .replace(/^\||\|$/g, '')
        .split('|')
        .map((one) => one.trim()),
    }))
    .filter(({ cells }) => cells.some((one) => one !== '' && !/^:?-+:?$/.test(one)));

/**
 * "1 TXD", "1: TXD", "1 = TXD", "1. TXD", "1) TXD", "1-TXD", "Pin 1 - TXD" and "TXD 1": two cells; the signal
 * keeps its blanks. A colour in brackets after it is a third.
 */
function blankSeparated(written: string): string[] {
  if (written === '') return [];
  const [, before = written, inside = ''] = /^(.+?)\s*\(([^()]+)\)$/.exec(written) ?? [];
  if (isColour(inside)) return [...blankSeparated(before), inside];
  const line = written
    .replace(/^(?:pin|contact|no\.?)\s*#?\s*(?=\d)/i, '')
    .replace(/^(\d+)\s*[.)]\s*(?=\S)/, '$1 ')
    .replace(/^(\d+)\s*-\s*(?=[^\d\s-])/, '$1 ');
  const [, a = '', b = ''] = /^(\S+?)\s*(?:[:=]\s*|\s-\s+|\s+)(.+)$/.exec(line) ?? [null, line, ''];
  if (CONTACT_NAME.test(a) && !/\s\d+$/.test(b)) return [a, b];
  const [, signal, contact] = /^(.+?)\s*(?:[:=]\s*|\s-\s+|\s+)(\S+)$/.exec(line) ?? [];
  return signal !== undefined && contact !== undefined && /^\d+$/.test(contact) && !/^\d+$/.test(a)
    ? [signal, contact]
    : [a, b].filter((one) => one !== '');
}

type Columns = ReadonlyMap<PortField, number>;

function headingsOf(first: Line | undefined): Columns | null {
  const columns = new Map<PortField, number>();
  first?.cells.forEach((heading, index) => {
    const field = portColumn(heading);
    if (field && !columns.has(field)) columns.set(field, index);
  });
  return columns.has('contact') && columns.has('signal') ? columns : null;
}

/** Without headings: the column whose cells are most often this connector's contacts, each once. */
function guessed(lines: readonly Line[], known: ReadonlySet<Contact>): Columns | null {
  const width = Math.max(...lines.map(({ cells }) => cells.length));
  const scored = Array.from({ length: width }, (_, index) => {
    const cells = lines.map((row) => row.cells[index] ?? '');
    const fitting = new Set(
      cells.filter((one) => (known.size > 0 ? known.has(one) : /^\d+$/.test(one))),
    );
    return { index, score: fitting.size };
  }).sort((a, b) => b.score - a.score || a.index - b.index);
  const [best] = scored;
  if (!best || best.score === 0) return null;
  const isColours = (index: number) => {
    const cells = lines.map((row) => row.cells[index] ?? '').filter((one) => one !== '');
    return cells.length > 1 && cells.every(isColour);
  };
  const others = scored
    .map(({ index }) => index)
    .filter((index) => index !== best.index)
    .sort((a, b) => a - b);
  // A column of colours says what the wires look like, not what they carry.
  const colours = others.length > 1 ? others.find(isColours) : undefined;
  const columns = new Map<PortField, number>([['contact', best.index]]);
  const fields = ['signal', 'direction', 'level'] as const;
  if (colours !== undefined) columns.set('colour', colours);
  const rest = others.filter((index) => index !== colours);
  fields.forEach((field, index) => {
    const column = rest[index];
    if (column !== undefined) columns.set(field, column);
  });
  return columns;
}

const cell = (row: Line, columns: Columns, field: PortField): string => {
  const index = columns.get(field);
  return index === undefined ? '' : (row.cells[index] ?? '');
};

function readRow(
  row: Line,
  columns: Columns,
  contact: Contact,
  complain: (field: PortField, reason: string) => void,
): PortContact {
  const text = (field: PortField) => cell(row, columns, field);
  const signal = text('signal');
  if (signal.length > 40) complain('signal', 'A signal’s name has at most 40 characters.');
  const number = (field: PortField): number | null => {
    const [, digits, milli] = /^([+-]?\d+(?:[.,]\d+)?)\s*(m)?[VA]?$/i.exec(text(field)) ?? [];
    if (digits !== undefined) return Number(digits.replace(',', '.')) * (milli ? 0.001 : 1);
    if (text(field) !== '')
      complain(
        field,
        `‘${text(field)}’ is not a number of ${field === 'currentA' ? 'ampere: write 0.2 A' : 'volts: write 5 V'}.`,
      );
    return null;
  };
  const direction = DIRECTION_NAMES[text('direction').toLowerCase()];
  if (direction === undefined)
    complain(
      'direction',
      `‘${text('direction')}’ is no direction. Write ${DIRECTIONS.join(', ')}.`,
    );
  const role = text('role').toLowerCase();
  const stated = ROLES.find((one): one is Role => one === role);
  if (role !== '' && !stated)
    complain('role', `‘${text('role')}’ is no role. Write ${ROLES.join(', ')}.`);
  const level = text('level').toLowerCase();
  if (level !== '' && !LEVEL_IDS.includes(level))
    complain('level', `‘${text('level')}’ is no level family. Write ${LEVEL_IDS.join(', ')}.`);
  const made = namedContact(contact, signal === '' ? 'NC' : signal, stated ? { role: stated } : {});
  const carries = made.role === 'signal' || made.role === 'supply';
  return {
    ...made,
    direction: carries ? (direction ?? 'unknown') : 'passive',
    level: level === '' ? null : level,
    volts: number('volts') ?? made.volts,
    leastV: number('leastV'),
    currentA: number('currentA'),
    partner: text('partner') === '' ? null : text('partner'),
    ...(text('colour') === '' ? {} : { colour: text('colour') }),
    ...(text('mostV') === '' ? {} : { mostV: number('mostV') }),
    ...ownLevels(
      SHEET.map((field) => ({ field, given: text(field) !== '', value: number(field) })),
    ),
  };

  /** All five figures of the sheet, or none. */
  function ownLevels(
    figures: readonly { field: (typeof SHEET)[number]; given: boolean; value: number | null }[],
  ): { readonly thresholds?: Thresholds } {
    if (!figures.some(({ given }) => given)) return {};
    const lacking = figures.find(({ given }) => !given);
    if (lacking) {
      complain(lacking.field, 'Levels of its own need all of VOL, VOH, VIL, VIH and max.');
      return {};
    }
    const [vOl, vOh, vIl, vIh, max] = figures.map(({ value }) => value ?? 0);
    return {
      thresholds: thresholdsOf({
        vOl: vOl ?? 0,
        vOh: vOh ?? 0,
        vIl: vIl ?? 0,
        vIh: vIh ?? 0,
        max: max ?? 0,
      }),
    };
  }
}

const SHEET = ['vOl', 'vOh', 'vIl', 'vIh', 'max'] as const;
