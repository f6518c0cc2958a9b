import papa from 'papaparse';
import type { CaptureHints, CaptureNote, ParsedCapture } from './capture';
import { cellNumber, headingUnit, unitOf } from './cell-number';
import { note } from './messages';
import { headerOf, type HeaderLine } from './scope-header';
import { timebaseOf } from './scope-timebase';

type Row = readonly string[];

const MOST_SAMPLES = 4_000_000;
const LEAST_ROWS = 2;
/** Rows by which columns and separators are made out. */
const LOOKED_AT = 2000;
const TRIGGER_NAME = /trig|sync|marker|ext/i;
const LENGTH_KEY =
  /record\W*length|points|punkte|samples$|number of (points|samples)|memory\W*length/i;
const OHM_KEY =
  /(input|channel|eingang\w*)?\W*(impedance|impedanz|imp[eé]dance|termination|abschluss)/i;
const VELOCITY_KEY = /velocity\W*factor|verk[uü]rzungsfaktor|\bvf\b|\bnvp\b/i;
const VERTICAL_KEY = /(vertical|y|volt\w*)\W*unit/i;

/**
 * Reads a table that an oscilloscope wrote: commas, semicolons, tabs or blanks between cells, decimal
 * commas, any header before the samples or beside them, units in headings, in a row of their own or in
 * the header; several channels, or no times at all where the header tells the interval or the rate.
 */
export function parseScopeCsv(text: string): ParsedCapture {
  const plain = text.replace(/^\uFEFF/, '');
  if (plain.trim() === '') return bad(1, 'The file is empty');
  const table = rowsOf(plain);
  if (!table) return bad(1, 'There is no table of numbers in it');
  const { rows, number } = table;
  const columns = columnsOf(rows, number);
  if (columns.length === 0) return bad(1, 'There is no table of numbers in it');
  const isData = (row: Row) =>
    columns.every((column) => Number.isFinite(number(row[column] ?? '')));
  const first = firstOfData(rows, isData);
  if (first < 0) return bad(1, 'There is no table of numbers in it');
  const header = headerOf(rows, first, columns);
  const notes: CaptureNote[] = [];
  const last = lastOfData(rows, first, isData);
  if (typeof last === 'object') return last;
  let end = last + 1;
  const after = rows.slice(end).find((row) => row.some((cell) => cell.trim() !== ''));
  const wholeLines = /[\r\n]\s*$/.test(plain);
  const shorter = (row: Row, than: Row) => row.join('').length < than.join('').length - 1;
  if (
    after ??
    (!wholeLines && end - first > 2 && shorter(rows[end - 1] as Row, rows[end - 2] as Row))
  ) {
    if (!after) end -= 1;
    notes.push({
      kind: 'truncated',
      sentence: note('capture-line-left-out', { line: end + 1 }),
    });
  }
  const count = end - first;
  if (count < LEAST_ROWS) return bad(first + 1, 'There is one row of numbers; a trace has many');
  if (count > MOST_SAMPLES)
    return bad(first + MOST_SAMPLES, `There are more than ${MOST_SAMPLES} samples`);
  const cells = (column: number) =>
    Float64Array.from({ length: count }, (_, n) => number(rows[first + n]?.[column] ?? ''));
  const names = namesOf(rows, first, columns);
  const base = timebaseOf(columns, names, cells, header, first);
  if ('ok' in base) return base;
  const channels = columns.filter((column) => column !== base.column && !base.skipped.has(column));
  if (channels.length === 0) return bad(first + 1, 'There is a column of times and none of volts');
  const usable = channels.filter((column) => !TRIGGER_NAME.test(names.get(column)?.name ?? ''));
  const candidates = usable.length > 0 ? usable : channels;
  const chosen = candidates.find((column) => lively(cells(column))) ?? candidates[0] ?? 0;
  const name = names.get(chosen)?.name || `column ${chosen + 1}`;
  if (channels.length > 1)
    notes.push({
      kind: 'channels',
      sentence: note('capture-channel-read', { channels: channels.length, name }),
    });
  const unit = names.get(chosen)?.unit;
  const told = header.find(({ key }) => VERTICAL_KEY.test(key));
  const factor =
    unit?.kind === 'volts' ? unit.factor : told ? (unitOf(told.words[0] ?? '')?.factor ?? 1) : 1;
  const volts = cells(chosen);
  if (factor !== 1) for (let n = 0; n < count; n += 1) volts[n] = (volts[n] as number) * factor;
  const promised = header.find(({ key }) => LENGTH_KEY.test(key))?.value;
  if (
    promised !== undefined &&
    promised > count + 1 &&
    notes.every(({ kind }) => kind !== 'truncated')
  )
    notes.push({
      kind: 'truncated',
      sentence: note('capture-cut-off', { promised, count }),
    });
  return {
    ok: true,
    capture: {
      kind: 'trace',
      trace: { volts, intervalS: base.intervalS, fromS: base.fromS },
      hints: hintsOf(header),
      notes,
      firstLine: first + 1,
    },
  };
}

