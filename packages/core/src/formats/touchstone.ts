/** One value of a scattering matrix. */
export interface Complex {
  readonly re: number;
  readonly im: number;
}

/** Scattering parameters over frequency; `s[row][column]`, the wave out of a port by the wave into one. */
export interface Touchstone {
  readonly ports: number;
  readonly referenceOhm: number;
  readonly points: readonly { readonly hz: number; readonly s: readonly (readonly Complex[])[] }[];
}

export type ParsedTouchstone =
  | {
      readonly ok: true;
      readonly network: Touchstone;
      /** Whether the file says in what unit its frequencies are; GHz is taken where it does not. */
      readonly isUnitNamed: boolean;
    }
  | { readonly ok: false; readonly line: number; readonly reason: string };

const HZ: Readonly<Record<string, number>> = { hz: 1, khz: 1e3, mhz: 1e6, ghz: 1e9 };

/** Where no unit is named. Source: Touchstone 1.1. */
const UNNAMED_HZ = 1e9;

/** Magnitude and angle in each of the three ways of writing them. */
const FORMATS: Readonly<Record<string, (a: number, b: number) => Complex>> = {
  ri: (re, im) => ({ re, im }),
  ma: (size, degrees) => polar(size, degrees),
  db: (decibel, degrees) => polar(10 ** (decibel / 20), degrees),
};

const polar = (size: number, degrees: number): Complex => ({
  re: size * Math.cos((degrees * Math.PI) / 180),
  im: size * Math.sin((degrees * Math.PI) / 180),
});

/** A two-port's noise data has so many. */
const NOISE_COLUMNS = 5;
const MOST_PORTS = 8;
const MOST_POINTS = 200_001;

interface Options {
  /** Null where none is named. */
  readonly hz: number | null;
  readonly format: string;
  readonly referenceOhm: number;
}

/**
 * Reads a Touchstone file, version 1.1 or 2.0, of scattering parameters.
 *
 * @param name of the file: its ending (.s2p) tells how many ports it has; else the first line does
 */
export function parseTouchstone(text: string, name = ''): ParsedTouchstone {
  let options: Options = { hz: null, format: 'ma', referenceOhm: 50 };
  let ports = Number(/\.s(\d)p$/i.exec(name.trim())?.[1] ?? 0);
  let order: '21_12' | '12_21' = '21_12';
  let [optionsSeen, done, wrapped] = [false, false, false];
  const numbers: number[] = [];
  const lines: number[] = [];
  const bad = (line: number, reason: string): ParsedTouchstone => ({ ok: false, line, reason });
  const rows = text.split(/\r\n|\r|\n/);
  for (const [index, raw] of rows.entries()) {
    const line = index + 1;
    const row = (raw.split('!')[0] ?? '').trim();
    if (row === '' || done) continue;
    if (row.startsWith('#')) {
      // Only the first one counts.
      if (optionsSeen) continue;
      optionsSeen = true;
      const parsed = parseOptions(row);
      if (typeof parsed === 'string') return bad(line, parsed);
      options = parsed;
      continue;
    }
    if (row.startsWith('[')) {
      const [, keyword = '', value = ''] = /^\[([^\]]*)\]\s*(.*)$/.exec(row) ?? [];
      const key = keyword.toLowerCase();
      wrapped = true;
      if (key === 'number of ports') ports = Number(value);
      if (key === 'two-port data order') order = value.trim() === '12_21' ? '12_21' : '21_12';
      if (key === 'matrix format' && value.trim().toLowerCase() !== 'full')
        return bad(line, 'only full matrices are read');
      if (key === 'noise data' || key === 'end') done = true;
      if (key === 'reference' && value.trim() !== '')
        options = { ...options, referenceOhm: Number(value.trim().split(/\s+/)[0]) };
      continue;
    }
    const words = row.split(/[\s,]+/).filter(Boolean);
    const needed = ports === 1 || ports === 2 ? 1 + 2 * ports * ports : null;
    // Points of one and two ports stand in a line each; only version 2 lets them run on.
    if (needed !== null && !wrapped && words.length !== needed && words.length !== NOISE_COLUMNS)
      return bad(line, `has ${words.length} numbers where ${needed} make a point`);
    for (const word of words) {
      const value = Number(word);
      if (!Number.isFinite(value)) return bad(line, `“${word.slice(0, 20)}” is not a number`);
      numbers.push(value);
      lines.push(line);
    }
    if (ports === 0) ports = { 3: 1, 9: 2 }[numbers.length] ?? 0;
    if (ports === 0)
      return bad(line, 'how many ports it has is not told: name the file .s1p, .s2p …');
  }
  if (!Number.isInteger(ports) || ports < 1 || ports > MOST_PORTS)
    return bad(1, `has no data, or not 1 to ${MOST_PORTS} ports`);
  if (!(options.referenceOhm > 0)) return bad(1, 'the reference impedance is not above nothing');
  return group(numbers, lines, ports, options, order);
}

