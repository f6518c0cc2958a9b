/** 95 % of a normal distribution lie within so many standard deviations of its middle. */
export const WITHIN_95 = 1.96;
