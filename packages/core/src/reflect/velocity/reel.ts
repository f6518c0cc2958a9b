import {
  LENGTH_UNIT,
  METRES_PER,
  WITHIN_95,
  inLengthUnit,
  type Uncertain,
  type UnitSystem,
} from '../../units';

/** What is left on a reel, and what to write on its box. */
export interface ReelReading {
  readonly leftM: Uncertain;
  /** So much is left for sure, to 97.5 %: rounded down to what people count in. */
  readonly atLeastM: number;
  /** The same in the site’s unit. */
  readonly atLeast: string;
  readonly label: string;
}

/**
 * The label of a reel by the length that was measured on it.
 *
 * @param date as it is written on the box
 */
export function readReel(
  leftM: Uncertain,
  cableName: string,
  date: string,
  units: UnitSystem = 'metric',
): ReelReading {
  // Of what lies outside of 95 %, half is less.
  const sure = inLengthUnit(Math.max(0, leftM.value - WITHIN_95 * leftM.u), units);
  const counted = sure < 10 ? Math.floor(sure * 10) / 10 : Math.floor(sure);
  const atLeast = `${counted} ${LENGTH_UNIT[units]}`;
  return {
    leftM,
    atLeastM: counted * METRES_PER[LENGTH_UNIT[units]],
    atLeast,
    label: `${cableName} · ${atLeast} · ${date}`,
  };
}

/** What was used between two readings; less than nothing where the second is of another reel. */
export function usedBetween(before: Uncertain, after: Uncertain): Uncertain {
  return { value: before.value - after.value, u: Math.hypot(before.u, after.u) };
}
