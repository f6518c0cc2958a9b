export { DONE_ACTIONS, type Done, type DoneAction } from './done';
export { applyFaults } from './apply-faults';
export type { Arrangement } from './diagnose/arrangements';
export { FAULTS, type Action } from './faults';
export {
  tell as verifyMessage,
  type Arrivals,
  type PairGroup,
  type VerifyMessages,
  type Whereabouts,
} from './messages';
export {
  diagnose,
  type DescribedFault,
  type Diagnosis,
  type TestResult,
  type Unseen,
} from './diagnose/diagnose';
export { FAULT_KINDS, PLACES, type Fault, type FaultKind, type Place } from './fault';
export {
  FAR_ENDS,
  METHODS,
  READABLE,
  SHOWS,
  SUBJECTS,
  TESTERS,
  TESTER_IDS,
  commandOf,
  tester,
  type Tester,
  type TesterId,
} from './testers';
export { mapContacts, parseWireMap, type ParsedWireMap } from './wire-map-text';
export { TEST_VERDICTS, type TestVerdict } from './test-verdict';
export { SEES_PAIRING, type MapTesterId } from './map-tester';
