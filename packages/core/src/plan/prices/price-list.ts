import type { Catalogue } from '../../catalogue';
import { delimiterOf, rowsOf, type CellProblem } from '../../formats';

/** What one thing costs, by the piece or, of cable, by the metre. */
export interface Price {
  /** Of a connector, a cable, or what is bought beside them, such as "boot". */
  readonly part: string;
  readonly price: number;
  /** Pieces or metres that come together for that price. */
  readonly pack: number;
  /** ISO 8601; null where nobody told. */
  readonly date: string | null;
}

export interface PriceList {
  /** As it was written: one for all. */
  readonly currency: string;
  /** One a part: of several the newest. */
  readonly prices: readonly Price[];
  /** Names that are nothing of the catalogue: they count for nothing. */
  readonly unknown: readonly string[];
}

export type ParsedPrices =
  | { readonly ok: true; readonly list: PriceList }
  | { readonly ok: false; readonly problems: readonly CellProblem[] };

const COLUMNS = {
  part: ['part', 'id', 'teil'],
  name: ['name', 'article', 'description', 'bezeichnung', 'artikel'],
  price: ['price', 'preis'],
  pack: ['pack', 'packsize', 'packung', 'menge'],
  currency: ['currency', 'waehrung', 'währung'],
  date: ['date', 'datum'],
} as const;
type Column = keyof typeof COLUMNS;

const headed = (cell: string): Column | null => {
  const name = cell.toLowerCase().replace(/[^\p{L}]/gu, '');
  const found = Object.entries(COLUMNS).find(([, names]) => names.some((one) => one === name));
  return (found?.[0] as Column | undefined) ?? null;
};

/** Digits with one decimal sign; what could be either thousands or decimals is refused. */
const MONEY = /^\d+(?:[.,]\d{1,2}|[.,]\d{4})?$/;
const ISO_DAY = /^\d{4}-\d{2}-\d{2}$/;

/**
 * Reads a price list: CSV with the columns part or name, price, pack, currency, date, in any order, separated by
 * commas, semicolons or tabs. All of it is read or nothing: then every bad cell is told.
 *
 * @param catalogue whose ids and names are parts; beside them count the ids in `beside`
 */
export function parsePriceList(
  text: string,
  { connectors, cables }: Catalogue,
  beside: readonly string[],
): ParsedPrices {
  const rows = rowsOf(text, delimiterOf(text));
  if (!Array.isArray(rows)) return { ok: false, problems: [rows] };
  const [head, ...body] = rows.filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
  const columns = new Map<Column, number>();
  head?.cells.forEach((cell, index) => {
    const column = headed(cell);
    if (column && !columns.has(column)) columns.set(column, index);
  });
  if (!head || !columns.has('price') || !(columns.has('part') || columns.has('name')))
    return bad(
      1,
      'The first line has to name the columns: part or name, price, pack, currency, date.',
    );
  const ids = new Map<string, string>();
  for (const { id, name } of [...connectors, ...cables]) {
    ids.set(id, id);
    ids.set(plain(name), id);
  }
  for (const id of beside) ids.set(id, id);
  const problems: CellProblem[] = [];
  const prices = new Map<string, Price>();
  const unknown: string[] = [];
  let currency = '';
  for (const { line, cells } of body) {
    const cell = (column: Column) => (cells[columns.get(column) ?? -1] ?? '').trim();
    const refuse = (field: Column, reason: string) =>
      problems.push({ line, column: (columns.get(field) ?? -1) + 1, field, reason });
    const price = amount(cell('price'));
    const pack = cell('pack') === '' ? 1 : amount(cell('pack'));
    const date = cell('date');
    const had = problems.length;
    // A template that was not filled in to its end.
    if (cell('price') === '') continue;
    if (price === null) refuse('price', `‘${cell('price')}’ is no price: write it like 1234.50.`);
    if (pack === null || pack <= 0)
      refuse('pack', `‘${cell('pack')}’ is no number of pieces or metres.`);
    if (date !== '' && (!ISO_DAY.test(date) || Number.isNaN(Date.parse(date))))
      refuse('date', `‘${date}’ is no day: write it like 2026-05-04.`);
    const own = cell('currency');
    if (own !== '' && currency !== '' && own !== currency)
      refuse('currency', `‘${own}’ beside ${currency}: a list has one currency.`);
    if (currency === '') currency = own;
    const part =
      ids.get(cell('part')) ?? ids.get(plain(cell('name'))) ?? ids.get(plain(cell('part')));
    if (part === undefined) {
      unknown.push(cell('name') || cell('part'));
      continue;
    }
    if (problems.length > had || price === null || pack === null) continue;
    const before = prices.get(part);
    if (before && (date === '' || before.date === null || date === before.date))
      refuse(
        'date',
        `${cell('name') || part} is there twice, and nothing says which price is newer.`,
      );
    else if (!before?.date || date > before.date)
      prices.set(part, { part, price, pack, date: date || null });
  }
  return problems.length > 0
    ? { ok: false, problems }
    : { ok: true, list: { currency, prices: [...prices.values()], unknown } };
}

const plain = (text: string): string => text.toLowerCase().replace(/\s+/g, ' ').trim();

const amount = (text: string): number | null =>
  MONEY.test(text) ? Number(text.replace(',', '.')) : null;

const bad = (line: number, reason: string): ParsedPrices => ({
  ok: false,
  problems: [{ line, column: 0, field: '', reason }],
});
