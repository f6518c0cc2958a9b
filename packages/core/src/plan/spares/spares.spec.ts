import { evenDraws } from '../../units';
import { attemptsWithin } from './attempts';
import { spares, type SparePart } from './spares';

const part = (more: Partial<SparePart>): SparePart => ({
  id: 'plug',
  needed: 40,
  made: 0,
  failed: 0,
  pack: 1,
  ...more,
});

describe('Attempts for a number of good ones', () => {
  it('are the sum of every way to fail, for one good one of a half known rate', () => {
    // One good, one failed: each share is as likely. P(first good) = 1/2, P(within two) = 2/3, three 3/4.
    const within = attemptsWithin(1, 1, 1);
    expect(within(0)).toBe(0);
    expect(within(1)).toBeCloseTo(1 / 2, 12);
    expect(within(2)).toBeCloseTo(2 / 3, 12);
    expect(within(3)).toBeCloseTo(3 / 4, 12);
  });

  it('are the same asked in any order', () => {
    const [up, down] = [attemptsWithin(12, 30, 3), attemptsWithin(12, 30, 3)];
    const forward = [12, 13, 16, 20].map(up);
    const backward = [20, 16, 13, 12].map(down).reverse();
    expect(forward).toEqual(backward);
  });
});

describe('Spares', () => {
  it('last on 95 of 100 days of crews whose rates nobody knows', () => {
    const draw = evenDraws(41);
    const normal = () => Math.sqrt(-2 * Math.log(draw() + 1e-12)) * Math.cos(2 * Math.PI * draw());
    // A gamma of a whole shape is a sum of exponentials; a beta is one gamma’s share of two.
    const gamma = (shape: number) =>
      Array.from({ length: shape }, () => -Math.log(draw() + 1e-300)).reduce((a, b) => a + b, 0);
    let lasted = 0;
    const days = 3000;
    for (let day = 0; day < days; day += 1) {
      const [bad, good] = [gamma(1), gamma(19)];
      const rate = bad / (bad + good);
      const made = Math.round(Math.abs(normal()) * 120);
      let failed = 0;
      for (let n = 0; n < made; n += 1) if (draw() < rate) failed += 1;
      const needed = 60 + Math.floor(draw() * 60);
      const [{ bring } = { bring: 0 }] = spares([part({ needed, made, failed })], 0.95);
      let done = 0;
      for (let attempt = 0; attempt < bring; attempt += 1) if (draw() >= rate) done += 1;
      if (done >= needed) lasted += 1;
    }
    expect(lasted / days).toBeGreaterThan(0.93);
    expect(lasted / days).toBeLessThan(0.97);
  });

  it('last for all parts together, not for each alone', () => {
    const parts = ['a', 'b', 'c', 'd', 'e'].map((id) => part({ id, made: 100, failed: 8 }));
    const alone = spares(parts.slice(0, 1), 0.95)[0]?.bring ?? 0;
    const together = spares(parts, 0.95);
    for (const { bring } of together) expect(bring).toBeGreaterThanOrEqual(alone);
    const chance = together.reduce(
      (product, { bring }) => product * attemptsWithin(40, 19 + 92, 1 + 8)(bring),
      1,
    );
    expect(chance).toBeGreaterThanOrEqual(0.95);
  });

  it('are whole packs, and more of what fails oftener', () => {
    const [often, rarely] = spares(
      [
        part({ id: 'often', made: 50, failed: 15, pack: 10 }),
        part({ id: 'rarely', made: 500, failed: 2, pack: 10 }),
      ],
      0.95,
    );
    expect((often?.bring ?? 0) % 10).toBe(0);
    expect(often?.packs).toBe((often?.bring ?? 0) / 10);
    expect(often?.bring).toBeGreaterThan(rarely?.bring ?? 0);
  });

  it('tell the rate with how well it is known: few makes tell little', () => {
    const [few] = spares([part({ made: 4, failed: 1 })], 0.9);
    const [many] = spares([part({ made: 400, failed: 20 })], 0.9);
    expect(few?.rate.value).toBeCloseTo(2 / 24, 12);
    expect(many?.rate.value).toBeCloseTo(21 / 420, 12);
    expect(few?.rate.u).toBeGreaterThan(2 * (many?.rate.u ?? 0));
  });

  it('end, even where nothing ever came out good', () => {
    const [none] = spares([part({ needed: 10, made: 300, failed: 300 })], 0.99);
    expect(none?.bring).toBe(200);
    expect(spares([part({ needed: 0 })], 0.95)[0]?.bring).toBe(0);
  });
});
