import type { Uncertain } from '../units';

/** How a link's length is known. */
export const LENGTH_HOW = ['scheduled', 'drawn', 'taped', 'reflected'] as const;
export type LengthHow = (typeof LENGTH_HOW)[number];

/** As it is said in a record and beside a choice. */
export const LENGTH_SAID: Readonly<Record<LengthHow, string>> = {
  scheduled: 'as scheduled; not measured here',
  drawn: 'taken from the plan drawing; not measured here',
  taped: 'taped along the cable',
  reflected: 'measured by reflectometry',
};

/** Relative standard uncertainty of a length that stands in a schedule. Generic. */
export const SCHEDULED_LENGTH_SHARE = 0.03;

/** Standard uncertainties, a share of the length and metres besides. Generic. */
const KNOWN_TO: Readonly<Record<LengthHow, readonly [share: number, besideM: number]>> = {
  scheduled: [SCHEDULED_LENGTH_SHARE, 0],
  drawn: [0.02, 0.5],
  taped: [0.002, 0.02],
  reflected: [0.01, 0.05],
};

interface SaidLength {
  readonly lengthM: number | null;
  readonly lengthHow?: LengthHow | undefined;
}

/** A link's length with what the way in which it is known is good for; null while nobody knows it. */
export function lengthOf({ lengthM, lengthHow = 'scheduled' }: SaidLength): Uncertain | null {
  if (lengthM === null) return null;
  const [share, besideM] = KNOWN_TO[lengthHow];
  return { value: lengthM, u: Math.hypot(share * lengthM, besideM) };
}
