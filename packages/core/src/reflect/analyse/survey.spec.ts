import { evenDraws } from '../../units';
import { normalFrom } from '../simulate';
import { survey, type Survey } from './survey';

const INTERVAL_S = 0.25e-9;

/** An edge of a logistic curve, from 10 to 90 % in so many samples. */
const edge = (n: number, at: number, rise: number) =>
  1 / (1 + Math.exp(((at - n) * 2 * Math.log(9)) / rise));

function record(
  of: (n: number) => number,
  { noise = 0, quantum = 0, count = 1200 } = {},
): Float64Array {
  const normal = normalFrom(8);
  return Float64Array.from({ length: count }, (_, n) => {
    const volt = of(n) + (noise > 0 ? noise * normal() : 0);
    return quantum > 0 ? quantum * Math.round(volt / quantum) : volt;
  });
}
const look = (volts: Float64Array) => survey({ volts, intervalS: INTERVAL_S, fromS: -10e-9 });
function seen(volts: Float64Array): Survey {
  const surveyed = look(volts);
  if (!surveyed.ok) throw new Error(surveyed.reason.code);
  return surveyed.survey;
}
const refused = (volts: Float64Array) => {
  const surveyed = look(volts);
  return surveyed.ok ? null : surveyed.reason;
};

describe('The survey of a trace', () => {
  for (const [name, height] of [
    ['upwards', 0.8],
    ['downwards', -0.8],
  ] as const)
    it(`finds a step ${name}: its time, rise and height over an offset, and the noise`, () => {
      const found = seen(record((n) => 0.3 + height * edge(n, 200.4, 8), { noise: 0.004 }));
      expect(found.baselineV).toBeCloseTo(0.3, 2);
      expect(found.launchV).toBeCloseTo(height, 1);
      expect((found.atS + 10e-9) / INTERVAL_S).toBeCloseTo(200.4, 0);
      expect(found.riseS / INTERVAL_S).toBeGreaterThan(5);
      expect(found.riseS / INTERVAL_S).toBeLessThan(12);
      expect(found.noiseV).toBeGreaterThan(0.0034);
      expect(found.noiseV).toBeLessThan(0.0046);
      expect(found.widthS).toBeNull();
      expect(found.launchIndex).toBeLessThan(200);
    });

  it('finds where a pulse ends', () => {
    const pulse = (n: number) => edge(n, 200, 6) - edge(n, 240, 6);
    const { widthS } = seen(record(pulse, { noise: 0.005 }));
    expect((widthS ?? 0) / INTERVAL_S).toBeCloseTo(40, 0);
  });

  it('takes no noise for less than rounding leaves', () => {
    const quantum = 1 / 128;
    const found = seen(record((n) => edge(n, 200, 8), { quantum }));
    expect(found.quantumV).toBeCloseTo(quantum, 9);
    expect(found.noiseV).toBeGreaterThan(quantum / Math.sqrt(12));
    // A smooth record has no steps.
    expect(seen(record((n) => edge(n, 200, 8), { noise: 0.01 })).quantumV).toBe(0);
  });

  it('tells where the range cut samples off, but not of a level without noise', () => {
    const high = (n: number) => Math.min(0.7, edge(n, 200, 8) + (n > 600 ? 0.4 : 0));
    const normal = normalFrom(2);
    const volts = record(high).map((volt) => Math.min(0.7, volt + 0.004 * normal()));
    const [run] = seen(volts).clipped;
    expect(run?.volts).toBeCloseTo(0.7, 6);
    expect(seen(record((n) => edge(n, 200, 8))).clipped).toEqual([]);
  });

  it('tells of an echo that was cut off without noise, too, but of none that comes to its top', () => {
    // An open end behind a step, in a range that ends half way up its echo; and whole.
    const echoed = (n: number) => 0.5 * edge(n, 200, 8) + 0.5 * edge(n, 600, 8);
    for (const quantum of [0, 1 / 128, 1 / 512]) {
      const cut = record((n) => Math.min(0.75, echoed(n)), { quantum });
      const [run] = seen(cut).clipped;
      expect(run?.volts).withContext(`${quantum}`).toBeCloseTo(0.75, 6);
      expect(Math.abs((run?.from ?? 0) - 600)).toBeLessThan(4);
      expect(seen(record(echoed, { quantum })).clipped)
        .withContext(`${quantum}`)
        .toEqual([]);
    }
  });

  it('refuses what tells nothing, and says why', () => {
    expect(refused(record(() => 0, { count: 20 }))).toEqual({
      code: 'too-few-samples',
      with: { count: 20, least: 32 },
    });
    expect(refused(record(() => 0.2))?.code).toBe('all-samples-alike');
    expect(refused(record(() => 0, { noise: 0.01 }))?.code).toBe('no-launch-in-noise');
    expect(refused(record((n) => edge(n, 2, 4)))?.code).toBe('launch-at-start');
    const even = evenDraws(5);
    expect(refused(Float64Array.from({ length: 500 }, () => even()))).not.toBeNull();
  });
});
