import { inEnglish } from '../testing/in-english';
import type { Trace } from '../formats/captures';
import { LIGHT_M_S } from '../units';
import { distanceSum, partOf, pyramidOf, snapToEdge, velocitySum } from './hand';
import { oneDiagnosis, placeOnRoute } from './place';
import { adviseSetup, checkTerminator, matchSource } from './setup';
import { normalFrom } from './simulate';
import {
  placeFromTwoEnds,
  pooledVelocity,
  readReel,
  usedBetween,
  velocityFromBothEnds,
  velocityFromLength,
  velocityFromLengths,
  type KnownLength,
  type VelocityFit,
} from './velocity';

const delayOf = (lengthM: number, vf: number) => (2 * lengthM) / (vf * LIGHT_M_S);

function fitted(list: readonly KnownLength[]): VelocityFit {
  const fit = velocityFromLengths(list);
  if (!fit) throw new Error('Nothing fits');
  return fit;
}

const swapped = ({ lengthM }: KnownLength, { delayS }: KnownLength): KnownLength => ({
  lengthM,
  delayS,
});

describe('Velocity and two ends', () => {
  it('gives back the factor that made the delays, with the leads apart', () => {
    const known = [5, 20, 60].map((value) => ({
      lengthM: { value, u: 0.01 },
      delayS: { value: delayOf(value, 0.664) + 3.2e-9, u: 1e-10 },
    }));
    const { velocityFactor, leadsS } = fitted(known);
    expect(velocityFactor.value).toBeCloseTo(0.664, 9);
    expect(leadsS?.value).toBeCloseTo(3.2e-9, 15);
    // One length alone takes the leads for cable.
    expect(velocityFromLength(known[0] as never).velocityFactor.value).toBeLessThan(0.63);
    // Nor do lengths that are all the same: their mean, and no leads.
    const same = fitted([known[1] as never, known[1] as never]);
    expect(same.leadsS).toBeNull();
    expect(same.velocityFactor.value).toBeCloseTo(
      velocityFromLength(known[1] as never).velocityFactor.value,
      12,
    );
    expect(() => velocityFromLengths([])).toThrowError(/No length/);
    // The longer one came back sooner: no factor fits both.
    const [one, other] = [known[0] as never, known[1] as never];
    expect(velocityFromLengths([swapped(one, other), swapped(other, one)])).toBeNull();
  });

  it('tells uncertainties that hold: two thirds of the draws lie within one', () => {
    const normal = normalFrom(4);
    let within = 0;
    for (let draw = 0; draw < 600; draw += 1) {
      const known = [10, 25, 40, 55].map((value) => ({
        lengthM: { value: value + 0.02 * normal(), u: 0.02 },
        delayS: { value: delayOf(value, 0.7) + 1e-9 + 2e-10 * normal(), u: 2e-10 },
      }));
      const { velocityFactor } = fitted(known);
      if (Math.abs(velocityFactor.value - 0.7) < velocityFactor.u) within += 1;
    }
    expect(within / 600).toBeGreaterThan(0.62);
    expect(within / 600).toBeLessThan(0.85);
  });

  it('is the less certain the worse its lengths lie on a line', () => {
    const known = (off: number) =>
      [10, 25, 40, 55].map((value, n) => ({
        lengthM: { value, u: 0.01 },
        delayS: { value: delayOf(value, 0.7) + (n % 2 === 0 ? off : -off), u: 1e-10 },
      }));
    const [straight, crooked] = [fitted(known(0)), fitted(known(2e-9))];
    expect(crooked.misfit).toBeGreaterThan(10);
    expect(crooked.velocityFactor.u).toBeGreaterThan(5 * straight.velocityFactor.u);
  });

  it('places a cut without the velocity factor, and sees when the ends disagree', () => {
    const length = { value: 30.5, u: 0.05 };
    const of = (metres: number) => ({ value: delayOf(metres, 0.74), u: 5e-11 });
    const known = { value: 0.74, u: 0.004 };
    const agreed = placeFromTwoEnds(length, of(12.35), of(18.15), known);
    expect(agreed.placeM.value).toBeCloseTo(12.35, 6);
    expect(agreed.sentence.code).toBe('ends-agree');
    expect(agreed.agree).toBeTrue();
    expect(placeFromTwoEnds(length, of(9), of(14), known).agree).toBeFalse();
    expect(placeFromTwoEnds(length, of(9), of(14), null).agree).toBeNull();
    expect(placeFromTwoEnds(length, of(1), of(2), null).agree).toBeFalse();
    expect(placeFromTwoEnds(length, of(9), of(14), known).sentence.code).toBe('ends-see-less');
    expect(placeFromTwoEnds(length, of(1), of(2), known).sentence.code).toBe('ends-too-short');
    const { velocityFactor } = velocityFromBothEnds(length, of(12.35), of(18.15));
    expect(velocityFactor.value).toBeCloseTo(0.74, 9);
  });

  it('pools what was measured before, wider where it does not agree', () => {
    const same = pooledVelocity([0.7, 0.7, 0.7].map((value) => ({ value, u: 0.003 })));
    const apart = pooledVelocity([0.66, 0.7, 0.74].map((value) => ({ value, u: 0.003 })));
    expect(same?.u).toBeCloseTo(0.003 / Math.sqrt(3), 6);
    expect(apart?.u).toBeGreaterThan(0.01);
    expect(pooledVelocity([])).toBeNull();
  });

  it('promises of a reel no more than is there', () => {
    const { atLeastM, label } = readReel({ value: 83.4, u: 1.2 }, 'Cat 6', '2026-11-25');
    expect(atLeastM).toBe(81);
    expect(label).toContain('81 m');
    expect(readReel({ value: 2, u: 3 }, 'Cat 6', '').atLeastM).toBe(0);
    expect(readReel({ value: 5.67, u: 0.1 }, 'Cat 6', '').atLeastM).toBe(5.4);
    // Both readings' own uncertainties count in what was used between them.
    const used = usedBetween({ value: 287.4, u: 0.9 }, { value: 118.2, u: 0.5 });
    expect(used.value).toBeCloseTo(169.2, 9);
    expect(used.u).toBeCloseTo(Math.hypot(0.9, 0.5), 9);
  });
});

