import type { Entered } from './entered';

/** What was seen of one cord at one moment. */
export interface CordSeen {
  readonly label: string;
  readonly verdict: 'pass' | 'fail';
  readonly at: string;
  readonly author: string;
  readonly tester: string;
  readonly summary: string;
  readonly entered: Entered;
}

export interface CordRow {
  readonly label: string;
  readonly verdict: 'pass' | 'fail';
  readonly summary: string;
  readonly at: string;
  readonly author: string;
  readonly tester: string;
  readonly entered: Entered;
  /** How often this label was tested. */
  readonly times: number;
}

export interface CordCount {
  /** One row a label, in the order in which they were first seen. */
  readonly rows: readonly CordRow[];
  readonly passed: number;
  readonly failed: number;
  /** Over the last cords that came one after the other; null before there are two. */
  readonly perMinute: number | null;
}

/** A pause longer than this is no part of the work's rate, and so many cords make it. Generic. */
const PAUSE_MS = 5 * 60_000;
const RATED = 20;

/** A batch as it stands. Of a label that was tested again the last result counts. */
export function countCords(facts: readonly CordSeen[]): CordCount {
  const tested = new Map<string, CordSeen[]>();
  for (const fact of facts) {
    const list = tested.get(fact.label) ?? [];
    tested.set(fact.label, list);
    list.push(fact);
  }
  const rows = [...tested].flatMap(([label, list]): CordRow[] => {
    const last = list.at(-1);
    if (!last) return [];
    const { verdict, summary, at, author, tester, entered } = last;
    return [{ label, verdict, summary, at, author, tester, entered, times: list.length }];
  });
  const passed = rows.filter(({ verdict }) => verdict === 'pass').length;
  const instants = [...tested.values()].flat().map(({ at }) => Date.parse(at));
  return { rows, passed, failed: rows.length - passed, perMinute: rateOf(instants) };
}

function rateOf(instants: readonly number[]): number | null {
  const sorted = [...instants].sort((a, b) => a - b).slice(-RATED - 1);
  const gaps = sorted
    .slice(1)
    .map((at, index) => at - (sorted[index] ?? at))
    .filter((gap) => gap < PAUSE_MS);
  const whole = gaps.reduce((sum, gap) => sum + gap, 0);
  return whole > 0 ? (gaps.length * 60_000) / whole : null;
}

/** The label after this one: its last number goes up by one, its zeros stay. Empty where it has none. */
export function nextLabel(label: string): string {
  const match = /^(.*?)(\d+)(\D*)$/.exec(label);
  if (!match) return '';
  const [, before = '', digits = '', after = ''] = match;
  return `${before}${String(BigInt(digits) + 1n).padStart(digits.length, '0')}${after}`;
}
