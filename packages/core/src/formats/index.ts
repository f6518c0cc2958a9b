export { delimiterOf, rowsOf, type CellProblem, type CsvRow } from './csv-rows';
export {
  parseSchedule,
  type CellNote,
  type ParsedSchedule,
  type ScheduleOptions,
} from './parse-schedule';
export { parseRoute, writeRoute } from './route-text';
export { writeSchedule } from './write-schedule';
export {
  parseTouchstone,
  type Complex,
  type ParsedTouchstone,
  type Touchstone,
} from './touchstone';
export { writeCords, type CordLine } from './write-cords';
export {
  SWEEP_KINDS,
  parseSweepCsv,
  type ParsedSweeps,
  type SweepColumn,
  type SweepKind,
} from './sweep-csv';
