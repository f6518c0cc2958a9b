import type { Contact } from '../../catalogue';
import type { End } from '../../link';
import { madeWith } from '../electric/made';
import { observe, type Bench, type Trial } from '../electric/trial';
import { PLACES, type Place } from '../fault';
import { tester, type TesterId } from '../tester';
import { countedOn, spell, type Seen } from './agree';
import type { Candidate } from './explain';
import { repairKey, repairMinutes, type RepairKey } from './repair';

/** What can be done where someone stands, and what it costs. */
export interface Conditions {
  readonly testers: readonly TesterId[];
  readonly at: End;
  readonly walkMinutes: number;
  /** To open what covers an end. */
  readonly openMinutes: number;
}

/** Generic: two rooms of one floor. */
export const PLAIN_CONDITIONS: Conditions = {
  testers: ['beeper', 'identifying-remote', 'look'],
  at: 'near',
  walkMinutes: 3,
  openMinutes: 1,
};

export interface TestAdvice {
  readonly kind: 'test';
  readonly trial: Trial;
  readonly minutes: number;
  /** What it is expected to tell about where to mend. */
  readonly gainBits: number;
  /** Likeliest account behind each outcome that it tells apart, the likelier outcomes first. */
  readonly tells: readonly Candidate[];
}

export interface RepairAdvice {
  readonly kind: 'repair';
  readonly key: RepairKey;
  readonly probability: number;
  readonly minutes: number;
}

export type Advice = TestAdvice | RepairAdvice;

interface State {
  readonly candidates: readonly Candidate[];
  readonly at: End;
}

/** Accounts that are looked at; the rest are less likely than any of these. */
const LOOKED_AT = 60;
/** A test must save more than this to be worth its trouble, minutes. */
const WORTH = 0.05;
/** Contacts of an end that probes are put to. */
const MOST_CONTACTS = 5;
/** How many tests ahead are thought through. */
const AHEAD = 2;
/** Tests that the second look ahead is taken at. */
const FINALISTS = 6;

/**
 * What to do next: the test that saves most of the minutes that are expected until the right repair
 * is made, or that repair, once no test saves any.
 */
export function advise(
  candidates: readonly Candidate[],
  seen: readonly Seen[],
  bench: Bench,
  conditions: Conditions,
): Advice {
  const state: State = { candidates: candidates.slice(0, LOOKED_AT), at: conditions.at };
  const placed = new Set(seen.map(({ trial }) => trial.tester));
  const made = new Set(seen.map(({ trial }) => JSON.stringify(trial)));
  // The same again would show the same.
  const trials = trialsFor(state.candidates, conditions).filter(
    (trial) => !made.has(JSON.stringify(trial)),
  );
  const outcomes = outcomeTable(bench);
  const look = (from: State, trial: Trial) => {
    const whole = mass(from.candidates);
    const parts = split(from.candidates, (row) => outcomes(trial, row));
    const minutes = minutesOf(trial, from.at, conditions, placed.has(trial.tester));
    return { trial, minutes, parts, whole, at: standsAt(trial, from.at) };
  };
  const price = (from: State, trial: Trial, ahead: number): number => {
    const { minutes, parts, whole, at } = look(from, trial);
    return parts.reduce(
      (sum, part) => sum + (mass(part) / whole) * value({ candidates: part, at }, ahead - 1),
      minutes,
    );
  };
  const value = (from: State, ahead: number): number => {
    const now = repairsInTurn(from, conditions.walkMinutes);
    if (ahead === 0 || isClear(from)) return now;
    return trials.reduce((best, trial) => Math.min(best, price(from, trial, ahead)), now);
  };
  const atOnce = repairsInTurn(state, conditions.walkMinutes);
  const first = trials
    .map((trial) => ({ trial, minutes: price(state, trial, 1) }))
    .sort((a, b) => a.minutes - b.minutes)
    .slice(0, FINALISTS)
    .map(({ trial }) => ({ trial, minutes: price(state, trial, AHEAD) }))
    .sort((a, b) => a.minutes - b.minutes)[0];
  if (first && first.minutes < atOnce - WORTH && !isClear(state)) {
    const { trial, minutes, parts } = look(state, first.trial);
    return {
      kind: 'test',
      trial,
      minutes,
      gainBits:
        entropy(state.candidates) -
        parts.reduce((sum, part) => sum + (mass(part) / mass(state.candidates)) * entropy(part), 0),
      tells: parts.sort((a, b) => mass(b) - mass(a)).flatMap(([likeliest]) => likeliest ?? []),
    };
  }
  const [key = '', probability = 1] = likeliestRepair(state, conditions.walkMinutes) ?? [];
  return {
    kind: 'repair',
    key,
    probability,
    minutes: repairMinutes(key, conditions.at, conditions.walkMinutes),
  };
}

export const mass = (rows: readonly Candidate[]): number =>
  rows.reduce((sum, { probability }) => sum + probability, 0);

/** Shares of the repairs, the likeliest first. */
export function repairs(rows: readonly Candidate[]): (readonly [RepairKey, number])[] {
  const whole = mass(rows);
  const shares = new Map<RepairKey, number>();
  for (const { faults, probability } of rows) {
    const key = repairKey(faults);
    shares.set(key, (shares.get(key) ?? 0) + probability / whole);
  }
  return [...shares].sort(([, a], [, b]) => b - a);
}

