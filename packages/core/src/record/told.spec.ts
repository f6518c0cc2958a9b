import written from '../../told/record.json' with { type: 'json' };
import { asWritten } from '../testing/told/as-written';
import { RECORD_CASES } from '../testing/told/record';

describe('Where links stand, as it was written down', () => asWritten(RECORD_CASES, written));
