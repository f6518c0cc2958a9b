export { runsAtOnce } from './at-once';
export { planBatch, type BatchEnd, type BatchPlan, type Session } from './batch';
export { CAUTIONS } from './caution';
export { cutsOf, foldedMm, type Cut } from './cuts';
export { dieMm, isDie } from './die';
export { fitProblems, type FitProblem } from './fit';
export { OF_THE_PLACE, type FitCode } from './fit-code';
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
export { judgeMeasure, measureSaid, type Measure, type MeasureVerdict } from './measure';
export { MEASURE_KINDS, type MeasureKind } from './measure-kind';
export { BESIDE, kitFor, type Kit, type KitRow } from './kit';
export { paceOf, type Pace, type PacedTick } from './pace';
export { REMAKE_CAUSES, type RemakeCause } from './remake-cause';
export {
  FILL_NAMES,
  tell as terminateMessage,
  type Fill,
  type FillName,
  type Miss,
  type TerminateMessages,
} from './messages';
export { wordingOf, type Operation, type OperationKind, type PartId } from './operation';
export { OPERATIONS } from './operations';
export { planTermination, type Check, type Step, type TerminationPlan } from './plan-termination';
export type { TerminationTask } from './task';
export type { WayBack } from './way-back';
