export {
  LIMIT_CLASSES,
  LIMIT_STANDARDS,
  LOOP_MOST_OHM,
  MOST_MHZ,
  PARAMETERS,
  STANDARD_NAME,
  type LimitClass,
  type LimitKind,
  type LimitSet,
  type LimitStandard,
  type Parameter,
  type Warmth,
} from './class-limits';
export { CORD_LOSS, mostCordM, type Cords } from './cords';
export { limitName, type JudgedSweep } from './judge-sweep';
export type { LimitMessages } from './messages';
export { reportLimits, type LimitsQuestion, type LimitsReport } from './limits-report';
