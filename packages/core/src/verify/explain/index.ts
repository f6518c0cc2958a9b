// A door of its own: what is behind it is heavy, and only some pages need it.
export { benchOf, cordBenchOf, plainBench, type CableFacts, type CordMake } from '../circuit/bench';
export { madeWith, type Made } from '../circuit/made';
export type { CircuitPart } from '../circuit/circuit-part';
export { solveCircuit } from '../circuit/network';
export { observe, type Bench, type Shown, type Trial } from '../circuit/trial';
export type { Seen } from './agree';
export { blindSpots, missedOf, procedureOf, testersFor, type BlindSpots } from './blind-spots';
export { completeFault } from './complete-fault';
export { compareTest, judgeTest, type JudgedTest } from './judge-test';
export { PLAIN_CONDITIONS, type Conditions } from './trials-for';
export { doneText, isDone, type Happened } from './done';
export { wordsOf, type Outcome } from './outcomes';
export { experienceOf, type Remake } from './experience';
export { NO_EXPERIENCE, priorOf, type Experience } from './prior';
export { reportOf, type NextTest, type Report, type ReportOptions } from './report';
export { described, everyFault, orderOf } from './tell';
export { ENOUGH_MS, EXPLAIN_WORK, MOST_MS, type ExplainKind, type ExplainWork } from './work';
