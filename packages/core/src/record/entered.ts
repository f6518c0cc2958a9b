/** How what a tester showed came into the record. */
export const ENTERED = ['by-hand', 'one-key', 'instrument', 'unsaid'] as const;

export type Entered = (typeof ENTERED)[number];
