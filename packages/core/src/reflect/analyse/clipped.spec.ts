import { seeded } from '../../testing/seeded';
import { clippedRuns, type Range } from './clipped';

const COUNT = 2000;
const STEP_AT = 400;
const RISE = 12;
/** A step through a bell of a band: it comes to its top slowly. */
const step = (n: number): number => 1 / (1 + Math.exp(-(n - STEP_AT) / (RISE / 4.4)));
const record = (at: (n: number) => number): Float64Array =>
  Float64Array.from({ length: COUNT }, (_, n) => at(n));
const rangeOf = (volts: Float64Array, more: Partial<Range> = {}): Range => ({
  least: Math.min(...volts),
  most: Math.max(...volts),
  noise: 0,
  quantum: 1e-3,
  rise: RISE,
  over: 100,
  ...more,
});
/** As a converter has it, with its range. */
const converted = (volts: number, most = Infinity, quantum = 1e-3): number =>
  Math.min(most, Math.round(volts / quantum) * quantum);

describe('What the range of an instrument cut off', () => {
  it('is told of a quiet record where an edge runs into the rail at its full slope, wherever that lies', () => {
    for (let rail = 0.6; rail < 1.4; rail += 0.05) {
      const cut = record((n) => converted(2 * step(n), rail));
      const [run, ...more] = clippedRuns(cut, rangeOf(cut));
      expect(more).toEqual([]);
      expect(run?.volts).withContext(`${rail}`).toBeCloseTo(rail, 9);
      expect(run?.from).toBe(cut.findIndex((volts) => volts > rail - 1e-9));
      expect(run?.to).toBe(COUNT);
    }
  });

  it('is nothing where a whole edge comes to its top slowly, though it stays there', () => {
    const whole = record((n) => converted(step(n)));
    expect(clippedRuns(whole, rangeOf(whole))).toEqual([]);
  });

  it('is nothing of the launch itself, nor where the rise is too short to tell', () => {
    const cut = record((n) => converted(2 * step(n), 1.2));
    expect(clippedRuns(cut, rangeOf(cut, { over: COUNT }))).toEqual([]);
    expect(clippedRuns(cut, rangeOf(cut, { rise: 2 }))).toEqual([]);
  });

  it('is any long run of the very highest where noise would have stirred it, and no short one', () => {
    const random = seeded(7);
    const noise = 4e-3;
    const normal = () =>
      noise *
      Math.sqrt(-2 * Math.log((random.below(1e6) + 1) / 1e6)) *
      Math.cos((2 * Math.PI * random.below(1e6)) / 1e6);
    const stirred = (most: number) => {
      const volts = record((n) => converted(step(n) + normal(), most));
      return clippedRuns(volts, rangeOf(volts, { noise }));
    };
    expect(stirred(Infinity)).toEqual([]);
    const runs = stirred(0.97);
    expect(runs.length).toBe(1);
    expect(runs[0]?.to).toBe(COUNT);
    expect(Math.abs((runs[0]?.from ?? 0) - STEP_AT)).toBeLessThan(2 * RISE);
  });

  it('is told of both rails in the order of time', () => {
    const both = record((n) =>
      Math.max(-0.4, Math.min(0.4, converted(2 * step(n) - 4 * step(n - 600) + 2 * step(n - 900)))),
    );
    const runs = clippedRuns(both, rangeOf(both));
    expect(runs.map(({ volts }) => Math.sign(volts))).toEqual([1, -1]);
    expect(runs[0]?.to).toBeLessThan(runs[1]?.from ?? 0);
  });
});
