import type { UnitSystem } from './format-length';
import { METRES_PER } from './length-unit';

/** The unit in which a site says how far something is. */
export const LENGTH_UNIT = { metric: 'm', imperial: 'ft' } as const satisfies Readonly<
  Record<UnitSystem, string>
>;

/** Metres as a number of a site's own unit. */
export const inLengthUnit = (metres: number, units: UnitSystem): number =>
  metres / METRES_PER[LENGTH_UNIT[units]];

/** A distance along a cable with so many figures behind the point: "17.20 m", or "56.43 ft". */
export const formatDistance = (metres: number, units: UnitSystem, digits = 2): string =>
  `${inLengthUnit(metres, units).toFixed(digits)} ${LENGTH_UNIT[units]}`;

/** A length to be read again: "12.5 m" as it is kept, or "41 ft" to a ten-thousandth, which is 0.02 mm. */
export const writeLength = (metres: number, units: UnitSystem): string =>
  units === 'metric'
    ? `${metres} m`
    : `${Number(inLengthUnit(metres, units).toFixed(4))} ${LENGTH_UNIT[units]}`;
