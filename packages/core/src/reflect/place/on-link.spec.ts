import { isFarEnd, placeOnLink, scheduledLength } from '.';

const LINK = {
  lengthM: 55,
  route: [
    { name: 'Tray', atM: 3.5 },
    { name: 'Void', atM: 30.3 },
  ],
};
const seen = (value: number, end = true, u = 0.2) => ({ distanceM: { value, u }, end });

describe('A place on a link', () => {
  it('is the far end only as near to it as the schedule is good for, and only of an end', () => {
    expect(isFarEnd(seen(55.4), LINK)).toBeTrue();
    expect(isFarEnd(seen(55.4, false), LINK)).toBeFalse();
    expect(isFarEnd(seen(40), LINK)).toBeFalse();
    expect(isFarEnd(seen(55), { lengthM: null })).toBeFalse();
    expect(scheduledLength({ lengthM: null })).toBeNull();
  });

  it('lies between the points of the route that are around it', () => {
    const { sentence } = placeOnLink(seen(17.2, false), 0.01, LINK);
    expect(sentence).toContain('between Tray and Void');
    expect(placeOnLink(seen(17.2, false), 0.01, { lengthM: null, route: [] }).sentence).toContain(
      '17.',
    );
  });
});
