export { analyse } from './analyse';
export { compareLooks, tellFirstLook } from './compare-looks';
export { firstLook, type FirstLook, type FirstPlace } from './first-look';
export { type Analysed, type Analysis } from './analysis';
export { type Problem, type ProblemKind, type TraceEvent } from './event';
export { fileUnread, type AnalyseMessages, type Far } from './messages';
export type { Through } from './through';
export { predictedCurve, goodLine, sweepCurve, type Curve } from './picture';
export { analyseFile, type AnalysedFile } from './analyse-file';