const isClear = ({ candidates }: State): boolean => repairs(candidates).length < 2;

const entropy = (rows: readonly Candidate[]): number =>
  repairs(rows).reduce((sum, [, share]) => sum - share * Math.log2(share), 0);

/** Repairs in the order that reaches the right one soonest: the likelier per minute first. */
function inTurn({ candidates, at }: State, walkMinutes: number) {
  return repairs(candidates)
    .map(([key, share]) => ({ key, share, minutes: repairMinutes(key, at, walkMinutes) }))
    .sort((a, b) => b.share / b.minutes - a.share / a.minutes);
}

/** Expected minutes of trying one repair after the other until the link is good. */
function repairsInTurn(state: State, walkMinutes: number): number {
  let spent = 0;
  return inTurn(state, walkMinutes).reduce((sum, { share, minutes }) => {
    spent += minutes;
    return sum + share * spent;
  }, 0);
}

const likeliestRepair = (state: State, walkMinutes: number) =>
  inTurn(state, walkMinutes).map(({ key, share }) => [key, share] as const)[0];

export function split(
  rows: readonly Candidate[],
  outcome: (row: Candidate) => string,
): Candidate[][] {
  const parts = new Map<string, Candidate[]>();
  for (const row of rows) {
    const key = outcome(row);
    const part = parts.get(key);
    if (part) part.push(row);
    else parts.set(key, [row]);
  }
  return [...parts.values()];
}

/** What each trial would show of each account, worked out once. */
function outcomeTable(bench: Bench): (trial: Trial, row: Candidate) => string {
  const known = new Map<Trial, Map<Candidate, string>>();
  return (trial, row) => {
    const rows = known.get(trial) ?? new Map<Candidate, string>();
    known.set(trial, rows);
    const shown =
      rows.get(row) ??
      spell(countedOn(observe(trial, madeWith(bench.wiring, row.faults), bench), bench));
    rows.set(row, shown);
    return shown;
  };
}

/** Everything that could be tried with what is at hand, of contacts only those in question. */
export function trialsFor(rows: readonly Candidate[], conditions: Conditions): Trial[] {
  const contacts = (end: End): Contact[] => [
    ...new Set(rows.slice(0, 12).flatMap(({ faults }) => faults.flatMap((fault) => fault[end]))),
  ];
  const moves: (Place | null)[] = rows.some(({ faults }) =>
    faults.some(({ kind }) => kind === 'intermittent'),
  )
    ? [null, ...PLACES]
    : [null];
  const within = (end: End) => {
    const list = contacts(end).slice(0, MOST_CONTACTS);
    return list.flatMap((from, index) =>
      list.slice(index + 1).map((to): Trial => ({
        tester: 'beeper',
        from: { end, contact: from },
        to: { end, contact: to },
        moved: null,
      })),
    );
  };
  const across = contacts('near')
    .slice(0, MOST_CONTACTS)
    .flatMap((from) =>
      contacts('far')
        .slice(0, MOST_CONTACTS)
        .map((to): Trial => ({
          tester: 'beeper',
          from: { end: 'near', contact: from },
          to: { end: 'far', contact: to },
          moved: null,
        })),
    );
  return conditions.testers.flatMap((id): Trial[] => {
    switch (id) {
      case 'identifying-remote':
      case 'pairing':
        return moves.map((moved) => ({ tester: id, moved }));
      case 'pair-lamps':
      case 'sequential-lamps':
      case 'reflectometer':
      case 'coax-trio':
        return [{ tester: id, moved: null }];
      case 'look':
        return (['near', 'far'] as const).map((end) => ({ tester: 'look', end, moved: null }));
      case 'beeper':
        // From end to end only where both are in reach of one pair of leads.
        return [
          ...within('near'),
          ...within('far'),
          ...(conditions.walkMinutes <= IN_REACH_MINUTES ? across : []),
        ];
      case 'tone':
        return contacts('near').map((from) => ({ tester: 'tone', from, moved: null }));
      case 'ohmmeter':
      case 'line-voltmeter':
        return [];
    }
  });
}

/** Both ends lie on one bench when the way between them takes no longer than this, minutes. */
const IN_REACH_MINUTES = 0.2;

/** At which end a trial is made; null where it needs neither box open. */
function endOf(trial: Trial): End | null {
  if (trial.tester === 'look') return trial.end;
  if (trial.tester === 'beeper') return trial.to.end;
  if (trial.tester === 'tone') return 'far';
  return trial.moved === 'near' || trial.moved === 'far' ? trial.moved : null;
}

export const standsAt = (trial: Trial, at: End): End => endOf(trial) ?? at;

export function minutesOf(trial: Trial, at: End, conditions: Conditions, placed: boolean): number {
  const row = tester(trial.tester === 'own-lamps' ? 'sequential-lamps' : trial.tester);
  const end = endOf(trial);
  const walk = end !== null && end !== at ? conditions.walkMinutes : 0;
  const opens = trial.tester === 'look' || trial.tester === 'beeper' ? conditions.openMinutes : 0;
  const carries =
    row.far === 'remote' || row.far === 'jack' ? (placed ? 0 : 2 * conditions.walkMinutes) : 0;
  return row.minutes + walk + opens + carries;
}
