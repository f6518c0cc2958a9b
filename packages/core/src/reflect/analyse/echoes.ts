import FFT from 'fft.js';
import { sizeFor } from '../line/grid';

/** Sizes of echoes over their delays, there and back. */
export interface Echoes {
  readonly delaysS: Float64Array;
  readonly sizes: Float64Array;
}

/** Three terms, after Blackman and Harris: side lobes are 67 dB down. */
const WINDOW = [0.42323, -0.49755, 0.07922];

/**
 * The transform of a reflection over evenly spaced frequencies to echoes over delays, with a bell-like
 * window, and what share of a part's deviation each part of an echo has.
 *
 * @param spacingHz from point to point; delays beyond one over it come round
 */
export function echoTransform(count: number, spacingHz: number) {
  // Twice as fine as the points would need, so that an echo's top is met.
  const size = sizeFor(2 * count);
  const fft = new FFT(size);
  const window = Float64Array.from({ length: count }, (_, k) =>
    WINDOW.reduce(
      (sum, term, order) => sum + term * Math.cos((2 * Math.PI * order * (k + 0.5)) / count),
      0,
    ),
  );
  const all = window.reduce((sum, one) => sum + one, 0);
  const squares = window.reduce((sum, one) => sum + one * one, 0);
  const delaysS = Float64Array.from({ length: size }, (_, n) => n / (size * spacingHz));
  const [data, out] = [new Float64Array(2 * size), new Float64Array(2 * size)];
  return {
    noiseShare: Math.sqrt(squares) / all,
    /** @param values all real parts, then all imaginary ones */
    echoesOf: (values: Float64Array): Echoes => {
      for (let k = 0; k < count; k += 1) {
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
  };
}
