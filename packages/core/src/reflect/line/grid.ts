import FFT from 'fft.js';
import { blank, type Plane } from './plane';

/**
 * A grid of times and the points of the complex frequency plane that go with it: a line parallel to the
 * imaginary axis, so that what has not died away by the end of the grid does not come round to its
 * beginning (the numerical Laplace transform). Steps and pulses are alike to it.
 */
export interface Grid {
  /** A power of two. */
  readonly size: number;
  readonly intervalS: number;
  /** Of frequencies from nothing up, half the size and one. */
  readonly plane: Plane;
  /** The spectrum of samples from the first time on; behind them there is nothing. */
  readonly toPlane: (samples: Float64Array) => Plane;
  /** Two spectra to the times of both. */
  readonly toTime: (
    a: Plane,
    b: Plane | null,
    outA: Float64Array,
    outB: Float64Array | null,
  ) => void;
}

/** How much what comes round is damped: e to the minus this. */
const DAMPING = 14;

/** The power of two that has room for so many samples. */
export const sizeFor = (samples: number): number => 2 ** Math.max(4, Math.ceil(Math.log2(samples)));

export function gridOf(size: number, intervalS: number): Grid {
  const half = size / 2 + 1;
  const periodS = size * intervalS;
  const damping = DAMPING / periodS;
  const plane = {
    re: new Float64Array(half).fill(damping),
    im: Float64Array.from({ length: half }, (_, k) => (2 * Math.PI * k) / periodS),
  };
  const fft = new FFT(size);
  const spectrum = new Float64Array(2 * size);
  const times = new Float64Array(2 * size);
  const nothing = blank(half);
  const rise = Float64Array.from(
    { length: size },
    (_, n) => Math.exp(damping * n * intervalS) / intervalS,
  );
  return {
    size,
    intervalS,
    plane,
    toPlane: (samples) => {
      const damped = new Float64Array(size);
      for (let n = 0; n < samples.length; n += 1)
        damped[n] = (samples[n] as number) / (rise[n] as number);
      fft.realTransform(spectrum, damped);
      const out = { re: new Float64Array(half), im: new Float64Array(half) };
      for (let k = 0; k < half; k += 1) {
        out.re[k] = spectrum[2 * k] as number;
        out.im[k] = spectrum[2 * k + 1] as number;
      }
      return out;
    },
    toTime: (a, b, outA, outB) => {
      // Both are real in time: one rides on the other's imaginary part.
      const { re: aRe, im: aIm } = a;
      const { re: bRe, im: bIm } = b ?? nothing;
      for (let k = 0; k < half; k += 1) {
        // At the ends of the axis a real signal's spectrum is real.
        const edge = k === 0 || k === half - 1;
        const x = aRe[k] as number;
        const y = edge ? 0 : (aIm[k] as number);
        const u = bRe[k] as number;
        const v = edge ? 0 : (bIm[k] as number);
        spectrum[2 * k] = x - v;
        spectrum[2 * k + 1] = y + u;
        if (edge) continue;
        spectrum[2 * (size - k)] = x + v;
        spectrum[2 * (size - k) + 1] = u - y;
      }
      fft.inverseTransform(times, spectrum);
      for (let n = 0; n < size; n += 1) {
        outA[n] = (times[2 * n] as number) * (rise[n] as number);
        if (outB) outB[n] = (times[2 * n + 1] as number) * (rise[n] as number);
      }
    },
  };
}
