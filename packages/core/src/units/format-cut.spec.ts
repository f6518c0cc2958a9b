import { formatCut, formatCutWithin, parseLength } from './index';

const mmOf = (text: string): number => {
  const parsed = parseLength(text);
  if (!parsed.ok) throw new Error(parsed.reason);
  return parsed.lengthM * 1000;
};

describe('A cut', () => {
  it('is in millimetres, or in inches as a rule has them with the millimetres behind', () => {
    expect(formatCut(45, 'metric')).toBe('45 mm');
    expect(formatCut(12.7, 'imperial')).toBe('1/2 in (12.7 mm)');
    expect(formatCut(13, 'imperial')).toBe('1/2 in (13 mm)');
    expect(formatCut(25.4, 'imperial')).toBe('1 in (25.4 mm)');
    expect(formatCut(6.5, 'imperial')).toBe('1/4 in (6.5 mm)');
    expect(formatCut(0.5, 'imperial')).toBe('0.02 in (0.5 mm)');
    expect(formatCutWithin(45, 5, 'metric')).toBe('45 mm ± 5 mm');
    expect(formatCutWithin(45, 5, 'imperial')).toBe('1 3/4 in ± 1/8 in (45 mm ± 5 mm)');
    expect(formatCutWithin(6.5, 0.5, 'imperial')).toBe('0.256 in ± 0.02 in (6.5 mm ± 0.5 mm)');
  });

  it('made by its inches is never outside its millimetres', () => {
    for (let mm = 0.5; mm <= 120; mm += 0.25)
      for (const toleranceMm of [0.25, 0.5, 1, 2, 3, 5, 10]) {
        const text = formatCutWithin(mm, toleranceMm, 'imperial');
        const [name = '', off = ''] = text.replace(/ \(.*$/, '').split(' ± ');
        const [at, within] = [mmOf(name), mmOf(off)];
        // Thousandths of an inch are 0.0254 mm.
        expect(at + within)
          .withContext(text)
          .toBeLessThanOrEqual(mm + toleranceMm + 0.03);
        expect(at - within)
          .withContext(text)
          .toBeGreaterThanOrEqual(mm - toleranceMm - 0.03);
        expect(within).withContext(text).toBeGreaterThan(0);
      }
  });
});
