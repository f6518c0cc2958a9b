import { echoHeights } from './echo-heights';
import type { PlotLine } from './trace-plot';

const line = (...points: [x: number, y: number][]): PlotLine => ({
  name: 'Measured',
  style: 'measured',
  points: points.map(([x, y]) => ({ x, y })),
});

describe('The heights that show the echoes', () => {
  it('leave the launch out, and have room', () => {
    const heights = echoHeights([line([0, 5], [10, 0.4], [20, -0.4])], 1);
    expect(heights?.[1]).toBeCloseTo(0.6, 9);
    expect(heights?.[0]).toBeCloseTo(-0.6, 9);
  });

  it('are none where nothing lies behind the launch', () => {
    expect(echoHeights([line([0, 5])], 1)).toBeNull();
    expect(echoHeights([], 1)).toBeNull();
  });
});
