import known from '../../told/formats.json' with { type: 'json' };
import { digests } from '../testing/told/digest';
import { FORMATS_CASES } from '../testing/told/formats';

describe('What is read and written', () => {
  // A case that differs was meant to: look at it, and write it down by `npm run told`.
  it(
    'is as it was written down, case by case',
    () => expect(digests(FORMATS_CASES)).toEqual(known),
    60_000,
  );
});
