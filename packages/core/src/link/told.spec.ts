import written from '../../told/link.json' with { type: 'json' };
import { asWritten } from '../testing/told/as-written';
import { LINK_CASES } from '../testing/told/link';

describe('Wirings, as it was written down what joins what', () => asWritten(LINK_CASES, written));
