import { parseTies, writeTies } from './ties-text';

describe('which cores beep together, as it is typed', () => {
  const names = ['W', 'BR', 'G', 'Y', 'GY'];

  it('is groups by commas; what is not named beeps with none', () => {
    expect(parseTies('w y, br g', names)).toEqual({ ok: true, ties: [[1, 4], [2, 3], [5]] });
    expect(parseTies('', names)).toEqual({ ok: true, ties: [[1], [2], [3], [4], [5]] });
  });

  it('says what it can’t read', () => {
    expect(parseTies('W PK', names)).toEqual({
      ok: false,
      reason: '‘PK’ is none of them: W, BR, G, Y, GY.',
    });
    expect(parseTies('W Y, W', names)).toEqual({ ok: false, reason: 'W stands twice.' });
  });

  it('is written as it is read', () => {
    expect(writeTies([[1, 4], [5]], names)).toBe('W Y, GY');
  });
});
