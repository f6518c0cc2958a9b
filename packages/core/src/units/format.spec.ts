import {
  formatLength,
  formatMm,
  formatUncertain,
  formatWidth,
  parseLength,
  type UnitSystem,
} from '.';

const SYSTEMS: readonly UnitSystem[] = ['metric', 'imperial'];
const METRES: Readonly<Record<string, number>> = {
  m: 1,
  cm: 0.01,
  mm: 0.001,
  ft: 0.3048,
  in: 0.0254,
};
/** What a written length is, in metres. */
function metresOf(text: string): number {
  const [, value = '', unit = ''] = /^([\d.]+) (\w+)$/.exec(text) ?? [];
  const metres = METRES[unit];
  if (metres === undefined) throw new Error(`${text} has no unit`);
  return Number(value) * metres;
}
/** From a hair to the longest cable on a drum. */
const LENGTHS_M = [
  0.0005, 0.004, 0.0127, 0.06, 0.44, 0.9, 1, 4.2, 10.75, 22.32, 99.95, 305, 1234.5,
];

describe('A length that is written', () => {
  it('has its unit, and is what it was to the figures that are told', () => {
    for (const system of SYSTEMS)
      for (const lengthM of LENGTHS_M) {
        const written = formatLength(lengthM, system);
        const step = written.endsWith('mm') ? 0.00051 : written.endsWith('in') ? 0.00013 : 0.051;
        expect(Math.abs(metresOf(written) - lengthM))
          .withContext(`${written} of ${lengthM} m`)
          .toBeLessThan(step);
        if (lengthM >= 0.01) expect(parseLength(written).ok).withContext(written).toBeTrue();
      }
  });

  it('is told in the small unit only where it is small', () => {
    expect(formatLength(0.44, 'metric')).toBe('440 mm');
    expect(formatLength(1, 'metric')).toBe('1 m');
    expect(formatLength(0.2032, 'imperial')).toBe('8 in');
    expect(formatLength(30.48, 'imperial')).toBe('100 ft');
    expect(formatMm(12.7, 'metric')).toBe('12.7 mm');
    expect(formatMm(12.7, 'imperial')).toBe('0.5 in');
    expect(formatMm(8.23, 'imperial', 3)).toBe('0.324 in');
  });
});

describe('A distance with its give or take', () => {
  it('has both in one unit, and the 95 % that people cut by', () => {
    expect(formatUncertain({ value: 17.2, u: 0.13 }, 'metric')).toMatch(/^17\.20 m ± 0\.2[56] m$/);
    expect(formatUncertain({ value: 17.2, u: 0.13 }, 'imperial')).toMatch(
      /^56\.43 ft ± 0\.8[34] ft$/,
    );
    for (const system of SYSTEMS)
      for (const value of LENGTHS_M) {
        const units = formatUncertain({ value, u: value / 50 }, system).match(/[a-z]+/g);
        expect(new Set(units).size).withContext(String(value)).toBe(1);
      }
  });

  it('is never told as known to nothing', () => {
    for (const system of SYSTEMS)
      for (const u of [1e-9, 1e-4, 0.001, 0.002, 0.0049])
        expect(formatUncertain({ value: 4.2, u }, system))
          .withContext(`${u}`)
          .toMatch(/± 0\.0[1-9] (m|ft)$/);
    expect(formatUncertain({ value: 4.2, u: 0 }, 'metric')).toBe('4.20 m');
  });
});

describe('A width to be opened', () => {
  it('is rounded up, never down: it must hold what is sought', () => {
    for (const system of SYSTEMS)
      for (const width of LENGTHS_M) {
        const written = metresOf(formatWidth(width, system));
        expect(written)
          .withContext(`${width} ${system}`)
          .toBeGreaterThanOrEqual(width - 1e-8);
        expect(written - width)
          .withContext(`${width} ${system}`)
          .toBeLessThan(0.11);
      }
  });

  it('does not grow by what a computer can’t write exactly', () => {
    expect(formatWidth(0.06, 'metric')).toBe('6 cm');
    expect(formatWidth(0.07, 'metric')).toBe('7 cm');
    expect(formatWidth(2.3, 'metric')).toBe('2.3 m');
    expect(formatWidth(0.0254 * 8, 'imperial')).toBe('8 in');
    expect(formatWidth(0.3048 * 7, 'imperial')).toBe('7.0 ft');
  });
});
