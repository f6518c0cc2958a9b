import type { UnitSystem } from './format-length';
import { METRES_PER } from './length-unit';
import type { Uncertain } from './uncertain';
import { WITHIN_95 } from './within';

const PER = { metric: METRES_PER.m, imperial: METRES_PER.ft } as const;
const UNIT = { metric: 'm', imperial: 'ft' } as const;

/** The last figure that is written; a give or take is never told as nothing. */
const LAST = 0.01;

/** A distance with what lies within for 95 %, both in one unit: "17.20 m ± 0.26 m"; without it where u is 0. */
export function formatUncertain({ value, u }: Uncertain, units: UnitSystem): string {
  const told = (amount: number) => `${amount.toFixed(2)} ${UNIT[units]}`;
  const at = told(value / PER[units]);
  return u === 0 ? at : `${at} ± ${told(Math.max(LAST, (WITHIN_95 * u) / PER[units]))}`;
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
