import { capital } from '../../units';
import type { Bench, Trial } from '../electric/trial';
import type { Seen } from './agree';
import { explain, type Candidate, type Explained } from './explain';
import { advise, type Advice, type Conditions } from './next-test';
import { outcomesOf, type Outcome } from './outcomes';
import type { Prior } from './prior';
import { placesOf } from './repair';
import type { Fault, Place } from '../fault';
import type { TesterId } from '../tester';
import { described, orderOf, provenBy, shortly, tellAdvice } from './tell';

export interface ReportOptions {
  readonly prior: Prior;
  readonly conditions: Conditions;
  readonly upTo: number;
  readonly isOver?: () => boolean;
}

const TOLD = 40;
/** Accounts whose outcomes are told, and outcomes that are offered. */
const LOOKED_AT = 60;
const OFFERED = 5;

export interface ToldFault extends Fault {
  readonly title: string;
  readonly sentence: string;
  readonly places: readonly { readonly at: Place; readonly share: number }[];
}

export interface NextTest {
  readonly tester: Trial['tester'];
  readonly action: string;
  readonly minutes: number;
  readonly gainBits: number;
  readonly sentence: string;
  readonly trial: Trial;
  /** What it may show, the likeliest first. */
  readonly outcomes: readonly Outcome[];
}

export interface Repair {
  readonly places: readonly Place[];
  readonly probability: number;
  readonly minutes: number;
  readonly sentence: string;
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
  readonly sentence: string;
  readonly next?: NextTest;
  readonly repair?: Repair;
}

/** What all readings together say of a link: the faults that explain them, and what to do next. */
export function reportOf(seen: readonly Seen[], bench: Bench, options: ReportOptions): Report {
  const { prior, upTo, isOver } = options;
  const found = explain(seen, bench, { prior, upTo, isOver, most: TOLD });
  const advice =
    found.candidates.length > 0 ? advise(found.candidates, seen, bench, options.conditions) : null;
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
    sentence:
      found.cutShort && found.explanations.length > 0
        ? `${inAll(found)} There was no time to try more faults at once.`
        : inAll(found),
    ...(advice ? adviceOf(advice, found.candidates, bench, options.conditions) : {}),
  };
}

/** How sure the explanation is, plainly. */
function inAll({ explanations, count, upTo, cutShort }: Explained): string {
  const [first, second] = explanations;
  if (!first && cutShort)
    return `${capital(faultsUpTo(upTo))} does not explain all of this, and there was no time to try more at once. Mend what the wire map tells first, then test again.`;
  if (!first)
    return `No ${['', 'single fault explains', 'two faults explain', 'three faults explain'][upTo] ?? ''} all of this. One reading may be mistaken, or there are more faults: test again.`;
  const name = ({ faults }: typeof first) => faults.map(shortly).join(' and ');
  if (first.faults.length === 0)
    return 'All that was seen is as it should be. What these tests can’t see may still be wrong.';
  if (count === 1 || first.probability > 0.9) return `${capital(name(first))} explains all of it.`;
  return second && second.faults.length > 0
    ? `${count} accounts explain it: ${name(first)}, or ${name(second)}${count > 2 ? ', and others less likely' : ''}.`
    : `${count} accounts explain it: ${name(first)} is the likeliest.`;
}

/** "One fault", "any two faults": the sets that were gone through. */
const faultsUpTo = (count: number): string =>
  count < 2 ? 'one fault alone' : `any set of ${count === 2 ? 'two' : 'three'} faults`;

function adviceOf(
  advice: Advice,
  candidates: readonly Candidate[],
  bench: Bench,
  { testers }: Conditions,
): Pick<Report, 'next' | 'repair'> {
  const sentence = tellAdvice(advice);
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
          sentence,
          provenBy: provenBy(testers),
        },
      };
}
