import { sameWiring, wiringOf, type Job, type Link } from '../link';
import { NOTHING, type Message } from '../message';
import { FAULTS, type FaultKind } from '../verify';
import { tell } from './messages';
import { diagnosisNow, verdictNow, type Tested } from './tested';

export interface Proof {
  readonly state: 'fail' | 'unproven' | 'pass';
  /** What to do about it. */
  readonly next: Message;
}

/**
 * Of all that was tested, what still holds: taken for this wiring and since the ends were last made,
 * and no test older than the last wire map.
 *
 * @param outdated whether an end was made again since
 */
export function heldOf(
  link: Link,
  { reading, tests }: Tested,
  outdated: (takenAt: string) => boolean,
  job: Job,
): Tested {
  const wiring = wiringOf(link, job);
  const map = reading && !outdated(reading.takenAt) ? reading : null;
  return {
    reading: map,
    tests: tests.filter(
      ({ takenAt, wiring: then }) =>
        (!map || takenAt > map.takenAt) && !outdated(takenAt) && sameWiring(then, wiring),
    ),
  };
}

/**
 * What all tests that hold prove together; null when none does.
 *
 * Each test that is as expected rules out the kinds of faults that its class can't miss on this link.
 * What differs is a fault until a wire map is taken, until a test by the same class is as expected, or
 * until one is that could not have missed anything. Tests of a part prove nothing of the whole.
 */
export function proofOf(link: Link, { reading, tests }: Tested, job: Job): Proof | null {
  let fault: { readonly tester: string; readonly next: Message } | null = null;
  let open: readonly FaultKind[] | null = null;
  if (reading) {
    const verdict = verdictNow(link, reading, job);
    if (verdict === 'fail') {
      const { actions } = diagnosisNow(link, reading, job);
      fault = { tester: reading.tester, next: actions[0]?.sentence ?? tell('next-test-again', {}) };
    } else open = verdict === 'pass' ? [] : ['split-pair'];
  }
  for (const { tester, verdict, missed, summary } of tests) {
    const left = missed.filter((kind) => FAULTS[kind].isToProve);
    if (verdict === 'differs') {
      open = null;
      fault = { tester, next: tell('next-explain', { summary }) };
    }
    if (verdict !== 'as-expected') continue;
    if (fault && fault.tester !== tester && left.length > 0) continue;
    fault = null;
    open = open ? open.filter((kind) => left.includes(kind)) : left;
  }
  if (fault) return { state: 'fail', next: fault.next };
  if (!open) return null;
  return open.length === 0
    ? { state: 'pass', next: NOTHING }
    : { state: 'unproven', next: toProve(open) };
}

const toProve = (open: readonly FaultKind[]): Message =>
  open.length === 1 && open[0] === 'split-pair'
    ? tell('next-prove-pairing', {})
    : tell('next-rule-out', { kinds: open });
