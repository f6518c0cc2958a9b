import { LOSSLESS } from '../line/line';
import { frequencies } from '../line/plane';
import { predictSweep } from './predict-sweep';
import { predictTrace } from './predict-trace';
import type { Prediction } from './fit-guess';
import type { Change, Guess } from './guess';
import {
  cableParameters,
  changeParameters,
  launchParameters,
  shapeParameters,
  teeParameters,
  type Parameter,
} from './parameter';

const PRIOR = {
  impedance: { mean: 50, sd: 3 },
  skin: { mean: 200, sd: 100 },
  resistance: { mean: 2, sd: 2 },
  dielectric: { mean: 0.002, sd: 0.001 },
};

const guessOf = (changes: readonly Change[], widthS: number | null, lossy = true): Guess => ({
  offsetV: 0.1,
  tee: { sourceOhm: 43, scopeOhm: 1e6, scopeF: 9e-12 },
  launch: {
    kind: widthS === null ? 'step' : 'pulse',
    amplitudeV: 1.7,
    atS: 20e-9,
    widthS,
    rampS: 0.8e-9,
    bellS: 0.3e-9,
    poleS: 0.2e-9,
  },
  line: {
    impedanceOhm: 51,
    loss: lossy ? { resistance: 1e5, skin: 220, dielectric: 0.003 } : LOSSLESS,
    changes,
  },
});

const change = (kind: Change['kind'], delayS: number, size: number, stubS = 0): Change => ({
  kind,
  delayS,
  size,
  stubS,
});

const STEP = 1e-3;

/** Each slope beside what the values themselves do when its parameter moves both ways. */
function worstOf(
  prediction: Prediction,
  guess: Guess,
  parameters: readonly Parameter[],
  count: number,
) {
  const jacobian = prediction.jacobian(guess, parameters, count);
  return parameters.map(({ name, get, set, scale }, index) => {
    const by = STEP * scale;
    const up = prediction.values(set(guess, get(guess) + by), count);
    const down = prediction.values(set(guess, get(guess) - by), count);
    let [most, worst] = [0, 0];
    for (let n = 0; n < count; n += 1) {
      const plain = ((up[n] as number) - (down[n] as number)) / (2 * STEP);
      most = Math.max(most, Math.abs(plain));
      worst = Math.max(worst, Math.abs(plain - (jacobian[index]?.[n] as number)));
    }
    return { name, share: worst / most, most };
  });
}

const SCENES: readonly (readonly [string, readonly Change[]])[] = [
  ['an end', [change('end', 130e-9, 0.6)]],
  ['steps and no end', [change('step', 60e-9, 0.2), change('step', 90e-9, -0.3)]],
  [
    'resistances in the way and across',
    [change('series', 40e-9, 0.3), change('shunt', 70e-9, -0.2), change('end', 150e-9, -0.7)],
  ],
  [
    'a branch behind a step',
    [change('step', 30e-9, 0.1), change('tap', 60e-9, 0, 25e-9), change('end', 140e-9, 0.5)],
  ],
];

describe('Slopes of what is predicted', () => {
  for (const [name, changes] of SCENES) {
    for (const widthS of [null, 6e-9])
      it(`are those of the values, of a ${widthS === null ? 'step' : 'pulse'} into ${name}`, () => {
        const guess = guessOf(changes, widthS);
        const parameters = [
          ...launchParameters(guess, 250e-9),
          ...shapeParameters(guess),
          ...teeParameters(guess),
          ...cableParameters(PRIOR),
          ...changeParameters(guess, 1e-9, 250e-9),
        ];
        for (const { name: of, share, most } of worstOf(
          predictTrace(0.25e-9, 2, { kind: 'mean', overS: 0.25e-9 }),
          guess,
          parameters,
          900,
        )) {
          expect(most).withContext(of).toBeGreaterThan(0);
          expect(share).withContext(of).toBeLessThan(2e-3);
        }
      });
    it(`are those of the values, of a sweep over ${name}`, () => {
      const guess = guessOf(changes, null);
      const hz = Array.from({ length: 300 }, (_, n) => (n + 1) * 1e6);
      const parameters = [...cableParameters(PRIOR), ...changeParameters(guess, 1e-9, 250e-9)];
      for (const { name: of, share } of worstOf(
        predictSweep(frequencies(hz), 50),
        guess,
        parameters,
        600,
      ))
        expect(share).withContext(of).toBeLessThan(2e-3);
    });
  }
});
