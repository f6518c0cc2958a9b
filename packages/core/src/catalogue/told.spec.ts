import written from '../../told/catalogue.json' with { type: 'json' };
import { asWritten } from '../testing/told/as-written';
import { CATALOGUE_CASES } from '../testing/told/catalogue';

describe('The catalogue, as it was written down', () => asWritten(CATALOGUE_CASES, written));
