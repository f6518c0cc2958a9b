const MINUS = /\u2212/g;
const PLAIN = /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i;

/** The number in a cell of a table, or NaN. A comma is a decimal one where it does not separate cells. */
export function cellNumber(cell: string, commaSeparates: boolean): number {
  let plain = cell.trim().replace(MINUS, '-');
  if (!commaSeparates) plain = plain.replace(',', '.');
  return PLAIN.test(plain) ? Number(plain) : Number.NaN;
}

/** Units as instruments write them, with what each is in SI. */
const UNITS: readonly (readonly [RegExp, 'time' | 'volts' | 'rate' | 'ohm', number])[] = [
  [/^(s|sec|seconds?|sekunden?|secondes?)$/i, 'time', 1],
  [/^(ms|milliseconds?)$/, 'time', 1e-3],
  [/^([uµμ]s|us|usec|microseconds?)$/i, 'time', 1e-6],
  [/^(ns|nsec|nanoseconds?)$/i, 'time', 1e-9],
  [/^(ps|picoseconds?)$/i, 'time', 1e-12],
  [/^(v|volts?)$/i, 'volts', 1],
  [/^(mv|millivolts?)$/i, 'volts', 1e-3],
  [/^([uµμ]v|microvolts?)$/i, 'volts', 1e-6],
  [/^(s|sa|samples?|pts)\/s(ec)?$|^hz$/i, 'rate', 1],
  [/^k((s|sa|pts)\/s|hz)$/i, 'rate', 1e3],
  [/^m((s|sa|pts)\/s|hz)$/i, 'rate', 1e6],
  [/^g((s|sa|pts)\/s|hz)$/i, 'rate', 1e9],
  [/^(ohms?|Ω|Ω)$/i, 'ohm', 1],
  [/^k(ohms?|Ω|Ω)$/i, 'ohm', 1e3],
  [/^m(ohms?|Ω|Ω)$/i, 'ohm', 1e6],
];

export interface Unit {
  readonly kind: 'time' | 'volts' | 'rate' | 'ohm';
  readonly factor: number;
}

/** The unit that a word is, out of brackets; null for any other word. */
export function unitOf(word: string): Unit | null {
  const plain = word
    .trim()
    .replace(/^[([{]|[)\]}]$/g, '')
    .trim();
  // A capital M is mega, a small one milli: only times and volts are ever so small.
  const found = UNITS.find(([pattern]) => pattern.test(plain));
  return found ? { kind: found[1], factor: found[2] } : null;
}

/** The unit that a heading names at its end: “Time [ns]”, “CH1 (mV)”, “time_s”, “Zeit in µs”, “t/ns”. */
export function headingUnit(heading: string): Unit | null {
  const bracketed = /[([{]([^()[\]{}]+)[)\]}]\s*$/.exec(heading.trim());
  const whole = bracketed && unitOf(bracketed[1] ?? '');
  if (whole) return whole;
  const words = heading
    .trim()
    .split(/[\s_/,:]+|(?=[[({])/)
    .filter(Boolean);
  for (const word of words.slice(1).reverse()) {
    const unit = unitOf(word);
    if (unit) return unit;
  }
  return null;
}
