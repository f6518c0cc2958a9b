import { cellNumber, headingUnit, unitOf, type Unit } from './cell-number';

/** A key of a header and what it tells. */
export interface HeaderLine {
  readonly key: string;
  readonly words: readonly string[];
  /** The number told, in SI by the unit beside it. */
  readonly value: number | undefined;
  readonly unit: Unit | null;
}

/** Of a row of keys with one of values under it, each key with its value. */
const inColumns = (rows: readonly (readonly string[])[]): string[][] =>
  rows.flatMap((row, n) =>
    row.flatMap((key, column) => {
      const value = rows[n + 1]?.[column] ?? '';
      return Number.isFinite(cellNumber(value, false)) &&
        /[a-z]/i.test(key) &&
        !Number.isFinite(cellNumber(key, false)) &&
        !Number.isFinite(cellNumber(row[column + 1] ?? '', false))
        ? [[key, value]]
        : [];
    }),
  );

/** Keys and values before the samples, and beside them in columns that hold none. */
export function headerOf(
  rows: readonly (readonly string[])[],
  first: number,
  columns: readonly number[],
): HeaderLine[] {
  const beside = rows
    .slice(first, first + 60)
    .map((row) => row.filter((_, column) => !columns.includes(column)));
  const before = rows.slice(0, first);
  return [...before, ...beside, ...inColumns(before)].flatMap((row) => {
    const cells = row.flatMap(headerCells).map((cell) => cell.replace(/^[#"%\s]+|["\s]+$/g, ''));
    const [key = '', ...rest] = cells.filter((cell) => cell !== '');
    if (key === '' || Number.isFinite(cellNumber(key, false))) return [];
    // “2.5 GS/s” in one cell, “2.5” and “GS/s” in two, or the unit in the key.
    const words = rest.flatMap((cell) => cell.split(/\s+/)).filter(Boolean);
    const at = words.findIndex((word) => Number.isFinite(cellNumber(word, false)));
    const glued = words
      .map((word) => /^([+-]?[\d.,]+(?:e[+-]?\d+)?)([a-zµμΩ/]+)$/i.exec(word))
      .find(Boolean);
    const unit =
      (at >= 0 ? unitOf(words[at + 1] ?? '') : glued ? unitOf(glued[2] ?? '') : null) ??
      headingUnit(key);
    const raw =
      at >= 0
        ? cellNumber(words[at] ?? '', false)
        : glued
          ? cellNumber(glued[1] ?? '', false)
          : undefined;
    return [{ key, words, value: raw === undefined ? undefined : raw * (unit?.factor ?? 1), unit }];
  });
}

/** A header may be separated otherwise than the samples are. */
const headerCells = (cell: string): string[] =>
  cell.split(/[;\t]/.test(cell) ? /[;\t:=]/ : /[,:=]/);
