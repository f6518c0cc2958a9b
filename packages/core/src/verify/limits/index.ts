export {
  LIMIT_CLASSES,
  MOST_MHZ,
  PARAMETERS,
  delayLimits,
  limitDb,
  type LimitClass,
  type LimitKind,
  type Parameter,
  type Warmth,
} from './class-limits';
export { judgeSweep, sweepsOf, type JudgedSweep, type Sweep } from './judge-sweep';
