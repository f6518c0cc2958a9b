import known from '../../told/reflect.json' with { type: 'json' };
import { digests } from '../testing/told/digest';
import { REFLECT_CASES } from '../testing/told/reflect';

describe('What is told of traces', () => {
  // A case that differs was meant to: look at it, and write it down by `npm run told`.
  it(
    'is as it was written down, case by case',
    () => expect(digests(REFLECT_CASES)).toEqual(known),
    60_000,
  );
});
