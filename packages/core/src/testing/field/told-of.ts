import { NOTHING_TOLD, type Told } from '../../reflect/told';
import type { FieldCase } from './cases';

/** What a person who took the capture would tell of it: the cable by its sheet, and the instrument. */
export const toldOf = ({ cable: { velocityFactor, ohm }, set }: FieldCase): Told => ({
  ...NOTHING_TOLD,
  velocityFactor: { value: velocityFactor, u: 0.005 * velocityFactor },
  impedanceOhm: ohm,
  sourceOhm: set?.sourceOhm ?? null,
  scopeOhm: set?.scopeOhm ?? null,
  pulse: set?.kind ?? 'auto',
});
