import { METRES_PER } from './length-unit';
import { parseLength } from './parse-length';

export type ParsedNumber =
  /** Null where nothing is typed. */
  | { readonly ok: true; readonly value: number | null }
  | { readonly ok: false; readonly reason: string };

/** SI prefixes that are written before a unit; "u" stands for micro. */
const PREFIXES: Readonly<Record<string, number>> = {
  p: 1e-12,
  n: 1e-9,
  u: 1e-6,
  µ: 1e-6,
  μ: 1e-6,
  m: 1e-3,
  '': 1,
  k: 1e3,
  K: 1e3,
  M: 1e6,
  G: 1e9,
};

/** Units that take a prefix, by every spelling that is read. */
const BASES: Readonly<Record<string, readonly string[]>> = {
  s: ['s', 'sec', 'second', 'seconds'],
  Hz: ['Hz', 'hz', 'HZ'],
  V: ['V', 'v', 'volt', 'volts'],
  A: ['A', 'a', 'amp', 'amps', 'ampere'],
  Ω: ['Ω', 'Ω', 'ω', 'ohm', 'ohms', 'Ohm'],
  'S/s': ['S/s', 'Sa/s', 's/s'],
};
/** Units that stand as they are. */
const PLAIN: Readonly<Record<string, readonly string[]>> = {
  '%': ['%', 'percent'],
  dB: ['dB', 'db', 'DB'],
  'dB/100 m': ['dB/100 m', 'dB/100m', 'dB'],
  'dB/100 ft': ['dB/100 ft', 'dB/100ft', 'dB'],
  dBµV: ['dBµV', 'dBuV', 'dBμV', 'dB'],
  AWG: ['AWG', 'awg'],
  min: ['min', 'minutes', 'minute'],
  samples: ['samples', 'sample', 'pts', 'points'],
  ways: ['ways'],
};

interface Read {
  readonly base: string;
  readonly factor: number;
}

/** What a unit is, and how much of its base: "ns" is a thousand millionth of a second. */
function unitOf(text: string): Read | null {
  for (const [base, names] of Object.entries(BASES))
    for (const name of names) {
      if (!text.endsWith(name)) continue;
      const factor = PREFIXES[text.slice(0, -name.length)];
      if (factor !== undefined) return { base, factor };
    }
  return null;
}

const NUMBER = /^([+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:e[+-]?\d+)?)\s*(.*)$/i;
const LENGTHS = new Set<string>(Object.keys(METRES_PER));

/**
 * Reads a number as people type it into a field whose unit stands beside it: bare, or with a unit of its own
 * that is converted: "0.84 us" in a field of ns is 840, "21 ft" in one of m is 6.4008, "68 F" in one of °C 20.
 *
 * @param unit of the field; empty for a plain number
 * @returns the value in the field's unit, or what can't be read and what to write instead
 */
export function parseNumber(text: string, unit: string): ParsedNumber {
  const typed = text.trim().replaceAll('−', '-').replaceAll('\u00a0', ' ');
  if (typed === '') return { ok: true, value: null };
  const refuse = (why: string): ParsedNumber => ({
    ok: false,
    reason: `‘${text.trim()}’ ${why}. Write ${unit === '' ? 'a number, such as 0.72' : `a number of ${unit}`}.`,
  });
  const [, digits, written = ''] = NUMBER.exec(typed) ?? [];
  const isLength = LENGTHS.has(unit);
  if (digits === undefined && !isLength) return refuse('is not a number');
  const value = Number((digits ?? '').replace(',', '.'));
  if (digits !== undefined && written === '') return { ok: true, value };
  if (isLength) return asLength(typed, unit as keyof typeof METRES_PER, refuse);
  if (unit === '°C') {
    if (/^(°\s*C|C|celsius)$/i.test(written)) return { ok: true, value };
    if (/^(°\s*F|F|fahrenheit)$/i.test(written))
      return { ok: true, value: Number((((value - 32) * 5) / 9).toPrecision(12)) };
    return refuse(`has ‘${written}’, which is no temperature`);
  }
  if (unit === '' && written === '%') return { ok: true, value: tidy(value / 100) };
  if (PLAIN[unit]?.includes(written)) return { ok: true, value };
  const [from, to] = [unitOf(written), unitOf(unit)];
  if (!to || !from || from.base !== to.base)
    return refuse(`has ‘${written}’, which is ${from ? 'another unit' : 'no unit'}`);
  return { ok: true, value: tidy((value * from.factor) / to.factor) };
}

/** A conversion leaves no dust in the last figures. */
const tidy = (value: number): number => Number(value.toPrecision(12));

function asLength(
  typed: string,
  unit: keyof typeof METRES_PER,
  refuse: (why: string) => ParsedNumber,
): ParsedNumber {
  const sign = typed.startsWith('-') ? -1 : 1;
  const parsed = parseLength(typed.replace(/^[+-]\s*/, ''), { bareUnit: unit, comma: 'decimal' });
  if (parsed.ok) return { ok: true, value: tidy((sign * parsed.lengthM) / METRES_PER[unit]) };
  return refuse('is not a length');
}
