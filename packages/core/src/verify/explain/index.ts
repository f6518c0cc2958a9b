// A door of its own: what is behind it is heavy, and only some pages need it.
export { benchOf, plainBench, type CableFacts } from '../electric/bench';
export { madeWith, type Made } from '../electric/made';
export { solveCircuit, type CircuitPart } from '../electric/network';
export { observe, type Bench, type Shown, type Trial } from '../electric/trial';
export type { Seen } from './agree';
export { blindSpots, procedureOf, testersFor } from './blind-spots';
export { completeFault } from './complete-fault';
export { PLAIN_CONDITIONS } from './next-test';
export { wordsOf, type Outcome } from './outcomes';
export { NO_EXPERIENCE, priorOf } from './prior';
export { reportOf, type NextTest, type Report, type ReportOptions } from './report';
export { described, orderOf } from './tell';
