/** The lengths of an end that can be measured when it is made. */
export const MEASURE_KINDS = [
  'jacket',
  'exposed',
  'untwist',
  'braid',
  'dielectric',
  'insulation',
] as const;
export type MeasureKind = (typeof MEASURE_KINDS)[number];
