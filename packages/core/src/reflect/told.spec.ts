import written from '../../told/reflect.json' with { type: 'json' };
import { asWritten } from '../testing/told/as-written';
import { REFLECT_CASES } from '../testing/told/reflect';

describe('Traces, as it was written down what is told of them', () =>
  asWritten(REFLECT_CASES, written));
