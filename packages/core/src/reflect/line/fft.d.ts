declare module 'fft.js' {
  /** Transforms of a length that is a power of two; complex arrays hold re, im, re, im … */
  export default class FFT {
    constructor(size: number);
    transform(out: Float64Array, data: Float64Array): void;
    realTransform(out: Float64Array, data: Float64Array): void;
    inverseTransform(out: Float64Array, data: Float64Array): void;
    completeSpectrum(spectrum: Float64Array): void;
  }
}
