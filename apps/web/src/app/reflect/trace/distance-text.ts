import { formatLength, WITHIN_95, type Uncertain, type UnitSystem } from '@near-spoke/core/units';

/** A distance with what lies within for 95 %: "17.20 m ± 0.26 m". */
export function distanceText({ value, u }: Uncertain, units: UnitSystem): string {
  return units === 'metric'
    ? `${value.toFixed(2)} m ± ${(WITHIN_95 * u).toFixed(2)} m`
    : `${formatLength(value, units)} ± ${formatLength(WITHIN_95 * u, units)}`;
}
