import { JACKETS, type Cable, type Catalogue, type Jacket, type SchemeId } from '../catalogue';
import { hubOf, type Link } from '../link';
import { parseLength, type LengthOptions } from '../units';
import { delimiterOf, rowsOf, type CellProblem, type CsvRow } from './csv-rows';
import { parseRoute } from './route-text';
import {
  REQUIRED_FIELDS,
  SCHEDULE_FIELDS,
  scheduleColumn,
  type ScheduleColumn,
  type ScheduleField,
} from './schedule-column';
import { cableNamed, connectorNamed, schemesNamed } from './schedule-names';

/** Something that was taken for granted and should be looked at before importing. */
export interface CellNote {
  readonly line: number;
  readonly field: string;
  readonly sentence: string;
}

export type ParsedSchedule =
  | { readonly ok: true; readonly links: readonly Link[]; readonly notes: readonly CellNote[] }
  | { readonly ok: false; readonly problems: readonly CellProblem[] };

export interface ScheduleOptions {
  /** For rows without a scheme. */
  readonly defaultScheme: SchemeId;
  readonly catalogue: Catalogue;
  /** Labels that the site has already. */
  readonly takenLabels: ReadonlySet<string>;
}

interface Heading extends ScheduleColumn {
  readonly index: number;
}

/** How a table quotes what a spreadsheet would take for a formula. */
const QUOTED_FORMULA = /^'[=+\-@]/;

/** The longest text that a cell may hold. */
export const CELL_LIMIT = 500;

/**
 * Reads a cable schedule: separated by commas, semicolons or tabs, with or without BOM and quotes,
 * columns in any order, lengths metric or imperial, decimal point or comma. All of it is read, or
 * none: then every bad cell is told.
 */
export function parseSchedule(text: string, options: ScheduleOptions): ParsedSchedule {
  const delimiter = delimiterOf(text);
  const rows = rowsOf(text, delimiter);
  if (!Array.isArray(rows)) return { ok: false, problems: [rows] };
  const [head, ...body] = rows.filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
  if (!head) return refuseLine(1, 'The file is empty. The first line names the columns.');
  const headings = head.cells.flatMap((cell, index): Heading[] => {
    const column = scheduleColumn(cell);
    return column ? [{ ...column, index }] : [];
  });
  const problems = headingProblems(head, headings);
  if (problems.length > 0) return { ok: false, problems };
  if (body.length === 0) return refuseLine(head.line + 1, 'There are no links under the headings.');

  const lengths: LengthOptions = { comma: delimiter === ';' ? 'decimal' : 'refuse-ambiguous' };
  const firstLine = new Map<string, number>();
  const links: Link[] = [];
  const notes: CellNote[] = [];
  for (const row of body) {
    const reader = new RowReader(row, headings, head.cells.length);
    links.push(readLink(reader, options, lengths, firstLine));
    problems.push(...inReadingOrder(reader.problems));
    notes.push(...reader.notes);
  }
  return problems.length > 0 ? { ok: false, problems } : { ok: true, links, notes };
}

/** One line of the file, with what went wrong while it was read. */
class RowReader {
  readonly problems: CellProblem[] = [];
  readonly notes: CellNote[] = [];

  constructor(
    private readonly row: CsvRow,
    private readonly headings: readonly Heading[],
    width: number,
  ) {
    if (row.cells.length > width && row.cells.slice(width).some((cell) => cell.trim() !== ''))
      this.problems.push({
        line: row.line,
        column: width + 1,
        field: '',
        reason: `This line has ${row.cells.length} cells under ${width} headings. Quote cells that hold the separator.`,
      });
  }

  get line(): number {
    return this.row.line;
  }

  heading(field: ScheduleField): Heading | undefined {
    return this.headings.find((heading) => heading.field === field);
  }

  isEmpty(field: ScheduleField): boolean {
    return this.cell(field) === '';
  }

  text(field: ScheduleField): string {
    const text = this.cell(field);
    if (text.length > CELL_LIMIT) {
      this.refuse(field, `This cell has ${text.length} characters; ${CELL_LIMIT} is the most.`);
      return '';
    }
    return text;
  }

  private cell(field: ScheduleField): string {
    const text = (this.row.cells[this.heading(field)?.index ?? -1] ?? '').trim();
    return QUOTED_FORMULA.test(text) ? text.slice(1) : text;
  }

  refuse(field: ScheduleField, reason: string): void {
    const column = (this.heading(field)?.index ?? -1) + 1;
    this.problems.push({ line: this.row.line, column, field, reason });
  }

  note(field: ScheduleField, sentence: string): void {
    this.notes.push({ line: this.row.line, field, sentence });
  }
}

/** The problems of one line from left to right, each told once. */
function inReadingOrder(problems: readonly CellProblem[]): CellProblem[] {
  const said = new Map(problems.map((problem) => [`${problem.column} ${problem.reason}`, problem]));
  return [...said.values()].sort((a, b) => a.column - b.column);
}

