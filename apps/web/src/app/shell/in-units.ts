import { METRES_PER, type UnitSystem } from '@near-spoke/core/units';
import type { NumberField } from './number-fields';

interface Theirs {
  readonly unit: string;
  /** Of theirs to one of ours. */
  readonly per: number;
}

/** What stands beside a field of these on a site that measures in feet. */
const IN_FEET: Readonly<Record<string, Theirs>> = {
  m: { unit: 'ft', per: 1 / METRES_PER.ft },
  cm: { unit: 'in', per: METRES_PER.cm / METRES_PER.in },
  mm: { unit: 'in', per: METRES_PER.mm / METRES_PER.in },
  'dB/100 m': { unit: 'dB/100 ft', per: METRES_PER.ft },
};

const theirs = (unit: string, units: UnitSystem): Theirs =>
  (units === 'imperial' ? IN_FEET[unit] : undefined) ?? { unit, per: 1 };

/** The unit in which a site types and reads what we keep in another. */
export const unitIn = (unit: string, units: UnitSystem): string => theirs(unit, units).unit;

/** Fields as a site has them. */
export const fieldsIn = (fields: readonly NumberField[], units: UnitSystem): NumberField[] =>
  fields.map((field) => ({ ...field, unit: unitIn(field.unit, units) }));

/** A number of a site’s own unit as one of ours. */
export const numberFrom = (value: number, unit: string, units: UnitSystem): number =>
  value / theirs(unit, units).per;

/** Into a field, to a thousandth. */
export const textIn = (value: number, unit: string, units: UnitSystem): string =>
  String(Number((value * theirs(unit, units).per).toFixed(3)));
