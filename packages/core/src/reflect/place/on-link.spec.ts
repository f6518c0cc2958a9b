import { inEnglish } from '../../testing/in-english';
import { placeOnLink, tooLong } from '.';

const LINK = {
  lengthM: 55,
  route: [
    { name: 'Tray', atM: 3.5 },
    { name: 'Void', atM: 30.3 },
  ],
};
const seen = (value: number, end = true, u = 0.2) => ({ distanceM: { value, u }, end });

describe('A place on a link', () => {
  it('is in doubt with an end that shows behind the far end, by as much', () => {
    const told = inEnglish(tooLong(seen(62.8), { value: 17.05, u: 0.1 }, 0.684, LINK));
    expect(told).toContain('shows at 62.80 m, and this link is told as 55.00 m long');
    expect(told).toContain('17.05 m is 14.93 m and the velocity factor 0.599');
    expect(inEnglish(tooLong(seen(62.8), null, 0.684, LINK))).not.toContain(
      'If the length is right',
    );
    // As well as a schedule is good for, near it, or a cut before it, or no end at all.
    expect(tooLong(seen(57), null, 0.684, LINK)).toBeNull();
    expect(tooLong(seen(30), null, 0.684, LINK)).toBeNull();
    expect(tooLong(seen(62.8, false), null, 0.684, LINK)).toBeNull();
    expect(tooLong(seen(62.8), null, 0.684, { lengthM: null })).toBeNull();
  });

  it('lies between the points of the route that are around it', () => {
    const { sentence } = inEnglish(placeOnLink(seen(17.2, false), 0.01, LINK));
    expect(sentence).toContain('between Tray and Void');
    expect(
      inEnglish(placeOnLink(seen(17.2, false), 0.01, { lengthM: null, route: [] })).sentence,
    ).toContain('17.');
  });
});