const bad = (line: number, reason: string): ParsedCapture => ({ ok: false, line, reason });

interface Table {
  readonly rows: readonly Row[];
  readonly number: (cell: string) => number;
}

/** The separator by which most lines become numbers; of equals, the one with more of them. */
function rowsOf(text: string): Table | null {
  const sample = text
    .slice(-200_000)
    .split(/\r\n|\r|\n/)
    .slice(1)
    .filter((line) => line.trim() !== '');
  const lines = sample.length > 2 ? sample.slice(0, 300) : text.split(/\r\n|\r|\n/);
  const score = (delimiter: string, commaSeparates: boolean) => {
    let [all, cells] = [0, 0];
    for (const line of lines) {
      const parts = splitLine(line, delimiter).filter((part) => part.trim() !== '');
      if (
        parts.length === 0 ||
        parts.some((part) => Number.isNaN(cellNumber(part, commaSeparates)))
      )
        continue;
      all += 1;
      cells += parts.length;
    }
    return all + cells / 1e4;
  };
  const choices = [
    { delimiter: '\t', comma: false },
    { delimiter: ';', comma: false },
    { delimiter: ',', comma: true },
    { delimiter: ' ', comma: false },
  ].map((choice) => ({ ...choice, score: score(choice.delimiter, choice.comma) }));
  const best = choices.reduce((one, other) => (other.score > one.score * 1.00001 ? other : one));
  if (best.score === 0) return null;
  const source =
    best.delimiter === ' ' ? text.replace(/[^\S\r\n]+/g, ' ').replace(/^ /gm, '') : text;
  const { data } = papa.parse<string[]>(source, {
    delimiter: best.delimiter,
    skipEmptyLines: false,
  });
  const rows = best.delimiter === ',' ? decimalCommas(data) : data;
  const commaSeparates = best.delimiter === ',' && rows === data;
  return { rows, number: (cell) => cellNumber(cell, commaSeparates) };
}

const splitLine = (line: string, delimiter: string): string[] =>
  (delimiter === ' ' ? line.trim().split(/\s+/) : line.split(delimiter)).map((part) =>
    part.replace(/^"|"$/g, ''),
  );

/** Whole parts and what follows the comma take turns. */
const tornRow = (row: readonly string[]): boolean =>
  row.length >= 2 &&
  row.length % 2 === 0 &&
  row.every((cell, index) =>
    index % 2 === 0 ? /^\s*[+-]?\d+$/.test(cell) : /^\d+(e[+-]?\d+)?\s*$/i.test(cell),
  );

/**
 * “-1,05E-07,0,026” is two numbers, where a fraction begins with a nought somewhere, or where the header has
 * semicolons between its cells.
 */
function decimalCommas(rows: string[][]): readonly Row[] {
  const torn = rows.filter(tornRow);
  // Two cells may be a time and volts as well: then the first of them rises from row to row.
  const pairs = torn.every((row) => row.length === 2);
  const rising = torn.every((row, n) => n === 0 || Number(row[0]) > Number(torn[n - 1]?.[0]));
  const fractions = torn.some((row) =>
    row.some((cell, index) => index % 2 === 1 && /^0\d/.test(cell)),
  );
  const otherwise = rows.some((row) => !tornRow(row) && row.some((cell) => cell.includes(';')));
  if (torn.length < 0.5 * rows.length || !(fractions || otherwise) || (pairs && rising))
    return rows;
  return rows.map((row) =>
    tornRow(row)
      ? row.flatMap((cell, index) => (index % 2 === 0 ? [`${cell},${row[index + 1] ?? ''}`] : []))
      : // A line of the header that is separated otherwise was torn as well.
        row.some((cell) => /[;\t]/.test(cell))
        ? [row.join(',')]
        : row,
  );
}

