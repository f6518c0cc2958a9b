import known from '../../told/catalogue.json' with { type: 'json' };
import { digests } from '../testing/told/digest';
import { CATALOGUE_CASES } from '../testing/told/catalogue';

describe('The catalogue', () => {
  // A case that differs was meant to: look at it, and write it down by `npm run told`.
  it(
    'is as it was written down, case by case',
    () => expect(digests(CATALOGUE_CASES)).toEqual(known),
    60_000,
  );
});
