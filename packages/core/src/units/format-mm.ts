import type { UnitSystem } from './format-length';
import { METRES_PER } from './length-unit';

/** A size at the bench, given in mm: "30 mm" or "1.18 in". */
export function formatMm(mm: number, system: UnitSystem, digits = 2): string {
  const inches = mm / 1000 / METRES_PER.in;
  const [value, unit] = system === 'metric' ? [mm, 'mm'] : [inches, 'in'];
  return `${value.toFixed(digits).replace(/\.?0+$/, '')} ${unit}`;
}
