export { applyFaults } from './apply-faults';
export { ARRANGEMENTS, type Arrangement } from './arrangement';
export type { Action } from './describe-fault';
export {
  diagnose,
  sameReading,
  type DescribedFault,
  type Diagnosis,
  type TestResult,
  type Unseen,
} from './diagnose';
export { FAULT_KINDS, type Fault, type FaultKind } from './fault';
export { TESTERS, tester, type Tester, type TesterId } from './tester';
export { mapContacts, parseWireMap, type ParsedWireMap } from './wire-map-text';
