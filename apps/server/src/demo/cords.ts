import type { CordBatchInput, CordFact } from '@near-spoke/contract/cords';

const PLUG = { connector: 'plug-8p8c', scheme: 'T568B' } as const;

/** Cords that were made for the kiosks on the first day of the demonstration. */
export const CORDS: CordBatchInput & { readonly count: number; readonly seconds: number } = {
  name: 'Kiosk cords, first box',
  note: 'Made on the bench in C1',
  cord: { near: PLUG, far: PLUG, cable: 'cat6-uutp-stranded', lengthM: 2 },
  tester: 'pair-lamps',
  count: 32,
  /** From one cord to the next. */
  seconds: 9,
};

/** The cords that were not good at first, by number, and what the lamps showed. */
export const FAULTY_CORDS: ReadonlyMap<number, readonly number[]> = new Map([
  [7, [1, 2, 4]],
  [19, [2, 3, 4]],
]);

export const cordReading = (pairs: readonly number[]): Exclude<CordFact['reading'], null> => ({
  tester: 'pair-lamps',
  moved: null,
  steps: [{ step: 'all', lit: pairs.map((pair) => `pair ${pair}`), dim: [] }],
});
