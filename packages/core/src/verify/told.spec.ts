import known from '../../told/verify.json' with { type: 'json' };
import { digests } from '../testing/told/digest';
import { VERIFY_CASES } from '../testing/told/verify';

describe('What is told of faults and limits', () => {
  // A case that differs was meant to: look at it, and write it down by `npm run told`.
  it(
    'is as it was written down, case by case',
    () => expect(digests(VERIFY_CASES)).toEqual(known),
    60_000,
  );
});
