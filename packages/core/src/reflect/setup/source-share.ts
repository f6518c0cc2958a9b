import { reflectionAt } from '../line/reflection';

/** What a source that does not match its cable does to each echo. */
export interface SourceShare {
  /** Of an echo, what shows at the tee: one where the source matches. */
  readonly shown: number;
  /** What it throws back into the cable, upside down where below nothing. */
  readonly back: number;
}

/** What is thrown back less is lost in what cables stray by. */
const LEAST_BACK = 0.1;

/**
 * What a source does to the sizes of echoes, seen at a tee by an input of high resistance.
 *
 * Source: an echo and what the source throws back of it add at the tee, 1 + (R − Z) / (R + Z).
 *
 * @returns null where it nearly matches
 */
export function sourceShare(sourceOhm: number, impedanceOhm: number): SourceShare | null {
  const back = reflectionAt(sourceOhm, impedanceOhm);
  return Math.abs(back) < LEAST_BACK ? null : { shown: 1 + back, back };
}
