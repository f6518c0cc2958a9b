import { LOSSLESS } from '../line/line';
import { traceOf } from '../line/respond';
import { reflectionAt } from '../line/reflection';
import { ghostsOf } from './ghosts';
import { lineOf, type Change } from './guess';

const change = (kind: Change['kind'], delayNs: number, size: number): Change => ({
  kind,
  delayS: delayNs * 1e-9,
  size,
  stubS: 0,
});

describe('Echoes that went to and fro', () => {
  it('come at sums of delays, less that of what they turned back at', () => {
    const delays = ghostsOf([change('step', 30, 0.2), change('end', 100, 1)], 0.1).map(
      ({ delayS }) => Math.round(delayS * 1e9),
    );
    expect(delays).toEqual([60, 130, 170, 200]);
  });

  it('are none of a source that takes all, before a single place', () => {
    const ghosts = ghostsOf([change('end', 100, 1)], 0);
    expect(ghosts.every(({ size }) => size === 0)).toBeTrue();
  });

  it('are as large as the whole line’s own response shows them', () => {
    // A joint before an open end, seen from a source that does not match.
    const changes = [change('series', 40, 0.25), change('end', 150, 1)];
    const tee = { sourceOhm: 30, scopeOhm: 1e9, scopeF: 0 };
    const step = (list: readonly Change[]) =>
      traceOf(
        lineOf({ impedanceOhm: 50, loss: LOSSLESS, changes: list }),
        { kind: 'step', amplitudeV: 1, atS: 0, widthS: null, rampS: 1e-9, bellS: 0.3e-9, poleS: 0 },
        tee,
        { samples: 1000, intervalS: 0.5e-9, fromS: -20e-9 },
        1e-9,
      );
    const volts = step(changes);
    const level = (ns: number) => volts[Math.round((ns + 20) / 0.5)] as number;
    // What an open at the tee would give back.
    const whole = step([change('end', 20, 1)]);
    const unit =
      (whole[Math.round((30 + 20) / 0.5)] as number) -
      (whole[Math.round((10 + 20) / 0.5)] as number);
    for (const { delayS, size } of ghostsOf(changes, reflectionAt(30, 50))) {
      const at = delayS * 1e9;
      // Of three bounces only; later ones come on top of each other.
      if (at > 270) continue;
      const jump = (level(at + 6) - level(at - 6)) / unit;
      expect(jump).withContext(`${at} ns`).toBeCloseTo(size, 1);
    }
  });
});
