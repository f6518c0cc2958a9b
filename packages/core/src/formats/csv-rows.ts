import papa from 'papaparse';

/** A cell that can't be read. Line and column count from 1; column 0 means the whole line. */
export interface CellProblem {
  readonly line: number;
  readonly column: number;
  readonly field: string;
  readonly reason: string;
}

/** A line of a table, with its number in the file. */
export interface CsvRow {
  readonly line: number;
  readonly cells: readonly string[];
}

/** The separator that the first line uses most, outside quotes. */
export function delimiterOf(text: string): ',' | ';' | '\t' {
  const first = (text.split(/\r?\n|\r/).find((line) => line.trim() !== '') ?? '').replace(
    /"[^"]*"/g,
    '',
  );
  const count = (sign: string) => first.split(sign).length - 1;
  const signs = [',', ';', '\t'] as const;
  return signs.reduce((best, sign) => (count(sign) > count(best) ? sign : best));
}

/** Splits the text into rows that know the line on which they begin, or tells what broke. */
export function rowsOf(text: string, delimiter: string): CsvRow[] | CellProblem {
  const source = text.replace(/^\ufeff/, '');
  const rows: CsvRow[] = [];
  let line = 1;
  let cursor = 0;
  let broken: CellProblem | undefined;
  papa.parse<string[]>(source, {
    delimiter,
    step: ({ data, errors, meta }) => {
      const quote = errors.find((error) => error.type === 'Quotes');
      if (quote && !broken)
        broken = {
          line,
          column: 0,
          field: '',
          reason:
            'A quoted cell that begins on this line is not closed, or text follows its closing quote.',
        };
      rows.push({ line, cells: data });
      line += source.slice(cursor, meta.cursor).match(/\r\n|\n|\r/g)?.length ?? 0;
      cursor = meta.cursor;
    },
  });
  return broken ?? rows;
}
