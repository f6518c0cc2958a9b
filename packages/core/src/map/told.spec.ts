import known from '../../told/map.json' with { type: 'json' };
import { digests } from '../testing/told/digest';
import { MAP_CASES } from '../testing/told/map';

describe('What is told of adapters', () => {
  // A case that differs was meant to: look at it, and write it down by `npm run told`.
  it(
    'is as it was written down, case by case',
    () => expect(digests(MAP_CASES)).toEqual(known),
    60_000,
  );
});
