import type { Bench } from '../circuit/bench';
import { PLACES, type FaultKind } from '../fault';
import { keyOf } from '../shown';
import { classOf, keyOfTrial, procedureOf, testersFor, type Trial } from '../testers';
import type { Advice, State, TestAdvice } from './advice';
import { kindsUnseen } from './blind-spots';
import { isDone, type Happened } from './done';
import type { Candidate } from './explain';
import { goesByJoints } from './goes-by-joints';
import { observerOf } from './observer';
import { shownOf } from './outcomes';
import { MOST_REMAKES, anew, bestRepair } from './best-repair';
import { isClear, repairsInTurn } from './in-turn';
import { placesOf, repairMinutes } from './repair';
import { entropy, mass, repairs, split } from './shares';
import { standingOf, type Standing } from './standing';
import { minutesOf, standsAt, trialsFor, type Conditions } from './trials-for';

/** Accounts that are looked at; the rest are less likely than any of these. */
const LOOKED_AT = 60;
/** A test must save more than this to be worth its trouble, minutes. */
const WORTH = 0.05;
/** How many tests ahead are thought through. */
const AHEAD = 2;
/** Tests that the second look ahead is taken at. */
const FINALISTS = 6;
/** Kinds of faults that are less likely than this are not spoken of before a test. */
const BLIND_SHARE = 0.02;

/**
 * What to do next: the test that saves most of the minutes that are expected until the right repair
 * is made, or that repair, once no test saves any. What was mended is proven before it is believed, and
 * what has just failed is not advised again. Following it always ends: an end is made anew twice at
 * most, then the whole link is.
 *
 * @param isOver whether there is no more time: then a test is chosen by one look ahead
 */
export function advise(
  candidates: readonly Candidate[],
  history: readonly Happened[],
  bench: Bench,
  conditions: Conditions,
  isOver: () => boolean = () => false,
): Advice {
  const state: State = { candidates: candidates.slice(0, LOOKED_AT), at: conditions.at };
  const standing = standingOf(history, bench);
  if (candidates.length === 0) return unexplained(standing, conditions);
  const test = bestTest(state, history, standing, bench, conditions, isOver);
  const { walkMinutes } = conditions;
  const atOnce = repairsInTurn(state, walkMinutes);
  if (test && (standing.toProve || (!isClear(state) && test.expected < atOnce - WORTH)))
    return test.advice;
  if (PLACES.every((place) => standing.failed.has(place))) return { kind: 'doubt' };
  const repair = bestRepair(state, standing, conditions);
  if (repair?.key === '') return proveMore(state, history, standing, bench, conditions) ?? repair;
  return repair ?? lookAgain(state, standing, bench, conditions);
}

/** Before a pass is believed: the quickest test at hand that sees what those before it could not. */
function proveMore(
  state: State,
  history: readonly Happened[],
  { seen }: Standing,
  bench: Bench,
  conditions: Conditions,
): TestAdvice | null {
  const trials = seen.map(({ trial }) => trial);
  const made = new Set<string>(trials.map(({ tester: id }) => id));
  const others = testersFor(bench.wiring).filter(
    ({ id }) => conditions.testers.includes(id) && !made.has(id),
  );
  const single = others.flatMap((row) => {
    const [trial, another] = procedureOf(row, bench.wiring);
    return trial && !another ? [trial] : [];
  });
  if (single.length === 0) return null;
  const unseen = kindsUnseen(trials, bench);
  const placed = placedIn(history);
  const [best] = single
    .map((trial) => {
      const still = kindsUnseen([...trials, trial], bench);
      return {
        trial,
        minutes: minutesOf(trial, state.at, conditions, placed.has(trial.tester)),
        shown: unseen.filter((kind) => !still.includes(kind)),
      };
    })
    .filter(({ shown }) => shown.length > 0)
    .sort((a, b) => a.minutes - b.minutes);
  if (!best) return null;
  const { trial, minutes, shown } = best;
  return {
    kind: 'test',
    trial,
    minutes,
    gainBits: 0,
    tells: [],
    blindTo: [],
    before: shown,
  };
}

const placedIn = (history: readonly Happened[]): ReadonlySet<Trial['tester']> =>
  new Set(history.flatMap((row) => (isDone(row) ? [] : [row.trial.tester])));

