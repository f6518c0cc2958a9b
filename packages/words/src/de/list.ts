/** „a“, „a und b“, „a, b und c“. */
export const list = (items: readonly string[]): string =>
  items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} und ${items.at(-1) ?? ''}`;

/** The same of alternatives. */
export const either = (items: readonly string[]): string =>
  items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} oder ${items.at(-1) ?? ''}`;

const COUNT = [
  'kein',
  'ein',
  'zwei',
  'drei',
  'vier',
  'fünf',
  'sechs',
  'sieben',
  'acht',
  'neun',
  'zehn',
];
export const counted = (count: number): string => COUNT[count] ?? String(count);
