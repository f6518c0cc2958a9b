export { innerSamples } from '../line/respond';
export { lossOf, sectionOf, type Segment, type SheetLoss } from './segment';
export {
  simulate,
  simulatedLine,
  type Probe,
  type SimulatedJoint,
  type Simulation,
} from './simulate';
export { normalFrom } from './normal';
export {
  practise,
  practiceStrength,
  PRACTICE_FAULTS,
  type PracticeFault,
  type PracticeLine,
} from './practice';
