import { WITHIN_95, type Uncertain } from '../../units';

/** What is left on a reel, and what to write on its box. */
export interface ReelReading {
  readonly leftM: Uncertain;
  /** So much is left for sure, to 97.5 %: rounded down to what people count in. */
  readonly atLeastM: number;
  readonly label: string;
}

/**
 * The label of a reel by the length that was measured on it.
 *
 * @param date as it is written on the box
 */
export function readReel(leftM: Uncertain, cableName: string, date: string): ReelReading {
  // Of what lies outside of 95 %, half is less.
  const sure = Math.max(0, leftM.value - WITHIN_95 * leftM.u);
  const atLeastM = sure < 10 ? Math.floor(sure * 10) / 10 : Math.floor(sure);
  return {
    leftM,
    atLeastM,
    label: `${cableName} · ${atLeastM} m · ${date}`,
  };
}

/** What was used between two readings; less than nothing where the second is of another reel. */
export function usedBetween(before: Uncertain, after: Uncertain): Uncertain {
  return { value: before.value - after.value, u: Math.hypot(before.u, after.u) };
}