describe('A place on the route', () => {
  const route = [
    { name: 'tray', atM: { value: 10, u: 0.1 }, extraM: 0 },
    { name: 'the loop', atM: { value: 20, u: 0.1 }, extraM: 5 },
    { name: 'the waiting room', atM: { value: 40, u: 0.1 }, extraM: 0 },
  ];
  it('lies between two points, in a loop, or behind the end', () => {
    const at = (value: number) =>
      inEnglish(placeOnRoute({ value, u: 0.2 }, 0.1, route, { value: 50, u: 0.3 }));
    expect(at(15).sentence).toContain('between tray and the loop');
    expect(at(22).sentence).toContain('wound up');
    // Behind the loop its cable is counted.
    expect(at(30).behindM).toBeCloseTo(5, 9);
    expect(at(60).sentence).toContain('Open nothing');
  });

  it('opens no wall for what is wound up', () => {
    const at = (value: number, u: number) =>
      inEnglish(placeOnRoute({ value, u }, 0.1, route, null));
    expect(at(15, 0.2).woundM).toBe(0);
    const inside = at(22.5, 0.2);
    expect(inside.woundM).toBeCloseTo(inside.openM, 9);
    expect(inside.sentence).toContain('before anything is opened');
    // 2.55 m to either side, with the route's own tenth: some of it lies behind the loop.
    const across = at(25, 1.3);
    expect(across.woundM).toBeCloseTo(across.openM / 2, 9);
    expect(across.sentence).toContain('along the way and look through the');
  });

  it('opens what 95 % need, and names the measurement that shrinks it most', () => {
    const wide = placeOnRoute({ value: 30, u: 1.2 }, 0.05, route, null);
    expect(wide.openM).toBeGreaterThan(4);
    expect(wide.better?.measure).toBe('known-length');
    expect(wide.better?.openM).toBeLessThan(wide.openM / 2);
    const loose = route.map((point) => ({ ...point, atM: { ...point.atM, u: 2 } }));
    expect(placeOnRoute({ value: 30, u: 0.1 }, 0.05, loose, null).better?.measure).toBe('route');
    expect(placeOnRoute({ value: 30, u: 0.02 }, 0.01, [], null).better).toBeNull();
  });

  it('makes one diagnosis of a wire map and a trace', () => {
    const seen = (value: number) =>
      inEnglish(
        oneDiagnosis({
          kind: 'open',
          contacts: ['4'],
          distanceM: { value, u: 0.2 },
          lengthM: { value: 63.5, u: 0.1 },
          nearConnector: 'jack',
          farConnector: 'plug',
        }),
      );
    expect(seen(63.4).where).toBe('far-end');
    expect(seen(63.4).sentence).toContain('plug');
    expect(seen(0.2).where).toBe('near-end');
    expect(seen(31).where).toBe('route');
    expect(seen(70).where).toBe('beyond');
  });
});

