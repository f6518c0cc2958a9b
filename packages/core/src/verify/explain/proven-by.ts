import type { Bench } from '../circuit/bench';
import { PLACES, type Fault } from '../fault';
import { changes } from '../faults';
import { canMove, procedureOf, testersFor, type TesterId, type Trial } from '../testers';
import { looksGood } from './agree';
import { observerOf } from './observer';

/**
 * The tester at hand that proves a repair: the quickest that shows every one of these faults while it is
 * there; null where none does.
 */
export function provenBy(
  faults: readonly Fault[],
  testers: readonly TesterId[],
  bench: Bench,
): TesterId | null {
  const { show } = observerOf(bench);
  const sees = (trial: Trial, fault: Fault) => !looksGood(show(trial, []), show(trial, [fault]));
  const usable = testersFor(bench.wiring)
    .filter(({ id }) => testers.includes(id))
    .sort((a, b) => a.minutes - b.minutes);
  const proves = usable.find((row) => {
    const trials = procedureOf(row, bench.wiring);
    return faults.every((fault) =>
      trials.some((trial) => moves(trial, fault).some((one) => sees(one, fault))),
    );
  });
  return proves?.id ?? null;
}

/** What opens only when it is moved is looked for by moving it. */
const moves = (trial: Trial, fault: Fault): readonly Trial[] =>
  changes(fault, 'opens-when-moved') && canMove(trial)
    ? PLACES.map((moved): Trial => ({ ...trial, moved }))
    : [trial];
