import { NOTHING, sentences, type Message } from '../../message';
import type { Bench } from '../circuit/bench';
import { isDone, type Happened } from './done';
import { kindsUnseen } from './blind-spots';
import type { Candidate, Explained } from './explain';
import { follow, stretchesOf } from './follow';
import type { Advice } from './advice';
import { advise } from './next-test';
import type { Conditions } from './trials-for';
import { outcomesOf, type Outcome } from './outcomes';
import type { Prior } from './prior';
import { placesOf, repairKey } from './repair';
import type { Fault, FaultKind, Place } from '../fault';
import type { TesterId, Trial } from '../testers';
import { tell } from '../messages';
import { provenBy } from './proven-by';
import { described, orderOf, shortly, tellAdvice } from './tell';

export interface ReportOptions {
  readonly prior: Prior;
  readonly conditions: Conditions;
  readonly upTo: number;
  readonly isOver?: () => boolean;
  /** Whether so much time has gone that what was found is enough. */
  readonly isEnough?: () => boolean;
}

const TOLD = 40;
/** Accounts whose outcomes are told, and outcomes that are offered. */
const LOOKED_AT = 60;
const OFFERED = 5;

export interface ToldFault extends Fault {
  readonly title: Message;
  readonly sentence: Message;
  readonly places: readonly { readonly at: Place; readonly share: number }[];
}

export interface NextTest {
  readonly tester: Trial['tester'];
  readonly action: Message;
  readonly minutes: number;
  readonly gainBits: number;
  readonly sentence: Message;
  readonly trial: Trial;
  /** What it may show, the likeliest first. */
  readonly outcomes: readonly Outcome[];
}

export interface Repair {
  /** None where nothing is to be mended. */
  readonly places: readonly Place[];
  /** Each likely repair with its share, the likeliest first. */
  readonly shares: readonly { readonly places: readonly Place[]; readonly share: number }[];
  readonly probability: number;
  readonly minutes: number;
  readonly sentence: Message;
  readonly provenBy: TesterId | null;
}

export interface Report {
  readonly explanations: readonly {
    readonly probability: number;
    readonly faults: readonly ToldFault[];
  }[];
  /** Sets of faults that explain what was seen, and how many faults they may have. */
  readonly count: number;
  readonly upTo: number;
  /** Whether there was no time for larger sets. */
  readonly cutShort: boolean;
  readonly sentence: Message;
  /** Kinds of faults that could be there though all that was seen since is as of a good link. */
  readonly unproven: readonly FaultKind[];
  readonly next?: NextTest;
  readonly repair?: Repair;
  /** What is left to do where neither a test nor a repair is. */
  readonly doubt?: Message;
}

/**
 * What all that happened to a link says of it: the faults that explain what was seen before and after
 * what was done, and what to do next.
 */
export function reportOf(
  history: readonly Happened[],
  bench: Bench,
  options: ReportOptions,
): Report {
  const { prior, upTo, isOver, isEnough, conditions } = options;
  const found = follow(history, bench, { prior, upTo, isOver, isEnough, most: TOLD });
  const anything = history.some((row) => !isDone(row));
  const advice =
    found.candidates.length > 0 || anything
      ? advise(found.candidates, history, bench, conditions, isOver)
      : null;
  const since = stretchesOf(history).at(-1)?.seen ?? [];
  const unproven =
    advice?.kind === 'repair' && advice.key === ''
      ? kindsUnseen(
          since.map(({ trial }) => trial),
          bench,
        )
      : [];
  return {
    explanations: found.explanations.map(({ faults, probability, places }) => ({
      probability,
      faults: faults.map((fault, index) => ({
        ...described(fault, bench.wiring),
        places: places[index] ?? [],
      })),
    })),
    count: found.count,
    upTo: found.upTo,
    cutShort: found.cutShort,
    sentence: sentences([
      inAll(found),
      found.cutShort && found.explanations.length > 0 ? tell('no-time-for-more', {}) : NOTHING,
    ]),
    unproven,
    ...(advice ? adviceOf(advice, found.candidates, unproven, bench, conditions) : {}),
  };
}

/** How sure the explanation is, plainly. */
function inAll({ explanations, count, upTo, cutShort }: Explained): Message {
  const [first, second] = explanations;
  if (!first) return tell(cutShort ? 'explained-not-cut-short' : 'explained-not', { upTo });
  const account = ({ faults }: typeof first) => faults.map(shortly);
  if (first.faults.length === 0) return tell('explained-good', {});
  if (count === 1 || first.probability > 0.9)
    return tell('explained-by', { account: account(first) });
  return tell('explained-by-several', {
    count,
    first: account(first),
    second: second && second.faults.length > 0 ? account(second) : null,
  });
}

function adviceOf(
  advice: Advice,
  candidates: readonly Candidate[],
  unproven: readonly FaultKind[],
  bench: Bench,
  { testers }: Conditions,
): Pick<Report, 'next' | 'repair' | 'doubt'> {
  const sentence = sentences([
    tellAdvice(advice),
    unproven.length > 0 ? tell('not-proven', { kinds: unproven }) : NOTHING,
  ]);
  if (advice.kind === 'doubt') return { doubt: sentence };
  return advice.kind === 'test'
    ? {
        next: {
          tester: advice.trial.tester,
          action: orderOf(advice.trial),
          minutes: advice.minutes,
          gainBits: advice.gainBits,
          sentence,
          trial: advice.trial,
          outcomes: outcomesOf(advice.trial, candidates.slice(0, LOOKED_AT), bench).slice(
            0,
            OFFERED,
          ),
        },
      }
    : {
        repair: {
          places: placesOf(advice.key),
          probability: advice.probability,
          minutes: advice.minutes,
          shares: advice.shares.map(({ key, share }) => ({ places: placesOf(key), share })),
          sentence,
          provenBy: provenBy(mendedAt(advice.key, candidates), testers, bench),
        },
      };
}

/** The faults of the likeliest account that a repair would mend. */
const mendedAt = (key: string, candidates: readonly Candidate[]): readonly Fault[] =>
  (candidates.find(({ faults }) => repairKey(faults) === key) ?? candidates[0])?.faults ?? [];
