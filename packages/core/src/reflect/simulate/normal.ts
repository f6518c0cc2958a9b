import { evenDraws } from '../../units';

/** Draws from the normal distribution, out of a seed alone (Box and Muller's transform). */
export function normalFrom(seed: number): () => number {
  const even = evenDraws(seed);
  return () => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even());
}
