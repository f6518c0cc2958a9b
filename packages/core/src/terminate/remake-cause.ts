/** Why an end is cut off and made again: kept with the fact, and counted for the failure rate later. */
export const REMAKE_CAUSES = [
  'order',
  'short-of-nose',
  'jacket',
  'part-forgotten',
  'damage',
  'faulty-part',
  'test',
  'other',
] as const;

export type RemakeCause = (typeof REMAKE_CAUSES)[number];
