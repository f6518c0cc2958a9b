/** How a cable as a whole is wired. */
export const ARRANGEMENTS = [
  'straight',
  'crossover',
  'full-crossover',
  'rollover',
  'irregular',
  'none',
] as const;

export type Arrangement = (typeof ARRANGEMENTS)[number];
