import { normalFrom, simulate } from '../simulate';
import { benchTrace, coarseBench, type BenchTrace } from './bench-trace';
import { predictSweep } from './predict-sweep';
import { frequencies } from '../line/plane';
import { withChanges, type Change, type Guess } from './guess';
import { placeBest } from './place-best';
import { survey } from './survey';

const GUESS: Guess = {
  offsetV: 0,
  tee: { sourceOhm: 50, scopeOhm: 1e6, scopeF: 0 },
  launch: {
    kind: 'step',
    amplitudeV: 2,
    atS: 0,
    widthS: null,
    rampS: 0,
    bellS: 1e-9 / 2.5631,
    poleS: 0,
  },
  line: {
    impedanceOhm: 50,
    loss: { resistance: 0, skin: 0, dielectric: 0 },
    changes: [{ kind: 'end', delayS: 381.2e-9, size: 1, stubS: 0 }],
  },
};

function benchOf(noise: number, samples = 4000, seed = 6) {
  const capture = simulate(
    {
      segments: [
        {
          lengthM: (381.2e-9 * 0.7 * 299_792_458) / 2,
          velocityFactor: 0.7,
          impedanceOhm: 50,
          loss: { a0: 0, a1: 0, a2: 0 },
        },
      ],
      joints: [],
      termination: { kind: 'open' },
      probe: {
        kind: 'step',
        volts: 2,
        riseS: 1e-9,
        widthS: 0,
        sourceOhm: 50,
        scopeOhm: 1e6,
        intervalS: 0.2e-9,
        samples,
        beforeS: 40e-9,
      },
      noise,
      quantumV: 0,
    },
    normalFrom(seed),
  );
  if (capture.kind !== 'trace') throw new Error('no trace');
  const surveyed = survey(capture.trace);
  if (!surveyed.ok) throw new Error(surveyed.reason.code);
  const bench = benchTrace(capture.trace, surveyed.survey, 1e-9);
  return { bench, launchAtS: -bench.fromS };
}

describe('A coarse trace', () => {
  it('is predicted as it was smoothed', () => {
    const { bench, launchAtS } = benchOf(0);
    const coarse = coarseBench(bench);
    if (!coarse) throw new Error('not worth it');
    expect(coarse.count).toBeLessThan(bench.count / 3);
    const guess = { ...GUESS, launch: { ...GUESS.launch, atS: launchAtS } };
    const predicted = coarse.prediction.values(guess, coarse.count);
    let worst = 0;
    coarse.measured.values.forEach((value, n) => {
      if ((coarse.measured.weights[n] as number) > 0)
        worst = Math.max(worst, Math.abs(value - (predicted[n] as number)));
    });
    expect(worst).toBeLessThan(2e-3);
  });

  it('has as much more noise than it says as the fine one has, and no more', () => {
    // How much noise there is, is itself known from some 200 samples only: to a tenth of its square.
    const squareOf = ({ measured }: BenchTrace, predicted: Float64Array) => {
      const squares = [...measured.values]
        .map((value, n) => (value - (predicted[n] as number)) * (measured.weights[n] as number))
        .filter((_, n) => (measured.weights[n] as number) > 0);
      return squares.reduce((sum, one) => sum + one * one, 0) / squares.length;
    };
    const shares = [1, 2, 3, 4, 5, 6, 7, 8].map((seed) => {
      const { bench, launchAtS } = benchOf(0.02, 4000, seed);
      const coarse = coarseBench(bench);
      if (!coarse) throw new Error('not worth it');
      const guess = { ...GUESS, launch: { ...GUESS.launch, atS: launchAtS } };
      const fine = squareOf(bench, bench.prediction.values(guess, bench.count));
      return squareOf(coarse, coarse.prediction.values(guess, coarse.count)) / fine;
    });
    const mean = shares.reduce((sum, one) => sum + one, 0) / shares.length;
    expect(mean).toBeGreaterThan(0.87);
    expect(mean).toBeLessThan(1.13);
  });

  it('is none of a trace that is short anyway', () => {
    expect(coarseBench(benchOf(0.01, 900).bench)).toBeNull();
  });
});

describe('The best place for one more change', () => {
  const changed = (delayS: number, size: number) =>
    withChanges(GUESS, [{ kind: 'step', delayS, size, stubS: 0 }]);
  const list = (middleS: number, stepS: number) =>
    Array.from({ length: 21 }, (_, n) => middleS + (n - 10) * stepS);

  it('is where a trace has it, of the size it has', () => {
    const { bench, launchAtS } = benchOf(0);
    const at = (delayS: number, size: number): Guess => ({
      ...changed(delayS, size),
      launch: { ...GUESS.launch, atS: launchAtS },
    });
    const values = bench.prediction.values(at(101e-9, 0.3), bench.count);
    const best = placeBest(
      { ...withChanges(GUESS, []), launch: { ...GUESS.launch, atS: launchAtS } },
      'step',
      list(100e-9, 0.2e-9),
      at,
      { ...bench.measured, values },
      bench.prediction,
    );
    const [found] = best?.line.changes ?? [];
    expect((found?.delayS ?? 0) * 1e9).toBeCloseTo(101, 1);
    expect(found?.size).toBeCloseTo(0.3, 2);
  });

  it('is where a sweep has it, to a part of a wave', () => {
    const prediction = predictSweep(
      frequencies(Array.from({ length: 200 }, (_, k) => (k + 1) * 2e6)),
      50,
    );
    const values = prediction.values(changed(60.3e-9, 0.2), 400);
    const weights = new Float64Array(400).fill(1);
    const best = placeBest(
      withChanges(GUESS, []),
      'step',
      list(60e-9, 0.1e-9),
      changed,
      { values, weights, from: 0, to: 400 },
      prediction,
    );
    const [found] = best?.line.changes ?? ([] as Change[]);
    expect((found?.delayS ?? 0) * 1e9).toBeCloseTo(60.3, 1);
    expect(found?.size).toBeCloseTo(0.2, 2);
  });

  it('is none for a resistance in the way where less comes back', () => {
    const { bench, launchAtS } = benchOf(0);
    const launch = { ...GUESS.launch, atS: launchAtS };
    const at = (delayS: number, size: number): Guess => ({
      ...withChanges(GUESS, [{ kind: 'series', delayS, size, stubS: 0 }]),
      launch,
    });
    const down = { ...changed(100e-9, -0.2), launch };
    const values = bench.prediction.values(down, bench.count);
    expect(
      placeBest(
        { ...withChanges(GUESS, []), launch },
        'series',
        [100e-9],
        at,
        { ...bench.measured, values },
        bench.prediction,
      ),
    ).toBeNull();
  });
});
