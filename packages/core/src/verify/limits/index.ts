export {
  LIMIT_CLASSES,
  MOST_MHZ,
  PARAMETERS,
  type LimitClass,
  type LimitKind,
  type Parameter,
  type Warmth,
} from './class-limits';
export { CORD_LOSS, mostCordM, type Cords } from './cords';
export type { JudgedSweep } from './judge-sweep';
export { reportLimits, type LimitsQuestion, type LimitsReport } from './limits-report';
