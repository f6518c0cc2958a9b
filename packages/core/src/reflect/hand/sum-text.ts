import { LENGTH_UNIT, LIGHT_M_S, formatDistance, inLengthUnit, type UnitSystem } from '../../units';
import { delayOf, metresOf } from './distance';

/** A distance as the sum that people check: what was measured, what it is multiplied by, what comes out. */
export function distanceSum(
  velocityFactor: number,
  delayS: number,
  units: UnitSystem = 'metric',
): string {
  const distance = metresOf(delayS, velocityFactor);
  return `${trimmed(velocityFactor, 4)} × ${light(units)} × ${nanoseconds(delayS)} / 2 = ${formatDistance(distance, units)}`;
}

/** The velocity factor of a known length, likewise. */
export function velocitySum(lengthM: number, delayS: number, units: UnitSystem = 'metric'): string {
  const factor = delayOf(lengthM, 1) / delayS;
  return `2 × ${trimmed(inLengthUnit(lengthM, units), 4)} ${LENGTH_UNIT[units]} / (${light(units)} × ${nanoseconds(delayS)}) = ${factor.toFixed(3)}`;
}

/** The speed of light in a site’s unit, its figures in threes. */
const light = (units: UnitSystem): string =>
  `${Math.round(inLengthUnit(LIGHT_M_S, units))
    .toString()
    .replace(/\B(?=(\d{3})+$)/g, ' ')} ${LENGTH_UNIT[units]}/s`;

const nanoseconds = (delayS: number): string =>
  `${(delayS * 1e9).toFixed(delayS < 1e-6 ? 2 : 1)} ns`;
const trimmed = (value: number, digits: number): string => String(Number(value.toFixed(digits)));
