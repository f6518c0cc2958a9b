import written from '../../told/units.json' with { type: 'json' };
import { asWritten } from '../testing/told/as-written';
import { UNITS_CASES } from '../testing/told/units';

describe('Quantities, as it was written down how they are read and written', () =>
  asWritten(UNITS_CASES, written));
