export { runsAtOnce } from './at-once';
export { planBatch, type BatchEnd, type BatchPlan, type Session } from './batch';
export { CAUTIONS } from './caution';
export { CUT_WORDS, cutsOf, foldedMm, type Cut } from './cuts';
export { fitProblems, type FitProblem } from './fit';
export { OF_THE_PLACE } from './fit-code';
export {
  fixingKeys,
  followPlan,
  isFixed,
  tickKeys,
  type LatePart,
  type Progress,
  type TickKey,
} from './follow-plan';
export { schoolMismatch, schoolsInUse } from './school-use';
export { toolGaps, type ToolGap } from './tool-gaps';
export {
  MEASURE_KINDS,
  judgeMeasure,
  measureSaid,
  type Measure,
  type MeasureVerdict,
} from './measure';
export { kitFor, type Kit, type KitRow } from './kit';
export { paceOf, type Pace, type PacedTick } from './pace';
export { REMAKE_CAUSES, remakeCauseName, type RemakeCause } from './remake-cause';
export type { Check, OperationKind, PartId } from './operation';
export {
  planTermination,
  type Step,
  type TerminationPlan,
  type TerminationTask,
} from './plan-termination';
export type { WayBack } from './way-back';
