import { LINE_ROWS, judgeLine, ringerLoad } from './line';
import { NO_LINE_READINGS, type LineReading, type LineReadings } from './readings';

/** How a line that is made somehow answers each measurement. */
type Truth = Readonly<Record<LineReading, number>>;

function walk(truth: Truth) {
  let readings: LineReadings = NO_LINE_READINGS;
  const asked: LineReading[] = [];
  for (let step = 0; step <= LINE_ROWS.length; step += 1) {
    const verdict = judgeLine(readings);
    if (verdict.next === null) return { ...verdict, asked };
    expect(asked).not.toContain(verdict.next);
    asked.push(verdict.next);
    readings = { ...readings, [verdict.next]: truth[verdict.next] };
  }
  throw new Error('The tree does not end');
}

const GOOD: Truth = { idleV: -49, aloneV: -49, demarcationV: -50, offHookV: -9, ringingV: 72 };

describe('Line voltages', () => {
  it('lead to whose the fault is', () => {
    const cases: readonly [string, Partial<Truth>][] = [
      ['nobody', {}],
      ['nobody', { idleV: -22, aloneV: -22 }],
      ['ours', { idleV: 0, aloneV: 0 }],
      ['theirs', { idleV: 0, aloneV: 0, demarcationV: 0 }],
      ['set', { idleV: -8 }],
      ['ours', { idleV: -8, aloneV: -9 }],
      ['theirs', { idleV: -8, aloneV: -9, demarcationV: -9 }],
      ['set', { offHookV: -44 }],
      ['set', { offHookV: -1 }],
      ['ours', { ringingV: 12 }],
    ];
    for (const [side, rest] of cases) {
      const verdict = walk({ ...GOOD, ...rest });
      expect(verdict.side)
        .withContext(JSON.stringify(rest))
        .toBe(side as never);
    }
  });

  it('do not ask for the provider’s socket while the line is there', () => {
    expect(walk(GOOD).asked).toEqual(['idleV', 'offHookV', 'ringingV']);
  });

  it('end for every line whatever it shows, never asking twice', () => {
    const volts = [0, 2, -8, 19, -21, 48];
    for (const idleV of volts)
      for (const aloneV of volts)
        for (const demarcationV of volts)
          for (const offHookV of [0, 9, 40])
            for (const ringingV of [0, 70])
              expect(walk({ idleV, aloneV, demarcationV, offHookV, ringingV }).side).not.toBeNull();
  });

  it('tell a reversed pair', () => {
    expect(judgeLine({ ...NO_LINE_READINGS, idleV: 49 }).remarks.length).toBe(1);
    expect(judgeLine({ ...NO_LINE_READINGS, idleV: -49 }).remarks).toEqual([]);
  });
});

describe('Ringer load', () => {
  it('is a sum against what the line drives', () => {
    expect(ringerLoad([1, 1, 1, 1], 4).enough).toBeTrue();
    expect(ringerLoad([0.1, 0.2, 3.7], 4).enough).toBeTrue();
    expect(ringerLoad([1, 1.5, 2], 4)).toEqual({
      sum: 4.5,
      enough: false,
      sentence: { code: 'ringer-load', with: { sum: 4.5, most: 4, isEnough: false } },
    });
    expect(ringerLoad([], 4).sum).toBe(0);
  });
});
