import type { UnitSystem } from './format-length';
import { METRES_PER } from './length-unit';

/** A diameter as sheets have them, with its millimetres behind the inches: "6.2 mm", or "0.244 in (6.2 mm)". */
export const formatSheetMm = (mm: number, system: UnitSystem): string =>
  system === 'metric'
    ? formatMm(mm, system)
    : `${formatMm(mm, system, 3)} (${formatMm(mm, 'metric')})`;

/** A size at the bench, given in mm: "30 mm" or "1.18 in". */
export function formatMm(mm: number, system: UnitSystem, digits = 2): string {
  const inches = mm / 1000 / METRES_PER.in;
  const [value, unit] = system === 'metric' ? [mm, 'mm'] : [inches, 'in'];
  return `${value.toFixed(digits).replace(/\.?0+$/, '')} ${unit}`;
}
