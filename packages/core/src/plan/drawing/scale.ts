import type { Point } from '../lengths';
import type { Drawing, Scale } from './drawings';

/** How well a point is hit, a share of the longer side of the picture, standard uncertainty. Generic. */
const HIT_SHARE = 0.0015;

export const unitsBetween = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y);

/** How long a unit of a scaled picture is. Infinite where both points are one. */
export const metresPerUnit = ({ from, to, metres }: Scale): number =>
  metres / unitsBetween(from, to);

/** Relative standard uncertainty of lengths by a scale, from how well its two points are hit. */
export function scaleShare({ picture }: Drawing, { from, to }: Scale): number {
  const hit = HIT_SHARE * Math.max(picture.width, picture.height);
  return (Math.SQRT2 * hit) / unitsBetween(from, to);
}
