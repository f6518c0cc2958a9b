/** What a line throws back of a wave where it meets another resistance: (R − Z) / (R + Z). */
export const reflectionAt = (ohm: number, lineOhm: number): number =>
  (ohm - lineOhm) / (ohm + lineOhm);

/** In dB below the wave, for sizes that a logarithm can tell. */
export const decibelOf = (reflection: number): number =>
  20 * Math.log10(Math.max(1e-6, Math.abs(reflection)));

/** Two resistances beside each other. */
export const beside = (a: number, b: number): number => (a * b) / (a + b);
