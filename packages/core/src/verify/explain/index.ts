// A door of its own: what is behind it is heavy, and only some pages need it.
export {
  benchOf,
  cordBenchOf,
  plainBench,
  type Bench,
  type CableFacts,
  type CordMake,
} from '../circuit/bench';
export { madeWith, type Made } from '../circuit/made';
export type { CircuitPart } from '../circuit/circuit-part';
export { solveCircuit } from '../circuit/network';
export { observe } from '../observe';
export { FORMS, wordsOf, type Shown } from '../shown';
export type { FieldKind, Fields } from '../fields';
export {
  TESTER_CLASSES,
  classOf,
  procedureOf,
  testersFor,
  type SomeClass,
  type TesterClass,
  type Trial,
} from '../testers';
export type { Seen } from './agree';
export { blindSpots, missedOf, type BlindSpots } from './blind-spots';
export { completeFault } from './complete-fault';
export { compareTest, judgeTest, type JudgedTest } from './judge-test';
export { PLAIN_CONDITIONS, type Conditions } from './trials-for';
export { doneText, isDone, type Happened } from './done';
export type { Outcome } from './outcomes';
export { experienceOf, type Remake } from './experience';
export { NO_EXPERIENCE, priorOf, type Experience } from './prior';
export { reportOf, type NextTest, type Report, type ReportOptions } from './report';
export { described, everyFault, orderOf } from './tell';
export { ENOUGH_MS, EXPLAIN_WORK, MOST_MS, type ExplainKind, type ExplainWork } from './work';
