import { LENGTH_UNIT, formatDistance } from './format-distance';
import type { UnitSystem } from './format-length';
import { METRES_PER } from './length-unit';
import type { Uncertain } from './uncertain';
import { WITHIN_95 } from './within';

/** A distance with what lies within for 95 %, both in one unit: "17.20 m ± 0.26 m"; without it where u is 0, and never as nothing where it is not. */
export function formatUncertain({ value, u }: Uncertain, units: UnitSystem, digits = 2): string {
  const at = formatDistance(value, units, digits);
  const leastM = 10 ** -digits * METRES_PER[LENGTH_UNIT[units]];
  return u === 0 ? at : `${at} ± ${formatDistance(Math.max(leastM, WITHIN_95 * u), units, digits)}`;
}

/** A width for people: in centimetres or inches where it is small. Rounded up: what is opened must hold it. */
export function formatWidth(metres: number, units: UnitSystem): string {
  if (units === 'metric')
    return metres < 1
      ? `${Math.ceil(metres * 100 - 1e-6)} cm`
      : `${(Math.ceil(metres * 10 - 1e-6) / 10).toFixed(1)} m`;
  const inches = metres / METRES_PER.in;
  return inches < 36
    ? `${Math.ceil(inches - 1e-6)} in`
    : `${(Math.ceil((metres / METRES_PER.ft) * 10 - 1e-6) / 10).toFixed(1)} ft`;
}
