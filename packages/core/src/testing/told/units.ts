import {
  capital,
  e24AtLeast,
  e24AtMost,
  e24Between,
  evenDraws,
  formatLength,
  formatMm,
  formatOhm,
  formatUncertain,
  formatWidth,
  lower,
  parseLength,
  parseNumber,
  parseOhm,
  seriesValues,
} from '../../units';
import type { Cases } from './digest';

const LENGTHS = [
  '12',
  '12 m',
  '4,25 m',
  '13 mm',
  '1/2 in',
  '5\' 6"',
  '3 ft 2 in',
  '1.5 yd',
  '-3 m',
  'x',
  '1e3 cm',
];

export const UNITS_CASES: Cases = {
  lengths: () =>
    LENGTHS.map((text) => [
      parseLength(text),
      parseLength(text, { bareUnit: 'ft' }),
      parseNumber(text, 'm'),
    ]),
  ohms: () => ['4k7', '12.4', 'OL', '1M', '75 Ω', 'x'].map((text) => parseOhm(text)),
  written: () =>
    [0.004, 0.31, 12.345, 1200].map((metres) => [
      formatLength(metres, 'metric'),
      formatLength(metres, 'imperial'),
      formatMm(metres * 1000, 'metric'),
      formatMm(metres * 1000, 'imperial'),
      formatOhm(metres * 100),
      formatUncertain({ value: metres, u: metres / 70 }, 'metric'),
    ]),
  series: () => [
    e24Between(1, 1e6),
    [4.8, 51, 99.9, 1234, 4e6].map((ohm) => [e24AtLeast(ohm), e24AtMost(ohm)]),
    seriesValues('E24', 10, 1e4),
    seriesValues('E96', 10, 1e4),
  ],
  widths: () =>
    [0.004, 0.3, 12].map((metres) => [
      formatWidth(metres, 'metric'),
      formatWidth(metres, 'imperial'),
    ]),
  initials: () => ['Near end', 'T568B', 'ohm'].map((text) => [capital(text), lower(text)]),
  draws: () => {
    const draw = evenDraws(5);
    return Array.from({ length: 20 }, draw);
  },
};