function bestTest(
  state: State,
  history: readonly Happened[],
  standing: Standing,
  bench: Bench,
  conditions: Conditions,
  isOver: () => boolean,
): { readonly advice: TestAdvice; readonly expected: number } | null {
  const placed = placedIn(history);
  const made = new Set(standing.seen.map(({ trial }) => keyOfTrial(trial)));
  // The same again would show the same.
  const trials = trialsFor(state.candidates, conditions, bench.wiring).filter(
    (trial) => !made.has(keyOfTrial(trial)),
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
  const finalists = trials
    .filter((trial) => look(state, trial).parts.length > 1)
    .map((trial) => ({ trial, minutes: price(state, trial, 1) }))
    .sort((a, b) => a.minutes - b.minutes)
    .slice(0, FINALISTS);
  const first = finalists
    .map((row) => (isOver() ? row : { trial: row.trial, minutes: price(state, row.trial, AHEAD) }))
    .sort((a, b) => a.minutes - b.minutes)[0];
  if (!first) return null;
  const { trial, minutes, parts } = look(state, first.trial);
  return {
    expected: first.minutes,
    advice: {
      kind: 'test',
      trial,
      minutes,
      gainBits:
        entropy(state.candidates) -
        parts.reduce((sum, part) => sum + (mass(part) / mass(state.candidates)) * entropy(part), 0),
      tells: parts.sort((a, b) => mass(b) - mass(a)).flatMap(([likeliest]) => likeliest ?? []),
      blindTo: blindTo(trial, state, bench),
    },
  };
}

/** Whether a pass of such a test is taken for a proof of the link. */
const provesAll = (trial: Trial): boolean => goesByJoints(trial) && classOf(trial).isWhole;

/** Kinds of faults among the accounts that a trial would show as good. */
function blindTo(trial: Trial, { candidates }: State, bench: Bench): TestAdvice['blindTo'] {
  if (!provesAll(trial)) return [];
  const good = keyOf(observerOf(bench).show(trial, []));
  const whole = mass(candidates);
  const kinds = new Map<FaultKind, number>();
  for (const { faults, probability } of candidates) {
    const [fault] = faults;
    const share = shownOf(trial, faults, bench).reduce(
      (sum, row) => sum + (keyOf(row.shown) === good ? row.share : 0),
      0,
    );
    if (fault && share > 0)
      kinds.set(fault.kind, (kinds.get(fault.kind) ?? 0) + (probability * share) / whole);
  }
  return [...kinds]
    .map(([kind, share]) => ({ kind, share }))
    .filter(({ share }) => share >= BLIND_SHARE)
    .sort((a, b) => b.share - a.share);
}

/** All that was likely has just failed: look there, then make the whole link anew. */
function lookAgain(state: State, standing: Standing, bench: Bench, conditions: Conditions): Advice {
  const [likeliest] = repairs(state.candidates);
  const end = placesOf(likeliest?.[0] ?? '').find((place) => place !== 'cable');
  const looked = standing.seen.some(({ trial }) => trial.tester === 'look' && trial.end === end);
  if (end && !looked && standing.remakes[end] < MOST_REMAKES + 1) {
    const trial: Trial = { tester: 'look', end, moved: null };
    const outcomes = outcomeTable(bench);
    const parts = split(state.candidates, (row) => outcomes(trial, row));
    return {
      kind: 'test',
      trial,
      minutes: minutesOf(trial, state.at, conditions, true),
      gainBits: 0,
      tells: parts.sort((a, b) => mass(b) - mass(a)).flatMap(([first]) => first ?? []),
      blindTo: [],
    };
  }
  return anew(standing, state, conditions, 'nothing-else-helped');
}

/** Nothing explains what was seen: see it twice, then mend what hands can reach, then all of it. */
function unexplained(standing: Standing, conditions: Conditions): Advice {
  const state: State = { candidates: [], at: conditions.at };
  if (standing.once && standing.seen.length < 2)
    return {
      kind: 'test',
      trial: standing.once,
      minutes: minutesOf(standing.once, conditions.at, conditions, true),
      gainBits: 0,
      tells: [],
      blindTo: [],
    };
  const end = ([conditions.at, conditions.at === 'near' ? 'far' : 'near'] as const).find(
    (side) => standing.remakes[side] === 0,
  );
  return end
    ? {
        kind: 'repair',
        key: end,
        probability: 0.5,
        minutes: repairMinutes(end, conditions.at, conditions.walkMinutes),
        shares: [],
        at: state.at,
        because: 'nothing-explains',
      }
    : anew(standing, state, conditions, 'nothing-explains');
}

/** What each trial would show of each account, worked out once. */
function outcomeTable(bench: Bench) {
  type Outcomes = readonly { readonly key: string; readonly share: number }[];
  const known = new Map<Trial, Map<string, Outcomes>>();
  return (trial: Trial, { faults }: Candidate): Outcomes => {
    const rows = known.get(trial) ?? new Map<string, Outcomes>();
    known.set(trial, rows);
    const name = nameOf(faults);
    const shown =
      rows.get(name) ??
      shownOf(trial, faults, bench).map((row) => ({ key: keyOf(row.shown), share: row.share }));
    rows.set(name, shown);
    return shown;
  };
}

const nameOf = (faults: Candidate['faults']): string =>
  faults
    .map(({ kind, near, far, end }) => `${kind}${near.join('+')}>${far.join('+')}${end}`)
    .join('&');
