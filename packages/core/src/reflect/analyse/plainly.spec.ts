import type { Fit } from './fit-guess';
import { plainly } from './plainly';

type Change = Fit['guess']['line']['changes'][number];
const change = (kind: Change['kind'], delayS: number, size: number) =>
  ({ kind, delayS, size }) as Change;
/** Of a fit only what counts here. */
const fit = (cost: number, ...changes: Change[]) =>
  ({ cost, guess: { line: { changes } } }) as unknown as Fit;
const END = change('end', 100, 0.98);

describe('How plain a fit is', () => {
  it('is its cost alone where a cable has joints and an end', () => {
    expect(plainly(fit(12, change('step', 40, 0.2), END))).toBe(12);
    expect(plainly(fit(12))).toBe(12);
  });

  it('counts what stands in or across the line as further off, each alike', () => {
    const series = change('series', 30, 0.1);
    const one = plainly(fit(12, series, END));
    const two = plainly(fit(12, series, change('shunt', 60, -0.1), END));
    expect(one).toBeGreaterThan(12);
    expect(two - one).toBeCloseTo(one - 12, 9);
  });

  it('has to explain much more where no end is seen, the more the larger the last change', () => {
    const endless = (size: number) => plainly(fit(12, change('step', 40, size)));
    expect(endless(0.1)).toBe(12);
    expect(endless(0.3)).toBeGreaterThan(12 + 9);
    expect(endless(-0.6) - 12).toBeCloseTo(2 * (endless(0.3) - 12), 9);
  });

  it('is none where changes have lost their order, or one gives back as much as an end', () => {
    const [early, late] = [change('step', 40, 0.2), change('step', 60, 0.2)];
    expect(plainly(fit(12, late, early, END))).toBe(Infinity);
    expect(plainly(fit(12, early, early, END))).toBe(Infinity);
    expect(plainly(fit(12, change('step', 0, 0.2), END))).toBe(Infinity);
    expect(plainly(fit(12, change('step', 40, -0.95), END))).toBe(Infinity);
    expect(plainly(fit(12, early, late, END))).toBe(12);
  });
});
