import type { Told } from '../message';
import { sameWiring, wiringOf, type Job, type Link, type Reading, type Wiring } from '../link';
import {
  diagnose,
  type Diagnosis,
  type FaultKind,
  type MapTesterId,
  type TestVerdict,
} from '../verify';

/** A stored wire map: what was shown, and what was said of it then. */
export interface TakenReading {
  readonly takenAt: string;
  readonly tester: MapTesterId;
  readonly wiring: Wiring;
  readonly nets: Reading;
  readonly splitPairs: readonly (readonly [string, string])[];
  readonly diagnosis: Told<Diagnosis>;
}

/** A stored use of any other class of tester, as it was judged then. */
export interface TakenTest {
  readonly takenAt: string;
  readonly tester: string;
  readonly wiring: Wiring;
  readonly verdict: TestVerdict;
  /** Kinds of faults that may have passed, of a whole test as expected. */
  readonly missed: readonly FaultKind[];
  readonly summary: string;
}

/** What was tested: the last wire map, and the other tests in order of time. */
export interface Tested {
  readonly reading: TakenReading | null;
  readonly tests: readonly TakenTest[];
}

export const NOT_TESTED: Tested = { reading: null, tests: [] };

/** The diagnosis of a stored reading for the link as it is described now. */
export const diagnosisNow = (link: Link, latest: TakenReading, job: Job): Diagnosis =>
  diagnosisOf({ ...latest, wiring: wiringOf(link, job) });

/** The same for the link as it was when it was taken. */
export const diagnosisOf = ({ wiring, tester, nets, splitPairs }: TakenReading): Diagnosis =>
  diagnose({ wiring, tester, nets, splitPairs });

/** Its verdict alone, which is known where the link is still described as it was. */
export const verdictNow = (link: Link, latest: TakenReading, job: Job): Diagnosis['verdict'] =>
  sameWiring(wiringOf(link, job), latest.wiring)
    ? latest.diagnosis.verdict
    : diagnosisNow(link, latest, job).verdict;
