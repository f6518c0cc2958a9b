export { DONE_ACTIONS, type Done, type DoneAction } from './done';
export { applyFaults } from './apply-faults';
export { ARRANGEMENTS, type Arrangement } from './diagnose/arrangement';
export type { Action } from './diagnose/describe-fault';
export {
  LEFT_OPEN,
  diagnose,
  type DescribedFault,
  type Diagnosis,
  type TestResult,
  type Unseen,
} from './diagnose/diagnose';
export {
  FAULT_KINDS,
  PLACES,
  SEVERAL_FAULTS,
  type Fault,
  type FaultKind,
  type Place,
} from './fault';
export {
  FAR_ENDS,
  MAP_TESTERS,
  METHODS,
  SHOWS,
  SUBJECTS,
  TESTERS,
  TESTER_IDS,
  tester,
  type MapTesterId,
  type Tester,
  type TesterId,
} from './tester';
export { mapContacts, parseWireMap, type ParsedWireMap } from './wire-map-text';
export { TEST_VERDICTS, type TestVerdict } from './test-verdict';
