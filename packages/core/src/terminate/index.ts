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
export type { Check, OperationKind, PartId } from './operation';
export {
  planTermination,
  type Cut,
  type Step,
  type TerminationPlan,
  type TerminationTask,
} from './plan-termination';
