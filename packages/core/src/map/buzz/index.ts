export {
  DIFFERENCE_KINDS,
  compareWithDrawing,
  type Difference,
  type DifferenceKind,
} from './compare';
export {
  buzzInReach,
  expectedProbes,
  type BuzzTask,
  type Buzzed,
  type Contradiction,
  type Label,
  type Probe,
  type ProbeReading,
} from './in-reach';
export { planWalk, type Ties, type WalkPlan } from './walk-plan';
export { RETURN, readWalk, type WalkReadings, type Walked } from './walk-result';
