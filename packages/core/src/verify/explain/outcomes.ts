import type { Message } from '../../message';
import type { Bench } from '../circuit/bench';
import { madeWith } from '../circuit/made';
import type { Fault } from '../fault';
import { changes } from '../faults';
import { observe } from '../observe';
import { keyOf, wordsOf, type Shown } from '../shown';
import type { Trial } from '../testers';
import { countedOn } from './agree';
import type { Candidate } from './explain';
import { byChance } from './goes-by-joints';
import { flawsAt } from './look';
import { observerOf } from './observer';

/** One thing that a trial may show, with how likely that is and what it is called. */
export interface Outcome {
  readonly shown: Shown;
  readonly share: number;
  readonly words: Message;
}

/** What a trial may show of a link with these faults, each with its share: eyes may see a flaw or not. */
export function shownOf(
  trial: Trial,
  faults: readonly Fault[],
  bench: Bench,
): readonly { readonly shown: Shown; readonly share: number }[] {
  const { show } = observerOf(bench);
  const shown = countedOn(show(trial, faults), bench);
  if (trial.tester === 'look' && shown.method === 'colours') {
    const { contacts, share } = flawsAt(faults, trial.end);
    return [
      { shown: { ...shown, flaws: [] }, share: 1 - share },
      ...(share > 0 ? [{ shown: { ...shown, flaws: contacts }, share }] : []),
    ];
  }
  if (!byChance(trial) || !faults.some((fault) => changes(fault, 'opens-when-moved')))
    return [{ shown, share: 1 }];
  const still = countedOn(show({ ...trial, moved: null }, faults), bench);
  return keyOf(still) === keyOf(shown)
    ? [{ shown, share: 1 }]
    : [
        { shown, share: 0.5 },
        { shown: still, share: 0.5 },
      ];
}

/** What a trial may show, by the accounts that are left, the likeliest first. */
export function outcomesOf(
  trial: Trial,
  candidates: readonly Candidate[],
  bench: Bench,
): Outcome[] {
  const found = new Map<string, { shown: Shown; sum: number }>();
  let whole = 0;
  for (const { faults, probability } of candidates) {
    for (const { shown, share } of shownOf(trial, faults, bench)) {
      const key = keyOf(shown);
      const row = found.get(key) ?? { shown, sum: 0 };
      row.sum += probability * share;
      whole += probability * share;
      found.set(key, row);
    }
  }
  const plain = observe(trial, madeWith(bench.wiring, []), bench);
  return [...found.values()]
    .sort((a, b) => b.sum - a.sum)
    .map(({ shown, sum }) => ({
      shown,
      share: sum / whole,
      words: wordsOf(shown, plain, bench.wiring),
    }));
}
