import written from '../../told/map.json' with { type: 'json' };
import { asWritten } from '../testing/told/as-written';
import { MAP_CASES } from '../testing/told/map';

describe('Adapters, as it was written down what is told of them', () =>
  asWritten(MAP_CASES, written));
