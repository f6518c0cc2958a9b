/**
 * Length units that people write, each in metres.
 * Source: the international yard and pound agreement of 1959 (1 in = 25.4 mm exactly).
 */
export const METRES_PER = {
  mm: 0.001,
  cm: 0.01,
  m: 1,
  km: 1000,
  in: 0.0254,
  ft: 0.3048,
  yd: 0.9144,
} as const;

export type LengthUnit = keyof typeof METRES_PER;

/** Every spelling that is read as a unit, in lower case. */
export const UNIT_SPELLINGS: Readonly<Record<string, LengthUnit>> = {
  mm: 'mm',
  millimetre: 'mm',
  millimetres: 'mm',
  millimeter: 'mm',
  millimeters: 'mm',
  cm: 'cm',
  centimetre: 'cm',
  centimetres: 'cm',
  centimeter: 'cm',
  centimeters: 'cm',
  m: 'm',
  metre: 'm',
  metres: 'm',
  meter: 'm',
  meters: 'm',
  km: 'km',
  in: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  '″': 'in',
  '”': 'in',
  "''": 'in',
  ft: 'ft',
  foot: 'ft',
  feet: 'ft',
  "'": 'ft',
  '′': 'ft',
  '’': 'ft',
  yd: 'yd',
  yard: 'yd',
  yards: 'yd',
};
