/** What of an end does not go together. */
export const FIT_CODES = [
  'kind',
  'jacket',
  'insulation',
  'centre',
  'gauge',
  'stranding',
  'cores',
  'pitch',
  'impedance',
  'shield',
  'jacket-in-place',
  'joint-in-place',
  'die',
  'tool',
] as const;
export type FitCode = (typeof FIT_CODES)[number];

/** Those that another place would not have. */
export const OF_THE_PLACE: ReadonlySet<FitCode> = new Set(['jacket-in-place', 'joint-in-place']);
