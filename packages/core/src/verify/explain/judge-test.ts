import { madeWith } from '../circuit/made';
import type { Bench } from '../circuit/bench';
import type { Message } from '../../message';
import { tell } from '../messages';
import { observe } from '../observe';
import { asTold, keyOf, wordsOf } from '../shown';
import { looksGood, type Seen } from './agree';
import { missedOf } from './blind-spots';
import type { FaultKind } from '../fault';
import type { TestVerdict } from '../test-verdict';
import { classOf } from '../testers';

export interface JudgedTest {
  readonly verdict: TestVerdict;
  /** Of a whole test, as expected: kinds of faults of which at least one would have passed on this link. */
  readonly missed: readonly FaultKind[];
  /** What was shown, in a few words. */
  readonly summary: Message;
}

/** Compares what a tester showed with what it shows of a good link; a part is compared with its part. */
export function compareTest({ trial, shown }: Seen, bench: Bench) {
  const plain = observe(trial, madeWith(bench.wiring, []), bench);
  const expected = asTold(plain, shown);
  const { id, isOwn } = classOf(trial);
  return {
    good: looksGood(expected, shown),
    complete: keyOf(expected) === keyOf(plain),
    summary: tell('test-showed', {
      tester: isOwn ? null : id,
      moved: trial.moved,
      shown: wordsOf(shown, expected, bench.wiring),
    }),
  };
}

/** The same, with what such a test proves of a link. */
export function judgeTest(seen: Seen, bench: Bench): JudgedTest {
  const { good, complete, summary } = compareTest(seen, bench);
  if (!good) return { verdict: 'differs', missed: [], summary };
  if (!complete || !isWhole(seen, bench)) return { verdict: 'part', missed: [], summary };
  const missed = missedOf([seen.trial], bench).filter((row) => row.missed > 0);
  return { verdict: 'as-expected', missed: missed.map(({ kind }) => kind), summary };
}

/** Whether one such reading is all that its class tells of a link. */
function isWhole({ trial }: Seen, { wiring }: Bench): boolean {
  const row = classOf(trial);
  return row.isWhole || row.procedure(wiring).length === 1;
}
