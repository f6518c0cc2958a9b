export { runLengths, type MeasuredPlan } from './run-lengths';
export {
  legM,
  type Leg,
  type LengthTask,
  type Lengths,
  type NoLengths,
  type Place,
  type PlannedRun,
  type Point,
  type RunLength,
  type Spot,
  type Way,
  type WayFill,
} from './task';
