import written from '../../told/formats.json' with { type: 'json' };
import { asWritten } from '../testing/told/as-written';
import { FORMATS_CASES } from '../testing/told/formats';

describe('Files and texts, as it was written down what is read of them', () =>
  asWritten(FORMATS_CASES, written));
