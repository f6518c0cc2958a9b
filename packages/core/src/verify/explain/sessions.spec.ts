import { seeded } from '../../testing/seeded';
import { TWO_PAIRS } from '../../testing/two-pairs';
import { plainBench } from '../electric/bench';
import { madeWith } from '../electric/made';
import { observe, type Trial } from '../electric/trial';
import type { Fault } from '../fault';
import { spell, type Seen } from './agree';
import { explain, type Candidate } from './explain';
import { hypothesesOf } from './hypotheses';
import {
  PLAIN_CONDITIONS,
  advise,
  minutesOf,
  repairs,
  standsAt,
  type Advice,
  type Conditions,
} from './next-test';
import { NO_EXPERIENCE, priorOf } from './prior';
import { repairKey, repairMinutes } from './repair';

const SESSIONS = 2000;
const bench = plainBench(TWO_PAIRS);
const prior = priorOf(NO_EXPERIENCE);
const scan: Trial = { tester: 'pairing', moved: null };
const conditions: Conditions = {
  ...PLAIN_CONDITIONS,
  testers: ['pairing', 'look', 'reflectometer', 'beeper'],
};
/** What someone does who looks at everything in turn. */
const IN_TURN: readonly Trial[] = [
  { tester: 'look', end: 'near', moved: null },
  { tester: 'reflectometer', moved: null },
  { tester: 'look', end: 'far', moved: null },
];

/** Single faults by how likely they are, and sets of two as likely as both together. */
function draws() {
  const random = seeded(2026);
  const rows = hypothesesOf(TWO_PAIRS, prior).flatMap(({ rate, places }) =>
    places.map(({ fault, share }) => ({ fault, weight: rate * share })),
  );
  const whole = rows.reduce((sum, { weight }) => sum + weight, 0);
  const one = (): Fault => {
    let left = (random.below(1e9) / 1e9) * whole;
    const row = rows.find(({ weight }) => (left -= weight) <= 0) ?? rows[0];
    if (!row) throw new Error('no fault');
    return row.fault;
  };
  return (): Fault[] => (random.below(100) < 12 ? [one(), one()] : [one()]);
}

const see = (trial: Trial, faults: readonly Fault[]): Seen => ({
  trial,
  shown: observe(trial, madeWith(TWO_PAIRS, faults), bench),
});
const keyOf = (seen: readonly Seen[]) =>
  seen.map(({ trial, shown }) => `${JSON.stringify(trial)}${spell(shown)}`).join('|');

const explained = new Map<string, Candidate[]>();
function candidates(seen: readonly Seen[]): Candidate[] {
  const key = keyOf(seen);
  const known = explained.get(key) ?? [
    ...explain(seen, bench, { prior, upTo: 2, most: 1 }).candidates,
  ];
  explained.set(key, known);
  return known;
}

/** Repairs that have not been tried, tried in turn; minutes until the right one. */
function mend(
  rows: readonly Candidate[],
  truth: string,
  at: 'near' | 'far',
  spent: number,
): number {
  let minutes = spent;
  for (const [key] of repairs(rows)) {
    minutes += repairMinutes(key, at, conditions.walkMinutes);
    if (key === truth) return minutes;
  }
  return Number.NaN;
}

const advice = new Map<string, Advice>();

/** Doing what is advised until the right repair. */
function advised(faults: readonly Fault[]): number {
  const truth = repairKey(faults);
  const seen = [see(scan, faults)];
  let [at, minutes] = [conditions.at, 0];
  let rows = candidates(seen);
  const tried = new Set<string>();
  for (let step = 0; step < 30; step += 1) {
    const key = `${keyOf(seen)} ${at} ${[...tried].join()}`;
    const next = advice.get(key) ?? advise(rows, seen, bench, { ...conditions, at });
    advice.set(key, next);
    minutes += next.minutes;
    if (next.kind === 'repair') {
      if (next.key === truth) return minutes;
      tried.add(next.key);
    } else {
      at = standsAt(next.trial, at);
      seen.push(see(next.trial, faults));
    }
    rows = candidates(seen).filter(({ faults: set }) => !tried.has(repairKey(set)));
    if (rows.length === 0) return Number.NaN;
  }
  return Number.NaN;
}

/** Everything in turn first, then the repairs, the likeliest first. */
function inTurn(faults: readonly Fault[]): number {
  const seen = [see(scan, faults)];
  let [at, minutes] = [conditions.at, 0];
  for (const trial of IN_TURN) {
    minutes += minutesOf(trial, at, conditions, false);
    at = standsAt(trial, at);
    seen.push(see(trial, faults));
  }
  return mend(candidates(seen), repairKey(faults), at, minutes);
}

describe('Repair sessions', () => {
  it('of 2 000 random faults all reach the right repair, well sooner than by looking at everything in turn', () => {
    const draw = draws();
    let [ours, fixed, counted, unseen] = [0, 0, 0, 0];
    const lost: string[] = [];
    for (let session = 0; session < SESSIONS; session += 1) {
      const faults = draw();
      // What the first reading can't see sends nobody on a search.
      if (spell(see(scan, faults).shown) === spell(see(scan, []).shown)) {
        unseen += 1;
        continue;
      }
      const [a, b] = [advised(faults), inTurn(faults)];
      if (Number.isNaN(a)) lost.push(JSON.stringify(faults));
      else {
        ours += a;
        fixed += b;
        counted += 1;
      }
    }
    expect(lost).toEqual([]);
    expect(counted).toBeGreaterThan(1000);
    expect(unseen).toBeLessThan(SESSIONS / 3);
    expect(ours / fixed)
      .withContext(`${(ours / counted).toFixed(1)} against ${(fixed / counted).toFixed(1)} minutes`)
      .toBeLessThan(0.85);
  }, 120_000);
});
