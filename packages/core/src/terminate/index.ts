export { CAUTIONS } from './caution';
export {
  fixingKeys,
  followPlan,
  isFixed,
  tickKeys,
  type LatePart,
  type Progress,
  type TickKey,
} from './follow-plan';
export type { FitProblem } from './fit';
export { toolGaps, type ToolGap } from './tool-gaps';
export { judgeMeasure, type Measure, type MeasureVerdict } from './measure';
export { REMAKE_CAUSES, remakeCauseName, type RemakeCause } from './remake-cause';
export type { Check, OperationKind, PartId } from './operation';
export {
  planTermination,
  type Cut,
  type Step,
  type TerminationPlan,
  type TerminationTask,
} from './plan-termination';
