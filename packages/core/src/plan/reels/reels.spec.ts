import type { CableDeed } from '../../link';
import { nextMark, reelStandings, type ReelFact } from '.';

let count = 0;
const fact = (minute: number, deed: CableDeed, changed: Partial<ReelFact> = {}): ReelFact => ({
  id: `${(count += 1)}`,
  cable: 'cat6-uutp-solid',
  reel: 'R7',
  linkId: null,
  at: new Date(Date.UTC(2026, 4, 4, 8, minute)).toISOString(),
  deed,
  ...changed,
});
const got: CableDeed = { kind: 'got', lengthM: 305, markM: 1200, marks: 'down' };
const cut = (lengthM: number, markM: number | null = null): CableDeed => ({
  kind: 'cut',
  lengthM,
  markM,
});
const left = (value: number, u: number): CableDeed => ({ kind: 'reel', leftM: { value, u } });

describe('A reel', () => {
  it('has what its label says less all that was cut, and the mark at which the next cut begins', () => {
    const [reel] = reelStandings([
      fact(20, cut(40)),
      fact(0, got),
      fact(30, cut(61.5, 1098), { linkId: 'k1' }),
      fact(5, { kind: 'velocity', velocityFactor: { value: 0.68, u: 0.01 }, how: 'one-length' }),
    ]);
    expect(reel?.byLabelM).toBeCloseTo(305 - 101.5, 9);
    expect(reel?.sureM).toBe(reel?.byLabelM ?? NaN);
    expect(reel?.cuts.map(({ fromMarkM, toMarkM }) => [fromMarkM, toMarkM])).toEqual([
      [1200, 1160],
      [1160, 1098],
    ]);
    expect(reel?.markM).toBe(1098);
    expect([reel?.disagree, reel?.gone]).toEqual([false, false]);
  });

  it('that was measured is counted on for what both leave, and says where they do not agree', () => {
    const [reel] = reelStandings([
      fact(0, got),
      fact(10, cut(100)),
      fact(20, left(190, 2)),
      fact(30, cut(50)),
    ]);
    expect(reel?.byLabelM).toBe(155);
    expect(reel?.measured?.leftM).toEqual({ value: 140, u: 2 });
    expect(reel?.sureM).toBeCloseTo(140 - 1.96 * 2, 1);
    expect(reel?.disagree).toBeTrue();
    const [fine] = reelStandings([fact(0, got), fact(10, cut(100)), fact(20, left(207, 3))]);
    expect(fine?.disagree).toBeFalse();
    expect(fine?.sureM).toBeCloseTo(207 - 1.96 * 3, 1);
  });

  it('without a label has what was measured, or nothing that anybody knows', () => {
    const [read, blind] = reelStandings([
      fact(0, left(118.2, 0.5), { reel: 'R3' }),
      fact(1, cut(20), { reel: 'R4' }),
      fact(
        2,
        { kind: 'velocity', velocityFactor: { value: 0.7, u: 0 }, how: 'one-length' },
        { reel: 'R5' },
      ),
    ]);
    expect([read?.name, read?.byLabelM, read?.markM]).toEqual(['R3', null, null]);
    expect(read?.sureM).toBeCloseTo(118.2 - 0.98, 1);
    expect([blind?.name, blind?.sureM]).toEqual(['R4', null]);
  });

  it('that comes again under its name begins anew, and one that is gone says so', () => {
    const [reel] = reelStandings([
      fact(0, got),
      fact(1, cut(300)),
      fact(2, { kind: 'gone' }),
      fact(10, { kind: 'got', lengthM: 100, markM: null, marks: 'up' }),
      fact(11, cut(10)),
    ]);
    expect([reel?.byLabelM, reel?.gone, reel?.markM]).toEqual([90, false, null]);
    expect(reelStandings([fact(0, got), fact(2, { kind: 'gone' })])[0]?.gone).toBeTrue();
  });

  it('runs out at nothing, never below, whatever was cut', () => {
    const [reel] = reelStandings([fact(0, got), fact(1, cut(400))]);
    expect([reel?.byLabelM, reel?.sureM]).toEqual([0, 0]);
    expect(nextMark(1200, 50, 'down')).toBe(1150);
    expect(nextMark(1200, 50, 'up')).toBe(1250);
    expect(nextMark(null, 50, 'up')).toBeNull();
  });
});
