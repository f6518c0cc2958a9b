import { LENGTH_HOW, LENGTH_SAID, lengthOf } from '.';

describe('A length, with what the way in which it is known is good for', () => {
  it('is known the better the nearer somebody came to the cable', () => {
    for (const lengthM of [5, 22, 90, 305]) {
      const [scheduled = 0, drawn = 0, taped = 0, reflected = 0] = LENGTH_HOW.map(
        (lengthHow) => lengthOf({ lengthM, lengthHow })?.u,
      );
      expect(taped).withContext(`${lengthM} m`).toBeLessThan(reflected);
      expect(reflected).withContext(`${lengthM} m`).toBeLessThan(scheduled);
      expect(reflected).toBeLessThan(drawn);
      // No tape is good to less than its own first centimetres.
      expect(taped).toBeGreaterThanOrEqual(0.02);
    }
  });

  it('is as scheduled where nobody says, and nothing where nobody knows it', () => {
    expect(lengthOf({ lengthM: 40 })).toEqual(lengthOf({ lengthM: 40, lengthHow: 'scheduled' }));
    expect(lengthOf({ lengthM: null, lengthHow: 'taped' })).toBeNull();
  });

  it('is said in words of its own for each way', () => {
    expect(new Set(LENGTH_HOW.map((how) => LENGTH_SAID[how])).size).toBe(LENGTH_HOW.length);
  });
});
