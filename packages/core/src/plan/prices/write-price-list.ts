import papa from 'papaparse';
import type { Price } from './price-list';

/** A part with the name that people know it by. */
export interface NamedPart {
  readonly part: string;
  readonly name: string;
}

/** Parts as a list to be filled in; prices that are known stand there. What a sheet would take for a formula is quoted. */
export function writePriceList(
  parts: readonly NamedPart[],
  prices: readonly Price[],
  currency: string,
): string {
  const known = new Map(prices.map((price) => [price.part, price]));
  const table = parts.map(({ part, name }) => {
    const price = known.get(part);
    return {
      part,
      name,
      price: price?.price ?? '',
      pack: price?.pack ?? '',
      currency,
      date: price?.date ?? '',
    };
  });
  const fields = ['part', 'name', 'price', 'pack', 'currency', 'date'];
  const data = table.map((row) => fields.map((field) => row[field as keyof typeof row]));
  return `${papa.unparse({ fields, data }, { newline: '\r\n', escapeFormulae: true })}\r\n`;
}
