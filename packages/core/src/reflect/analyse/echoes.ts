import FFT from 'fft.js';
import { sizeFor } from '../line/grid';

/** Sizes of echoes over their delays, there and back. */
export interface Echoes {
  readonly delaysS: Float64Array;
  readonly sizes: Float64Array;
}

/** Three terms, after Blackman and Harris: side lobes are 67 dB down. */
const WINDOW = [0.42323, -0.49755, 0.07922];

const windowOf = (count: number): Float64Array =>
  Float64Array.from({ length: count }, (_, k) =>
    WINDOW.reduce(
      (sum, term, order) => sum + term * Math.cos((2 * Math.PI * order * (k + 0.5)) / count),
      0,
    ),
  );

const sumOf = (list: Float64Array, of: (value: number) => number): number =>
  list.reduce((sum, one) => sum + of(one), 0);

export interface EchoTransform {
  /** Two echoes nearer than this are hard to tell apart. */
  readonly resolutionS: number;
  /** What share of a part's deviation each part of an echo has. */
  readonly noiseShare: number;
  /** @param values all real parts, then all imaginary ones */
  readonly echoesOf: (values: Float64Array) => Echoes;
  /** What a wave that shrinks so over the points is told as, beside one that does not. */
  readonly shareLeft: (leftAt: (point: number) => number) => number;
}

/**
 * The transform of a reflection over evenly spaced frequencies to echoes over delays, with a bell-like
 * window over the whole band or a lower part of it. What a lossy cable gives back from far away stands in
 * the lower part alone: over the whole band it is lost.
 *
 * @param spacingHz from point to point; delays beyond one over it come round
 * @param lower how many points, from the lowest on, are looked at
 */
export function echoTransform(count: number, spacingHz: number, lower = count): EchoTransform {
  // Twice as fine as the points would need, so that an echo's top is met.
  const size = sizeFor(2 * count);
  const fft = new FFT(size);
  const window = windowOf(lower);
  const all = sumOf(window, (one) => one);
  const squares = sumOf(window, (one) => one * one);
  const delaysS = Float64Array.from({ length: size }, (_, n) => n / (size * spacingHz));
  const [data, out] = [new Float64Array(2 * size), new Float64Array(2 * size)];
  return {
    resolutionS: 1 / (lower * spacingHz),
    noiseShare: Math.sqrt(squares) / all,
    echoesOf: (values) => {
      for (let k = 0; k < lower; k += 1) {
        const weight = (window[k] as number) * size;
        data[2 * k] = (values[k] as number) * weight;
        data[2 * k + 1] = (values[count + k] as number) * weight;
      }
      fft.inverseTransform(out, data);
      const sizes = Float64Array.from(
        delaysS,
        (_, n) => Math.hypot(out[2 * n] as number, out[2 * n + 1] as number) / all,
      );
      return { delaysS, sizes };
    },
    shareLeft: (leftAt) => {
      const step = Math.max(1, Math.floor(lower / SAMPLED));
      let [left, whole] = [0, 0];
      for (let k = 0; k < lower; k += step) {
        const weight = window[k] as number;
        left += weight * leftAt(k);
        whole += weight;
      }
      return left / whole;
    },
  };
}

/** So many points tell how much of a wave is left. */
const SAMPLED = 40;
