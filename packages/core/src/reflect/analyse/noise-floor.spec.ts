import { normalFrom } from '../simulate';
import { roughNoise } from './noise-floor';

describe('Noise, told by neighbours', () => {
  const normal = normalFrom(5);
  const noisy = (deviation: number, level: (n: number) => number) =>
    Float64Array.from({ length: 20_000 }, (_, n) => level(n) + deviation * normal());

  it('is its standard deviation, on a level and beside edges', () => {
    for (const deviation of [1e-4, 0.02, 3]) {
      expect(roughNoise(noisy(deviation, () => 0)) / deviation).toBeCloseTo(1, 1);
      const edges = (n: number) => (n % 100 < 3 ? 50 * deviation * (n % 100) : 0);
      const told = roughNoise(noisy(deviation, edges)) / deviation;
      expect(told).toBeGreaterThan(0.8);
      expect(told).toBeLessThan(1.25);
    }
  });
});
