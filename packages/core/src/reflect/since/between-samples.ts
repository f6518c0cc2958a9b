/** A record with what stands between its samples: a cubic through the four about it. */
export interface BetweenSamples {
  readonly at: (sample: number) => number;
  /** By a sample more. */
  readonly slopeAt: (sample: number) => number;
}

export function betweenSamples(volts: Float64Array): BetweenSamples {
  const volt = (n: number) => volts[Math.min(volts.length - 1, Math.max(0, n))] as number;
  const partsOf = (sample: number) => {
    const n = Math.floor(sample);
    const [a, b, c, d] = [volt(n - 1), volt(n), volt(n + 1), volt(n + 2)];
    // Catmull and Rom’s spline: b + (s + (q + r·x) x) x.
    return {
      x: sample - n,
      b,
      s: (c - a) / 2,
      q: a - 2.5 * b + 2 * c - d / 2,
      r: (d - a) / 2 + 1.5 * (b - c),
    };
  };
  return {
    at: (sample) => {
      const { x, b, s, q, r } = partsOf(sample);
      return b + (s + (q + r * x) * x) * x;
    },
    slopeAt: (sample) => {
      const { x, s, q, r } = partsOf(sample);
      return s + (2 * q + 3 * r * x) * x;
    },
  };
}
