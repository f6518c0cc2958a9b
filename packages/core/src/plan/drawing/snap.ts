import type { Point } from '../lengths';
import type { DrawnWay } from './drawings';
import { unitsBetween } from './scale';

export interface Snapped {
  readonly at: Point;
  /** What it has come to lie on; null where only its direction was made straight, or nothing. */
  readonly on: 'end' | 'way' | null;
}

/** Directions that lines of buildings have, each a part of a half turn. */
const DIRECTIONS = 4;
/** Lines are made straight that are less than this off, radians. */
const STRAIGHT_RAD = (4 * Math.PI) / 180;

/**
 * Where a point that is put roughly is meant to be: at a point of a way, on a way, or straight on from the one before.
 *
 * @param reach how far away that may be, in the picture’s units
 */
export function snap(
  rough: Point,
  ways: readonly Pick<DrawnWay, 'points'>[],
  reach: number,
  before: Point | null = null,
): Snapped {
  const ends = ways.flatMap(({ points }) => points);
  const end = nearest(rough, ends, reach);
  if (end) return { at: end, on: 'end' };
  const onWays = ways.flatMap(({ points }) =>
    points.slice(1).map((to, index) => nearestOn(rough, points[index] ?? to, to)),
  );
  const straight = before && straightened(rough, before);
  const on = nearest(straight ?? rough, onWays, reach);
  if (on) return { at: on, on: 'way' };
  return { at: straight ?? rough, on: null };
}

function nearest(point: Point, among: readonly Point[], reach: number): Point | null {
  let found: Point | null = null;
  for (const one of among)
    if (unitsBetween(point, one) <= (found ? unitsBetween(point, found) : reach)) found = one;
  return found;
}

/** The point of a piece that is nearest to another one. */
export function nearestOn(point: Point, from: Point, to: Point): Point {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const square = dx * dx + dy * dy;
  const share = square > 0 ? ((point.x - from.x) * dx + (point.y - from.y) * dy) / square : 0;
  const within = Math.min(1, Math.max(0, share));
  return { x: from.x + within * dx, y: from.y + within * dy };
}

/** A line that is nearly level, upright or at half a right angle is that. */
function straightened(point: Point, before: Point): Point | null {
  const long = unitsBetween(point, before);
  const angle = Math.atan2(point.y - before.y, point.x - before.x);
  const step = Math.PI / DIRECTIONS;
  const meant = Math.round(angle / step) * step;
  if (long === 0 || Math.abs(angle - meant) > STRAIGHT_RAD) return null;
  const along = long * Math.cos(angle - meant);
  return { x: before.x + along * Math.cos(meant), y: before.y + along * Math.sin(meant) };
}