function readLink(
  reader: RowReader,
  options: ScheduleOptions,
  lengths: LengthOptions,
  firstLine: Map<string, number>,
): Link {
  for (const field of REQUIRED_FIELDS)
    if (reader.isEmpty(field)) reader.refuse(field, `Nothing stands under '${field}'.`);
  const label = readLabel(reader, options, firstLine);
  const from = reader.text('from');
  const scheme = readScheme(reader, options.defaultScheme);
  const lengthM = readLength(reader, lengths);
  const { catalogue } = options;
  const cable = readCable(reader, catalogue);
  const connector = (field: 'near connector' | 'far connector') =>
    readConnector(reader, field, catalogue, cable);
  return {
    label,
    hub: reader.text('hub') || hubOf(from),
    near: { place: from, connector: connector('near connector'), scheme: scheme.near },
    far: {
      place: reader.text('to'),
      connector: connector('far connector'),
      scheme: scheme.far,
    },
    cable: cable?.id ?? '',
    lengthM,
    route: readRoute(reader, lengths, lengthM),
    environment: readSurroundings(reader, cable),
    schools: {},
    note: reader.text('note'),
  };
}

function readLabel(
  reader: RowReader,
  { takenLabels }: ScheduleOptions,
  firstLine: Map<string, number>,
): string {
  const label = reader.text('label');
  const before = firstLine.get(label);
  if (label && before !== undefined)
    reader.refuse('label', `'${label}' stands on line ${before} already: a label names one link.`);
  else if (takenLabels.has(label))
    reader.refuse('label', `'${label}' is a link of this site already.`);
  else firstLine.set(label, reader.line);
  return label;
}

function readScheme(reader: RowReader, fallback: SchemeId): { near: SchemeId; far: SchemeId } {
  const text = reader.text('scheme');
  if (!text) return { near: fallback, far: fallback };
  const named = schemesNamed(text);
  if (named.ok) return named.row;
  reader.refuse('scheme', named.reason);
  return { near: fallback, far: fallback };
}

function readLength(reader: RowReader, lengths: LengthOptions): number | null {
  const text = reader.text('length');
  if (!text) return null;
  const parsed = parseLength(text, { ...lengths, bareUnit: reader.heading('length')?.unit });
  if (!parsed.ok) reader.refuse('length', parsed.reason);
  else if (parsed.lengthM <= 0) reader.refuse('length', 'A length must be more than 0.');
  else if (parsed.lengthM > 100_000) reader.refuse('length', `'${text}' is over 100 km.`);
  else return parsed.lengthM;
  return null;
}

function readCable(reader: RowReader, catalogue: Catalogue): Cable | null {
  const text = reader.text('cable');
  const named = cableNamed(text, catalogue);
  if (!named.ok) {
    if (text) reader.refuse('cable', named.reason);
    return null;
  }
  if (named.assumed) reader.note('cable', `'${text}' ${named.assumed}.`);
  return named.row;
}

/** Where the cable runs; if that is not said, where its jacket is made for, outdoors at least. */
function readSurroundings(reader: RowReader, cable: Cable | null): Jacket {
  const text = reader.text('surroundings').toLowerCase();
  const named = JACKETS.find((row) => row === text);
  if (named) return named;
  if (text)
    reader.refuse(
      'surroundings',
      `'${text}' is not known here. Write one of: ${JACKETS.join(', ')}.`,
    );
  const made = cable?.environment;
  return made === 'outdoor' || made === 'burial' ? made : 'indoor';
}

function readConnector(
  reader: RowReader,
  field: 'near connector' | 'far connector',
  catalogue: Catalogue,
  cable: Cable | null,
): string {
  const text = reader.text(field);
  const named = connectorNamed(text, catalogue, cable);
  if (named.ok && named.assumed) reader.note(field, `'${text}' ${named.assumed}.`);
  if (named.ok) return named.row.id;
  if (text) reader.refuse(field, named.reason);
  return '';
}

function readRoute(reader: RowReader, lengths: LengthOptions, lengthM: number | null) {
  const parsed = parseRoute(reader.text('route'), lengths, lengthM);
  if (parsed.ok) return parsed.route;
  reader.refuse('route', parsed.reason);
  return [];
}

function headingProblems(head: CsvRow, headings: readonly Heading[]): CellProblem[] {
  const has = (field: ScheduleField) => headings.filter((heading) => heading.field === field);
  return [
    ...REQUIRED_FIELDS.filter((field) => has(field).length === 0).map((field) => ({
      line: head.line,
      column: 0,
      field,
      reason: `No column is headed '${field}'.`,
    })),
    ...SCHEDULE_FIELDS.filter((field) => has(field).length > 1).map((field) => ({
      line: head.line,
      column: (has(field)[1]?.index ?? 0) + 1,
      field,
      reason: `Two columns mean '${field}'.`,
    })),
  ];
}

function refuseLine(line: number, reason: string): ParsedSchedule {
  return { ok: false, problems: [{ line, column: 0, field: '', reason }] };
}
