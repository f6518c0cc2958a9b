import written from '../../../told/verify.json' with { type: 'json' };
import { asWritten } from '../../testing/told/as-written';
import { VERIFY_CASES } from '../../testing/told/verify';

describe('Faults and limits, as it was written down what is told of them', () =>
  asWritten(VERIFY_CASES, written));