describe('Set-up', () => {
  const scope = { bandwidthHz: 200e6, samplesPerS: 1e9, memory: 10_000, noiseShare: 0.01 };
  const task = { velocityFactor: 0.7, impedanceOhm: 100, loss: { a0: 0, a1: 1.9, a2: 0.02 } };
  it('takes longer pulses, spans and averages for longer cables', () => {
    const [near, far] = [10, 300].map((lengthM) => adviseSetup({ ...task, lengthM }, scope));
    expect(far?.pulseWidthS).toBeGreaterThan(near?.pulseWidthS ?? 0);
    expect(near?.spanS).toBeGreaterThan(delayOf(10, 0.7));
    expect(far?.resolutionFarM).toBeGreaterThan(far?.resolutionNearM ?? 0);
    const noisy = adviseSetup({ ...task, lengthM: 100 }, { ...scope, noiseShare: 0.1 });
    expect(noisy.averages).toBeGreaterThan(4);
    const short = adviseSetup({ ...task, lengthM: 300 }, { ...scope, memory: 500 });
    expect(short.verdicts[0]?.ok).toBeFalse();
  });

  it('answers for the fastest scope on the longest cable, and for one slower than any pulse', () => {
    const fast = adviseSetup({ ...task, lengthM: 20_000 }, { ...scope, bandwidthHz: 1e12 });
    expect(fast.pulseWidthS).toBeCloseTo(1e-6, 12);
    expect(fast.verdicts[2]?.ok).toBeFalse();
    const slow = adviseSetup({ ...task, lengthM: 10 }, { ...scope, bandwidthHz: 1000 });
    expect(slow.pulseWidthS).toBeCloseTo(1e-6, 12);
  });

  it('matches a pulser at least as well as any one resistor could', () => {
    for (const [pulser, line] of [
      [50, 75],
      [50, 100],
      [25, 50],
      [100, 50],
      [600, 75],
    ] as const) {
      const found = matchSource(pulser, line, 'E24');
      expect(found.how).toBe(pulser < line ? 'series' : 'parallel');
      const across = found.resistors.reduce(
        (sum, ohm) => (found.how === 'series' ? sum + ohm : (sum * ohm) / (sum + ohm)),
        found.how === 'series' ? 0 : 1e12,
      );
      const seen = found.how === 'series' ? pulser + across : 1 / (1 / pulser + 1 / across);
      expect(seen).toBeCloseTo(found.ohm, 5);
      expect(Math.abs(found.error)).toBeLessThan(0.03);
      expect(found.ghost).toBeCloseTo(Math.abs((seen - line) / (seen + line)), 9);
    }
    expect(matchSource(50, 50, 'E24').how).toBe('none');
    expect(checkTerminator(75.5, 75).ok).toBeTrue();
    expect(checkTerminator(50, 75).ok).toBeFalse();
  });
});

describe('By hand', () => {
  const volts = Float64Array.from(
    { length: 400 },
    (_, n) => 0.5 / (1 + Math.exp(-(n - 150.3) / 2)),
  );
  const trace: Trace = { volts, intervalS: 1e-10, fromS: -5e-9 };
  it('writes the sum as people check it', () => {
    expect(distanceSum(0.66, 163.5e-9)).toBe('0.66 × 299 792 458 m/s × 163.50 ns / 2 = 16.18 m');
    expect(velocitySum(16.18, 163.5e-9)).toContain('= 0.660');
  });

  it('rests a cursor half way up the nearest edge', () => {
    const snapped = snapToEdge(trace, 0.001, 1e-9, 9e-9, 4e-9);
    expect(snapped?.atS.value).toBeCloseTo(-5e-9 + 150.3e-10, 10);
    expect(snapToEdge(trace, 0.001, 1e-9, 30e-9, 2e-9)).toBeNull();
    // It is looked for on both sides of the cursor.
    expect(snapToEdge(trace, 0.001, 1e-9, 13e-9, 4e-9)?.atS.value).toBeCloseTo(
      -5e-9 + 150.3e-10,
      10,
    );
    // Without noise what is left is the step from sample to sample, spread evenly, over as many as a rise has.
    const quiet = snapToEdge(trace, 0, 1e-9, 9e-9, 4e-9);
    expect(quiet?.atS.u).toBeCloseTo(1e-10 / Math.sqrt(12) / Math.sqrt(10), 13);
    expect(snapped?.atS.u).toBeGreaterThan(quiet?.atS.u ?? NaN);
  });

  it('loses no spike, however many samples a column stands for', () => {
    const long = new Float64Array(300_000);
    long[123_456] = 7;
    long[222_222] = -3;
    const pyramid = pyramidOf(long);
    for (const columns of [50, 400, 3000]) {
      const points = partOf(pyramid, 0, long.length, columns);
      expect(points.length).toBeLessThanOrEqual(2 * columns);
      const heights = points.map(({ volt }) => volt);
      expect(Math.max(...heights)).toBe(7);
      expect(Math.min(...heights)).toBe(-3);
    }
    expect(partOf(pyramid, 123_450, 123_460, 100).map(({ volt }) => volt)).toContain(7);
  });

  it('draws each column from the least and the greatest of its own samples, on every level', () => {
    // Rising and falling, so that a stretch is not the same as the one beside it.
    const volts = Float64Array.from({ length: 140_000 }, (_, n) => 3 * Math.sin(n / 900) + n / 1e5);
    const { levels } = pyramidOf(volts);
    expect(levels.length).toBeGreaterThan(2);
    levels.forEach((level, depth) => {
      const long = 8 ** (depth + 1);
      for (let n = 0; n < level.length / 2; n += 7) {
        const own = volts.subarray(n * long, (n + 1) * long);
        expect(level[2 * n]).toBeCloseTo(Math.min(...own), 5);
        expect(level[2 * n + 1]).toBeCloseTo(Math.max(...own), 5);
      }
    });
  });
});
