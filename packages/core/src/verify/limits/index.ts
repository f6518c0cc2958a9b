export {
  LIMIT_CLASSES,
  LIMIT_STANDARDS,
  LOOP_MOST_OHM,
  MOST_MHZ,
  PARAMETERS,
  STANDARD_NAME,
  limitName,
  type LimitClass,
  type LimitKind,
  type LimitSet,
  type LimitStandard,
  type Parameter,
  type Warmth,
} from './class-limits';
export { CORD_LOSS, mostCordM, type Cords } from './cords';
export type { JudgedSweep } from './judge-sweep';
export { reportLimits, type LimitsQuestion, type LimitsReport } from './limits-report';
