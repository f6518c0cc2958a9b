import { LIGHT_M_S } from '../units';
import { driftsOf } from './drift';

const at = (day: number) => `2026-05-${String(day).padStart(2, '0')}T08:00:00.000Z`;
const loop = (day: number, ohm: number | null, to = '5') => ({
  takenAt: at(day),
  reading: {
    tester: 'ohmmeter' as const,
    from: { end: 'near' as const, contact: '4' },
    to: { end: 'near' as const, contact: to },
    joined: ['4', '5'],
    ohm,
  },
});
const echo = (metres: number, kind: 'open' | 'series' = 'open') => ({
  kind,
  delayS: { value: (2 * metres) / (0.66 * LIGHT_M_S), u: 1e-10 },
});
const trace = (day: number, ...events: ReturnType<typeof echo>[]) => ({
  at: at(day),
  velocityFactor: { value: 0.66, u: 0 },
  events,
});

describe('What was measured more than once', () => {
  it('is a loop by its contacts, oldest first, moved only beyond what the meter leaves open', () => {
    const tests = [
      loop(9, 12.6),
      loop(4, 12.4),
      loop(5, null),
      loop(6, 3, '6'),
      { takenAt: at(3), reading: { tester: 'beeper' } },
    ];
    const [quiet, ...others] = driftsOf(tests, []);
    expect(others).toEqual([]);
    expect(quiet?.points.map(({ value }) => value)).toEqual([12.4, 12.6]);
    expect(quiet?.points[0]?.u).toBeCloseTo(Math.hypot(0.124, 0.1), 9);
    expect(quiet?.isMoved).toBeFalse();
    expect(driftsOf([loop(4, 12.4), loop(9, 14.9)], [])[0]?.isMoved).toBeTrue();
  });

  it('is a place by its kind, followed as it moves, and no other that is beside it', () => {
    const drifts = driftsOf(
      [],
      [
        trace(6, echo(31.2), echo(12, 'series')),
        trace(4, echo(30), echo(11.9, 'series'), echo(8)),
        trace(8, echo(32.4)),
      ],
    );
    expect(
      drifts.map(({ points, isMoved, unit }) => [
        unit,
        isMoved,
        ...points.map(({ value }) => Number(value.toFixed(3))),
      ]),
    ).toEqual([
      ['m', true, 30, 31.2, 32.4],
      ['m', true, 11.9, 12],
    ]);
    // A tenth of a nanosecond there and back is a centimetre at 0.66.
    expect(drifts[0]?.points[0]?.u).toBeCloseTo(0.00989, 4);
  });

  it('tells two echoes of one trace apart', () => {
    const [first, second] = driftsOf(
      [],
      [trace(4, echo(10), echo(10.5)), trace(5, echo(10), echo(10.5))],
    );
    expect(first?.points.map(({ value }) => Number(value.toFixed(2)))).toEqual([10, 10]);
    expect(second?.points.map(({ value }) => Number(value.toFixed(2)))).toEqual([10.5, 10.5]);
    expect(second?.isMoved).toBeFalse();
  });
});
