import type { Uncertain } from '../../units';

/** A share of failures from here on is none that anybody works with. */
const MOST_FAILURES = 0.99;

/** The share that has to be made again, as far as anybody works with it. */
export const failing = ({ value }: Uncertain): number => Math.min(MOST_FAILURES, value);

/** Attempts for each good one. */
export const attemptsEach = (rate: Uncertain): number => 1 / (1 - failing(rate));