function parseOptions(row: string): Options | string {
  const words = row.slice(1).trim().toLowerCase().split(/\s+/).filter(Boolean);
  const at = words.indexOf('r');
  const referenceOhm = at < 0 ? 50 : Number(words[at + 1]);
  const rest = words.filter((_, index) => at < 0 || (index !== at && index !== at + 1));
  const unit = rest.find((word) => word in HZ);
  const format = rest.find((word) => word in FORMATS) ?? 'ma';
  const parameter = rest.find((word) => /^[szyhg]$/.test(word)) ?? 's';
  if (parameter !== 's') return `has ${parameter.toUpperCase()} parameters; S is read`;
  const strange = rest.find((word) => !(word in HZ) && !(word in FORMATS) && word !== 's');
  if (strange) return `“${strange.slice(0, 20)}” is not an option`;
  return { hz: HZ[unit ?? ''] ?? null, format, referenceOhm };
}

function group(
  numbers: readonly number[],
  lines: readonly number[],
  ports: number,
  { hz: named, format, referenceOhm }: Options,
  order: '21_12' | '12_21',
): ParsedTouchstone {
  const hz = named ?? UNNAMED_HZ;
  const width = 1 + 2 * ports * ports;
  const read = FORMATS[format] as (a: number, b: number) => Complex;
  const points: Touchstone['points'][number][] = [];
  let last = -1;
  for (let from = 0; from < numbers.length; from += width) {
    const line = lines[from] ?? 1;
    // A two-port's noise data begins where the frequency falls back.
    if (ports === 2 && points.length > 0 && (numbers[from] as number) * hz < last) break;
    if (from + width > numbers.length)
      return {
        ok: false,
        line,
        reason: `ends in the middle of a point: ${width} numbers make one`,
      };
    const frequency = (numbers[from] as number) * hz;
    if (frequency <= last)
      return { ok: false, line, reason: 'the frequency does not rise from line to line' };
    last = frequency;
    const at = (row: number, column: number) => {
      // Two ports are written S11 S21 S12 S22, more of them row by row.
      const [r, c] = ports === 2 && order === '21_12' ? [column, row] : [row, column];
      const place = from + 1 + 2 * (r * ports + c);
      return read(numbers[place] as number, numbers[place + 1] as number);
    };
    const indices = Array.from({ length: ports }, (_, index) => index);
    points.push({
      hz: frequency,
      s: indices.map((row) => indices.map((column) => at(row, column))),
    });
    if (points.length > MOST_POINTS)
      return { ok: false, line, reason: `has more than ${MOST_POINTS - 1} points` };
  }
  if (points.length === 0) return { ok: false, line: 1, reason: 'has no data' };
  return { ok: true, network: { ports, referenceOhm, points }, isUnitNamed: named !== null };
}
