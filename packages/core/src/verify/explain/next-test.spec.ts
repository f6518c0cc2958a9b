import { inEnglish } from '../../testing/in-english';
import { fourPairWiring } from '../../link';
import { TWO_PAIRS } from '../../testing/two-pairs';
import { plainBench } from '../circuit/bench';
import { madeWith } from '../circuit/made';
import type { Bench } from '../circuit/bench';
import { observe } from '../observe';
import { keyOf } from '../shown';
import type { TesterId, Trial } from '../testers';
import type { Seen } from './agree';
import { completeFault } from './complete-fault';
import { explain, type Candidate } from './explain';
import { advise } from './next-test';
import { shownOf } from './outcomes';
import { NO_EXPERIENCE, priorOf } from './prior';
import { repairKey, repairMinutes } from './repair';
import { mass, repairs, split } from './shares';
import { tellAdvice } from './tell';
import { PLAIN_CONDITIONS, minutesOf, standsAt, trialsFor, type Conditions } from './trials-for';

const prior = priorOf(NO_EXPERIENCE);
const whole = plainBench(fourPairWiring('T568B', 'T568B'));
const small = plainBench(TWO_PAIRS);
const scan: Trial = { tester: 'identifying-remote', moved: null };

const firstReading = (half: Parameters<typeof completeFault>[0], bench: Bench): Seen[] => [
  {
    trial: scan,
    shown: observe(scan, madeWith(bench.wiring, [completeFault(half, bench.wiring)]), bench),
  },
];
const candidatesOf = (seen: readonly Seen[], bench: Bench, most: number): Candidate[] =>
  explain(seen, bench, { prior, upTo: 2, most: 1 }).candidates.slice(0, most);
const shows = (trial: Trial, { faults }: Candidate, bench: Bench) =>
  shownOf(trial, faults, bench).map(({ shown, share }) => ({ key: keyOf(shown), share }));

/** Expected minutes until the right repair, doing what is advised. */
function advised(
  rows: readonly Candidate[],
  seen: readonly Seen[],
  bench: Bench,
  conditions: Conditions,
): number {
  if (rows.length === 0) return 0;
  const advice = advise(rows, seen, bench, conditions);
  if (advice.kind === 'repair') {
    // What is mended is proven, and what is left of the accounts is what another repair mends.
    const rest = rows.filter(({ faults }) => repairKey(faults) !== advice.key);
    return advice.minutes + (mass(rest) / mass(rows)) * advised(rest, seen, bench, conditions);
  }
  if (advice.kind === 'doubt') throw new Error('Nothing is left to advise');
  const at = standsAt(advice.trial, conditions.at);
  return split(rows, (row) => shows(advice.trial, row, bench)).reduce((sum, part) => {
    const [first] = shownOf(advice.trial, (part[0] as Candidate).faults, bench);
    if (!first) throw new Error('A trial shows something');
    const next = [...seen, { trial: advice.trial, shown: first.shown }];
    return sum + (mass(part) / mass(rows)) * advised(part, next, bench, { ...conditions, at });
  }, advice.minutes);
}

