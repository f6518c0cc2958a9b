import type { Uncertain } from '@near-spoke/core/units';

/** A value with its standard uncertainty. */
export const giveOrTake = ({ value, u }: Uncertain, digits: number): string =>
  `${value.toFixed(digits)} ± ${u.toFixed(digits)}`;
