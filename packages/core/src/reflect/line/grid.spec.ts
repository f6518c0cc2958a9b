import { evenDraws } from '../../units';
import { bellOf } from './bell';
import { gridOf, sizeFor } from './grid';
import { launchSpectrum, riseOf, smoothLaunch } from './launch';
import { blank, times } from './plane';

describe('The grid of times and frequencies', () => {
  it('has room, by a power of two', () => {
    expect([sizeFor(1), sizeFor(17), sizeFor(1024), sizeFor(1025)]).toEqual([16, 32, 1024, 2048]);
  });

  it('gives back what was put in, two at a time', () => {
    const grid = gridOf(256, 1e-9);
    const even = evenDraws(3);
    const draw = () => Float64Array.from({ length: 200 }, () => even() - 0.5);
    const [a, b] = [draw(), draw()];
    const [outA, outB] = [new Float64Array(256), new Float64Array(256)];
    grid.toTime(grid.toPlane(a), grid.toPlane(b), outA, outB);
    a.forEach((value, n) => expect(outA[n]).toBeCloseTo(value, 8));
    b.forEach((value, n) => expect(outB[n]).toBeCloseTo(value, 8));
    // Behind what was put in there is nothing.
    expect(Math.abs(outA[230] as number)).toBeLessThan(1e-6);
  });

  it('puts out a step with its rise, and a pulse with its width', () => {
    const grid = gridOf(2048, 0.1e-9);
    const volts = (widthS: number | null) => {
      const launch = { ...smoothLaunch(2, 2e-9, widthS), atS: 30e-9 };
      expect(riseOf(launch)).toBeCloseTo(2e-9, 12);
      const out = new Float64Array(2048);
      grid.toTime(launchSpectrum(launch, grid.plane), null, out, null);
      return out;
    };
    const crossing = (out: Float64Array, level: number) =>
      out.findIndex((volt) => volt > level) * 0.1;
    const step = volts(null);
    expect(step[100]).toBeCloseTo(0, 5);
    expect(step[1500]).toBeCloseTo(2, 5);
    expect(crossing(step, 1.8) - crossing(step, 0.2)).toBeCloseTo(2, 0);
    expect(crossing(step, 1)).toBeCloseTo(30, 0);
    const pulse = volts(8e-9);
    // Its area: two volts for eight nanoseconds.
    expect(pulse.reduce((sum, volt) => sum + volt, 0) * 0.1).toBeCloseTo(16, 3);
    expect(pulse[1500]).toBeCloseTo(0, 5);
  });

  it('smooths by a bell without moving anything, or losing any of it', () => {
    const grid = gridOf(1024, 1e-9);
    const peak = new Float64Array(1024);
    peak[400] = 1;
    const out = new Float64Array(1024);
    grid.toTime(times(grid.toPlane(peak), bellOf(grid.plane, 6e-9)), null, out, null);
    const sum = out.reduce((all, one) => all + one, 0);
    const middle = out.reduce((all, one, n) => all + n * one, 0) / sum;
    const spread = Math.sqrt(out.reduce((all, one, n) => all + (n - middle) ** 2 * one, 0) / sum);
    expect(sum).toBeCloseTo(1, 6);
    expect(middle).toBeCloseTo(400, 3);
    expect(spread).toBeCloseTo(6, 3);
    expect(blank(3).re.length).toBe(3);
  });
});
