import written from '../../told/terminate.json' with { type: 'json' };
import { asWritten } from '../testing/told/as-written';
import { TERMINATE_CASES } from '../testing/told/terminate';

describe('Ends, as it was written down how they are made', () =>
  asWritten(TERMINATE_CASES, written));
