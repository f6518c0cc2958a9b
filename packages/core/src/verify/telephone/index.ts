export {
  LINE_ROWS,
  NO_LINE_READINGS,
  RINGER_LIMITS,
  judgeLine,
  ringerLoad,
  type LineReading,
  type LineReadings,
  type LineVerdict,
} from './line';
