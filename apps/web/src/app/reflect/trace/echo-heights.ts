import type { PlotLine } from './trace-plot';

/** The least and the greatest height behind the launch, with some room; null where there is nothing. */
export function echoHeights(
  lines: readonly PlotLine[],
  behindM: number,
): readonly [number, number] | null {
  const heights = lines.flatMap(({ points }) =>
    points.filter(({ x }) => x > behindM).map(({ y }) => y),
  );
  if (heights.length === 0) return null;
  const [least, most] = heights.reduce<[number, number]>(
    ([low, high], y) => [Math.min(low, y), Math.max(high, y)],
    [0, 0],
  );
  const room = 0.25 * (most - least);
  return [least - room, most + room];
}
