/** What was measured on a telephone line; null while it was not. Direct volts are signed: tip over ring. */
export interface LineReadings {
  /** All sets on their hooks. */
  readonly idleV: number | null;
  /** The same with everything of ours unplugged. */
  readonly aloneV: number | null;
  /** At the provider's test socket, our wiring off. */
  readonly demarcationV: number | null;
  /** One set off its hook. */
  readonly offHookV: number | null;
  /** Alternating, while it rings. */
  readonly ringingV: number | null;
}

export type LineReading = keyof LineReadings;

export const NO_LINE_READINGS: LineReadings = {
  idleV: null,
  aloneV: null,
  demarcationV: null,
  offHookV: null,
  ringingV: null,
};
