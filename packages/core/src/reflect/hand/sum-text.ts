import { delayOf, metresOf } from './distance';

/** A distance as the sum that people check: what was measured, what it is multiplied by, what comes out. */
export function distanceSum(velocityFactor: number, delayS: number): string {
  const distance = metresOf(delayS, velocityFactor);
  return `${trimmed(velocityFactor, 4)} × 299 792 458 m/s × ${nanoseconds(delayS)} / 2 = ${distance.toFixed(2)} m`;
}

/** The velocity factor of a known length, likewise. */
export function velocitySum(lengthM: number, delayS: number): string {
  const factor = delayOf(lengthM, 1) / delayS;
  return `2 × ${trimmed(lengthM, 4)} m / (299 792 458 m/s × ${nanoseconds(delayS)}) = ${factor.toFixed(3)}`;
}

const nanoseconds = (delayS: number): string =>
  `${(delayS * 1e9).toFixed(delayS < 1e-6 ? 2 : 1)} ns`;
const trimmed = (value: number, digits: number): string => String(Number(value.toFixed(digits)));
