import { canonicalReading } from '../link';
import { parseWireMap } from './wire-map-text';

const shown = (text: string): string => {
  const parsed = parseWireMap(text);
  if (!parsed.ok) throw new Error(parsed.reason);
  return canonicalReading(parsed.nets)
    .map((net) => `${net.near.join('')}-${net.far.join('')}`)
    .join(' ');
};

describe('parseWireMap', () => {
  it('reads eight digits as the far contact of each near contact', () => {
    expect(shown('12345678')).toBe('1-1 2-2 3-3 4-4 5-5 6-6 7-7 8-8');
    expect(shown('1 2 6 4 5 3 7 8 s')).toBe('1-1 2-2 3-6 4-4 5-5 6-3 7-7 8-8 S-S');
  });

  it('reads opens, and contacts that reach several', () => {
    expect(shown('123(45)(45)6-8')).toBe('1-1 2-2 3-3 45-45 6-6 8-8');
    expect(shown('1234567-')).toBe('1-1 2-2 3-3 4-4 5-5 6-6 7-7');
  });

  const refused: [string, number, RegExp][] = [
    ['1234', 5, /4 of 8/],
    ['1293', 3, /'9' can’t stand here/],
    ['123(45', 7, /not closed/],
    ['12345678SS', 10, /only eight/],
    ['', 1, /0 of 8/],
  ];
  for (const [text, column, reason] of refused)
    it(`refuses "${text}" at column ${column}`, () => {
      const parsed = parseWireMap(text);
      expect(parsed).toEqual(jasmine.objectContaining({ ok: false, column }));
      if (!parsed.ok) expect(parsed.reason).toMatch(reason);
    });
});