/** The least there can be: every test and every repair tried in every order. */
function best(
  rows: readonly Candidate[],
  seen: readonly Seen[],
  bench: Bench,
  conditions: Conditions,
) {
  const trials = trialsFor(rows, conditions, bench.wiring);
  const placed = new Set(seen.map(({ trial }) => trial.tester));
  const known = new Map<string, number>();
  const value = (
    left: readonly Candidate[],
    at: 'near' | 'far',
    looked: readonly Trial[] = [],
  ): number => {
    if (left.length === 0) return 0;
    const whole = mass(left);
    const key = `${at} ${looked.length} ${left.map(({ faults, probability }) => `${rows.findIndex((row) => row.faults === faults)}:${(probability / whole).toFixed(4)}`).join()}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    const here = { ...conditions, at };
    const mended = repairs(left).map(([repair, share]) => {
      const rest = left.filter(({ faults }) => repairKey(faults) !== repair);
      return (
        repairMinutes(repair, at, conditions.walkMinutes) + (1 - share) * value(rest, at, looked)
      );
    });
    const tested = trials.flatMap((trial) => {
      if (looked.includes(trial)) return [];
      const parts = split(left, (row) => shows(trial, row, bench));
      if (parts.length < 2) return [];
      const stands = standsAt(trial, at);
      return [
        parts.reduce(
          (sum, part) =>
            sum +
            (mass(part) / whole) *
              value(part, stands, trial.tester === 'look' ? [...looked, trial] : looked),
          minutesOf(trial, at, here, placed.has(trial.tester)),
        ),
      ];
    });
    const least = Math.min(...mended, ...tested);
    known.set(key, least);
    return least;
  };
  return value(rows, conditions.at);
}

describe('The next test', () => {
  const hands: readonly (readonly TesterId[])[] = [
    ['look', 'beeper', 'identifying-remote'],
    ['look', 'reflectometer'],
    ['pairing', 'look', 'reflectometer', 'beeper'],
  ];
  const faults = [
    { kind: 'open', near: ['3'] },
    { kind: 'short', near: ['1', '2'] },
    { kind: 'short', near: ['2', '3'] },
    { kind: 'reversed-pair', near: ['1', '2'] },
    { kind: 'miswire', near: ['2', '3'] },
    { kind: 'crossed-pairs', pairs: [2, 3] },
    { kind: 'rollover' },
  ] as const;

  it('reaches the right repair in at most a tenth more minutes than the best strategy there is', () => {
    for (const testers of hands)
      for (const walkMinutes of [0.1, 3, 12])
        for (const half of faults) {
          const conditions = { ...PLAIN_CONDITIONS, testers, walkMinutes };
          const seen = firstReading(half, small);
          const rows = candidatesOf(seen, small, 7);
          const [ours, least] = [
            advised(rows, seen, small, conditions),
            best(rows, seen, small, conditions),
          ];
          expect(ours / least)
            .withContext(`${half.kind}, ${testers.join()}, ${walkMinutes} minutes`)
            .toBeLessThanOrEqual(1.1);
          expect(ours / least).toBeGreaterThan(1 - 1e-9);
        }
  });

  it('asks for a test that tells two ends apart, says what it costs, and then names the repair', () => {
    const half = { kind: 'miswire', near: ['2', '3'], end: 'far' } as const;
    const seen = firstReading(half, whole);
    const conditions: Conditions = { ...PLAIN_CONDITIONS, testers: ['look'] };
    const first = advise(candidatesOf(seen, whole, 60), seen, whole, conditions);
    expect(inEnglish(tellAdvice(first))).toMatch(
      /^Read the colours at the near end: tells miswire 2-3 at the (far|near) end from .*\. 2 minutes\.$/,
    );
    if (first.kind !== 'test') throw new Error('No test');
    expect(first.gainBits).toBeGreaterThan(0.5);
    const made = madeWith(whole.wiring, [completeFault(half, whole.wiring)]);
    seen.push({ trial: first.trial, shown: observe(first.trial, made, whole) });
    const then = advise(candidatesOf(seen, whole, 60), seen, whole, conditions);
    expect(then.kind === 'repair' ? then.key : '').toBe('far');
    expect(inEnglish(tellAdvice(then))).toContain('Remake the far end');
  });

  it('goes straight to the repair where only one is left, or no tester at hand tells more', () => {
    const seen = firstReading({ kind: 'open', near: ['4'] }, whole);
    const rows = candidatesOf(seen, whole, 60);
    expect(advise(rows, seen, whole, { ...PLAIN_CONDITIONS, testers: [] }).kind).toBe('repair');
  });

  it('sends nobody far away for little', () => {
    const seen = firstReading({ kind: 'miswire', near: ['2', '3'] }, whole);
    const advice = advise(candidatesOf(seen, whole, 60), seen, whole, {
      ...PLAIN_CONDITIONS,
      testers: ['look'],
      walkMinutes: 60,
    });
    expect(advice.kind === 'test' && advice.trial.tester === 'look' ? advice.trial.end : '').toBe(
      'near',
    );
  });
});
