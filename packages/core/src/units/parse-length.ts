import { METRES_PER, UNIT_SPELLINGS, type LengthUnit } from './length-unit';

export type ParsedLength =
  | { readonly ok: true; readonly lengthM: number }
  | { readonly ok: false; readonly column: number; readonly reason: string };

export interface LengthOptions {
  /** The unit of a bare number. Without it a bare number is refused. */
  readonly bareUnit?: LengthUnit;
  /**
   * How "1,250" is read: as a decimal fraction, or refused because it could also be a
   * thousand. "12,5" and "0,125" can only be fractions and are always read.
   */
  readonly comma?: 'decimal' | 'refuse-ambiguous';
}

const NUMBER = /^(?:(\d+)\s*[\s-]\s*)?(\d+)\s*\/\s*(\d+)|^(\d+(?:[.,]\d*)?|[.,]\d+)/;
const UNIT = /^(?:''|["'′″’”]|[a-zµ]+\.?)/i;

/**
 * Reads a length as people type it: "12.5 m", "12,5m", "41 ft", "41'", "5' 6\"", "1 1/2 in".
 *
 * @returns the length in metres (zero or more), or the column (from 1) of the first character
 *   that can't be read and a reason that says what to write instead.
 */
export function parseLength(text: string, options: LengthOptions = {}): ParsedLength {
  const refuse = (at: number, why: string): ParsedLength => ({
    ok: false,
    column: at + 1,
    reason: `'${text.trim()}' is not a length: ${why}. Write 12.5 m or 41 ft.`,
  });
  let at = text.length - text.trimStart().length;
  const end = text.trimEnd().length;
  if (at >= end) return { ok: false, column: 1, reason: 'No length given. Write 12.5 m or 41 ft.' };

  let total = 0;
  let previous: LengthUnit | undefined;
  while (at < end) {
    const number = NUMBER.exec(text.slice(at, end));
    if (!number) {
      const why = text[at] === '-' ? 'a length can’t be negative' : 'a number should stand here';
      return refuse(at, why);
    }
    const size = numberFrom(number, options);
    if (typeof size === 'string') return refuse(at, size);
    at += number[0].length;
    while (text[at] === ' ' || text[at] === '\u00a0' || text[at] === '\t') at += 1;

    const written = UNIT.exec(text.slice(at, end))?.[0];
    const unit = written
      ? UNIT_SPELLINGS[written.toLowerCase().replace(/\.$/, '')]
      : at >= end && previous === undefined
        ? options.bareUnit
        : undefined;
    if (!unit) {
      const found = written ?? text.slice(at, at + 1);
      return refuse(at, found ? `'${found}' is not a unit` : 'the unit is missing');
    }
    if (previous && METRES_PER[unit] >= METRES_PER[previous])
      return refuse(at, `${unit} can’t follow ${previous}`);
    total += size * METRES_PER[unit];
    previous = unit;
    at += written?.length ?? 0;
    while (at < end && /\s/.test(text[at] ?? '')) at += 1;
  }
  return { ok: true, lengthM: total };
}

/** The number that NUMBER matched, or why it can't be one. */
function numberFrom(match: RegExpExecArray, options: LengthOptions): number | string {
  const [, whole, numerator, denominator, decimal] = match;
  if (decimal === undefined) {
    if (Number(denominator) === 0) return 'a fraction can’t have 0 below the line';
    return Number(whole ?? 0) + Number(numerator) / Number(denominator);
  }
  const ambiguous = /^[1-9]\d{0,2},\d{3}$/.test(decimal) && options.comma !== 'decimal';
  if (ambiguous) {
    const [thousands, rest] = decimal.split(',');
    return `'${decimal}' can be read as ${thousands}.${rest} or as ${thousands}${rest}`;
  }
  return Number(decimal.replace(',', '.'));
}
