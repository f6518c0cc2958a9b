export { LINE_ROWS, RINGER_LIMITS, judgeLine, ringerLoad, type LineVerdict } from './line';
export { LINE_SAYS, tell as lineMessage, type LineMessages } from './messages';
export { NO_LINE_READINGS, type LineReading, type LineReadings } from './readings';
