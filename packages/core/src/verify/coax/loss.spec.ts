import { inEnglish } from '../../testing/in-english';
import { BUILT_IN } from '../../catalogue';
import { coaxLossPer100M, lossBudget } from './loss';

describe('Loss of a coaxial cable', () => {
  const per = (id: string, mhz: number, ...rest: [number?, { mhz: number; dbPer100M: number }?]) =>
    coaxLossPer100M(BUILT_IN.cable(id), mhz, ...rest);

  it('is near what sheets of its type say, within twice its uncertainty', () => {
    // dB per 100 m as sheets of the types commonly state them.
    for (const [id, mhz, db] of [
      ['rg-58', 100, 16],
      ['rg-213', 100, 6.5],
      ['rg-213', 400, 14.5],
      ['rg-6', 100, 6.5],
      ['rg-6', 1000, 21],
      ['rg-11', 100, 4.3],
    ] as const) {
      const { value, u } = per(id, mhz);
      expect(Math.abs(value - db))
        .withContext(`${id} ${mhz} MHz: ${value}`)
        .toBeLessThan(2 * u);
    }
  });

  it('rises with the square root of frequency while conductors lose most', () => {
    expect(per('rg-58', 40).value / per('rg-58', 10).value).toBeCloseTo(2, 1);
    expect(per('rg-213', 4000).value / per('rg-213', 1000).value).toBeGreaterThan(2.1);
  });

  it('follows the sheet of the reel where there is one, and is surer then', () => {
    const sheet = { mhz: 100, dbPer100M: 17 };
    expect(per('rg-58', 100, 20, sheet).value).toBeCloseTo(17, 9);
    const { value, u } = per('rg-58', 400, 20, sheet);
    expect(value).toBeGreaterThan(34);
    expect(u / value).toBeLessThan(per('rg-58', 400).u / per('rg-58', 400).value);
  });

  it('rises by a fifth of a percent a kelvin', () => {
    expect(per('rg-6', 500, 40).value / per('rg-6', 500, 20).value).toBeCloseTo(1.0393, 4);
  });

  it('adds up: an even split in two loses 3 dB and a little, each part has its row', () => {
    const question = {
      cable: BUILT_IN.cable('rg-6'),
      lengthM: 50,
      mhz: 700,
      temperatureC: 20,
      connectors: 4,
      splitters: [2, 4],
      sheet: null,
    };
    const { rows, total, share } = lossBudget(question);
    expect(rows.map(({ what }) => inEnglish(what))).toEqual([
      'Cable',
      '4 connectors',
      'Splitter, 2 ways',
      'Splitter, 4 ways',
    ]);
    expect(rows[2]?.db.value).toBeCloseTo(3.6, 1);
    expect(rows[3]?.db.value).toBeCloseTo(7.2, 1);
    expect(total.value).toBeCloseTo(
      rows.reduce((sum, { db }) => sum + db.value, 0),
      9,
    );
    expect(-10 * Math.log10(share)).toBeCloseTo(total.value, 9);
    expect(lossBudget({ ...question, lengthM: 100 }).rows[0]?.db.value).toBeCloseTo(
      2 * (rows[0]?.db.value ?? 0),
      9,
    );
  });

  it('needs an impedance', () => {
    expect(() => per('alarm-4', 100)).toThrowError(/impedance/);
  });
});
