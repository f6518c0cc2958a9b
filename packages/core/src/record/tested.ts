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
  readonly diagnosis: Diagnosis;
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
export function diagnosisNow(link: Link, latest: TakenReading, job: Job): Diagnosis {
  const wiring = wiringOf(link, job);
  if (sameWiring(wiring, latest.wiring)) return latest.diagnosis;
  return diagnose({
    wiring,
    tester: latest.tester,
    nets: latest.nets,
    splitPairs: latest.splitPairs,
  });
}
