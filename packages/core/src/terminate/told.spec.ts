import known from '../../told/terminate.json' with { type: 'json' };
import { digests } from '../testing/told/digest';
import { TERMINATE_CASES } from '../testing/told/terminate';

describe('What is told of making ends', () => {
  // A case that differs was meant to: look at it, and write it down by `npm run told`.
  it(
    'is as it was written down, case by case',
    () => expect(digests(TERMINATE_CASES)).toEqual(known),
    60_000,
  );
});
