import { METRES_PER } from './length-unit';

export type UnitSystem = 'metric' | 'imperial';

/** A length for people, to a tenth of a metre or foot; below one metre or foot in mm or inches. */
export function formatLength(lengthM: number, system: UnitSystem): string {
  if (system === 'metric')
    return lengthM < 1 ? `${tidy(lengthM * 1000, 0)} mm` : `${tidy(lengthM, 1)} m`;
  const feet = lengthM / METRES_PER.ft;
  return feet < 1 ? `${tidy(lengthM / METRES_PER.in, 2)} in` : `${tidy(feet, 1)} ft`;
}

/** The same of a length that must not be gone over: rounded down to a tenth of a metre or foot. */
export function formatAtMost(lengthM: number, system: UnitSystem): string {
  const perM = system === 'metric' ? 1 : METRES_PER.ft;
  // What is a tenth already stays it, though it is a little less as it is stored.
  return `${tidy(Math.floor((lengthM / perM) * 10 + 1e-9) / 10, 1)} ${system === 'metric' ? 'm' : 'ft'}`;
}

function tidy(value: number, digits: number): string {
  return value.toFixed(digits).replace(/\.0+$/, '');
}
