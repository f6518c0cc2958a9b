import papa from 'papaparse';

export const SWEEP_KINDS = [
  'insertion-loss',
  'next',
  'ps-next',
  'acr-f',
  'ps-acr-f',
  'return-loss',
] as const;
export type SweepKind = (typeof SWEEP_KINDS)[number];

/** One column of a sweep table, dB as losses are told: positive. */
export interface SweepColumn {
  readonly name: string;
  readonly parameter: SweepKind;
  readonly points: readonly { readonly mhz: number; readonly db: number }[];
}

export type ParsedSweeps =
  | { readonly ok: true; readonly sweeps: readonly SweepColumn[] }
  | { readonly ok: false; readonly line: number; readonly reason: string };

const MHZ: readonly (readonly [RegExp, number])[] = [
  [/\bghz\b/i, 1e3],
  [/\bmhz\b/i, 1],
  [/\bkhz\b/i, 1e-3],
  [/\bhz\b/i, 1e-6],
];
const KIND: readonly (readonly [RegExp, SweepKind])[] = [
  [/insertion|attenuation|\bil\b/i, 'insertion-loss'],
  [/ps[\s-]*next|power\s*sum.*next/i, 'ps-next'],
  [/ps[\s-]*(acr|elfext)|power\s*sum.*(acr|elfext)/i, 'ps-acr-f'],
  [/acr[\s-]*f|elfext/i, 'acr-f'],
  [/next|crosstalk/i, 'next'],
  [/return|\brl\b/i, 'return-loss'],
];

/**
 * Reads a table of sweeps: the first column is the frequency, its unit in its heading; every other one
 * is named after what it is, "insertion loss", "NEXT", "PSNEXT", "ACR-F", "PSACR-F" or "return loss", in dB of either sign. Commas,
 * semicolons or tabs; decimal commas where they do not separate.
 */
export function parseSweepCsv(text: string): ParsedSweeps {
  const bad = (line: number, reason: string): ParsedSweeps => ({ ok: false, line, reason });
  const { data, meta } = papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), {
    skipEmptyLines: false,
  });
  const [head = [], ...rows] = data;
  const [first = '', ...names] = head.map((cell) => cell.trim());
  const scale = MHZ.find(([pattern]) => pattern.test(first))?.[1];
  if (scale === undefined)
    return bad(1, `‘${first.slice(0, 40)}’ names no frequency. Write its unit, such as “MHz”`);
  const kinds = names.map((name) => KIND.find(([pattern]) => pattern.test(name))?.[1]);
  const strange = names[kinds.indexOf(undefined)];
  if (names.length === 0) return bad(1, 'there is no column but the frequency');
  if (strange !== undefined)
    return bad(
      1,
      `‘${strange.slice(0, 40)}’ is none of insertion loss, NEXT, PSNEXT, ACR-F, PSACR-F or return loss`,
    );
  const number = (cell: string) => {
    const plain = meta.delimiter === ',' ? cell : cell.replace(',', '.');
    return plain.trim() === '' ? Number.NaN : Number(plain);
  };
  const points = names.map((): { mhz: number; db: number }[] => []);
  let before = 0;
  for (const [index, row] of rows.entries()) {
    const line = index + 2;
    if (row.every((cell) => cell.trim() === '')) continue;
    const mhz = number(row[0] ?? '') * scale;
    if (!(mhz > before)) return bad(line, `‘${row[0] ?? ''}’ is no frequency above the one before`);
    before = mhz;
    for (const [column, list] of points.entries()) {
      const cell = row[column + 1] ?? '';
      const db = number(cell);
      if (!Number.isFinite(db)) return bad(line, `‘${cell.trim()}’ is not a number of decibels`);
      list.push({ mhz, db: Math.abs(db) });
    }
  }
  if (before === 0) return bad(2, 'there is no row below the heading');
  return {
    ok: true,
    sweeps: names.map((name, column) => ({
      name,
      parameter: kinds[column] as SweepKind,
      points: points[column] ?? [],
    })),
  };
}
