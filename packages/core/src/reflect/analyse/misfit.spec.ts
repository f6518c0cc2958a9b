import { normalFrom } from '../simulate';
import { firstMisfit, type Misfit } from './misfit';

const COUNT = 2000;
const SD = 0.01;

/** Looks for where a residual leaves nothing, on a line of which nothing was predicted. */
function look(
  residual: (n: number) => number,
  more: { predicted?: (n: number) => number; lost?: (n: number) => boolean; least?: number } = {},
): Misfit | null {
  const of = (value: (n: number) => number) =>
    Float64Array.from({ length: COUNT }, (_, n) => value(n));
  return firstMisfit(
    of(residual),
    of(more.predicted ?? (() => 1)),
    of((n) => (more.lost?.(n) ? 0 : 1 / SD)),
    SD,
    5,
    0,
    more.least ?? 0,
  );
}

describe('Where a trace leaves what was predicted', () => {
  it('is nowhere in noise, whatever the draw', () => {
    for (let seed = 1; seed <= 40; seed += 1) {
      const normal = normalFrom(seed);
      expect(look(() => SD * normal())).toBeNull();
    }
  });

  it('is where a step begins, and where one begins that single samples hide', () => {
    const normal = normalFrom(3);
    const at = look((n) => (n >= 700 ? 0.2 : 0) + SD * normal());
    expect(Math.abs((at?.index ?? 0) - 700)).toBeLessThan(3);
    const faint = look((n) => (n >= 900 ? 0.6 * SD : 0) + SD * normal());
    expect(Math.abs((faint?.index ?? 0) - 900)).toBeLessThan(150);
    expect(faint?.span).toBeGreaterThan(at?.span ?? Infinity);
  });

  it('is not told of what is less than cables are even to', () => {
    expect(look((n) => (n >= 700 ? 0.05 : 0), { least: 0.06 })).toBeNull();
    expect(look((n) => (n >= 700 ? 0.07 : 0), { least: 0.06 })).not.toBeNull();
  });

  it('is not told of a small share of what has just happened', () => {
    const predicted = (n: number) => (n >= 500 ? 1 : 0);
    const wrong = (n: number) => (n >= 500 && n < 520 ? 0.012 : 0);
    expect(look(wrong, { predicted })).toBeNull();
    // The same where nothing happened.
    expect(look((n) => (n >= 1200 && n < 1260 ? 0.012 : 0), { predicted })).not.toBeNull();
  });

  it('leaves out what the range cut off', () => {
    expect(
      look((n) => (n >= 700 && n < 800 ? 3 : 0), { lost: (n) => n >= 700 && n < 800 }),
    ).toBeNull();
  });
});
