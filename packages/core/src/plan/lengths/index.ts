export { runLengths, type MeasuredPlan } from './run-lengths';
export type {
  LengthTask,
  Lengths,
  NoLengths,
  Place,
  PlannedRun,
  Point,
  RunLength,
  Way,
  WayFill,
} from './task';