/** The columns that hold numbers in most rows. */
function columnsOf(rows: readonly Row[], number: (cell: string) => number): number[] {
  const step = Math.max(1, Math.floor(rows.length / LOOKED_AT));
  const counts: number[] = [];
  let looked = 0;
  for (let n = 0; n < rows.length; n += step) {
    const row = rows[n] as Row;
    if (row.every((cell) => cell.trim() === '')) continue;
    looked += 1;
    row.forEach((cell, column) => {
      if (Number.isFinite(number(cell))) counts[column] = (counts[column] ?? 0) + 1;
    });
  }
  const most = Math.max(0, ...Array.from(counts, (count) => count ?? 0));
  if (most < Math.min(LEAST_ROWS, looked)) return [];
  return [...counts.keys()].filter((column) => (counts[column] ?? 0) > 0.8 * most);
}

/** First row of the longest run of data; a header may hold a row that looks like it. */
function firstOfData(rows: readonly Row[], isData: (row: Row) => boolean): number {
  let [best, length, from] = [-1, 0, -1];
  for (let n = 0; n <= rows.length; n += 1) {
    const data = n < rows.length && isData(rows[n] as Row);
    if (data && from < 0) from = n;
    if (!data && from >= 0) {
      if (n - from > length) [best, length] = [from, n - from];
      from = -1;
    }
  }
  return best;
}

/** Last row of data; a row between two that are none is told with what is in it. */
function lastOfData(
  rows: readonly Row[],
  first: number,
  isData: (row: Row) => boolean,
): number | ParsedCapture {
  let end = first;
  while (end < rows.length && isData(rows[end] as Row)) end += 1;
  const before = rows.slice(Math.max(0, first - 400), first);
  const rest = rows.slice(end).filter((row) => row.some((cell) => cell.trim() !== ''));
  if (rest.filter(isData).length > 0)
    return bad(
      end + 1,
      `“${(rows[end] as Row).join(' ').trim().slice(0, 30)}” is no row of numbers like those before it`,
    );
  // Samples, then one that is none, then the longer part: what the header would never hold.
  const torn = before.findLastIndex(isData);
  if (torn >= 0 && before.length - torn <= 2 && before.filter(isData).length > 3)
    return bad(
      first,
      `“${(rows[first - 1] as Row).join(' ').trim().slice(0, 30)}” is no row of numbers like those around it`,
    );
  return end - 1;
}

function hintsOf(header: readonly HeaderLine[]): CaptureHints {
  const ohm = header.find(({ key, value }) => OHM_KEY.test(key) && value !== undefined)?.value;
  const velocity = header.find(
    ({ key, value }) => VELOCITY_KEY.test(key) && value !== undefined,
  )?.value;
  const factor = velocity !== undefined && velocity > 1 ? velocity / 100 : velocity;
  return {
    scopeOhm: ohm !== undefined && ohm > 0 ? ohm : null,
    velocityFactor: factor !== undefined && factor > 0.3 && factor <= 1 ? factor : null,
  };
}

/** What each column is called, by the row or two rows of words right above the samples. */
function namesOf(rows: readonly Row[], first: number, columns: readonly number[]) {
  const above = rows
    .slice(0, first)
    .filter((row) => row.some((cell) => cell.trim() !== ''))
    .slice(-2)
    .reverse()
    // What marks a line as a comment is no column.
    .map((row) => (/^\s*[#%]+\s*$/.test(row[0] ?? '') ? row.slice(1) : row));
  const units = above[0]?.filter((cell) => cell.trim() !== '') ?? [];
  const unitRow = units.length > 0 && units.every((cell) => unitOf(cell) !== null);
  const nameRow = unitRow ? above[1] : above[0];
  return new Map(
    columns.map((column) => {
      const name = (nameRow?.[column] ?? '').trim().replace(/^#\s*/, '');
      const unit = unitRow ? unitOf(above[0]?.[column] ?? '') : headingUnit(name);
      return [column, { name, unit }] as const;
    }),
  );
}

/** Whether a channel shows anything but its noise. */
function lively(volts: Float64Array): boolean {
  let [least, most, moved] = [Infinity, -Infinity, 0];
  for (let n = 0; n < volts.length; n += 1) {
    const volt = volts[n] as number;
    least = Math.min(least, volt);
    most = Math.max(most, volt);
    if (n > 0) moved += Math.abs(volt - (volts[n - 1] as number));
  }
  return most - least > (8 * moved) / volts.length;
}
