import { analyse, type TraceEvent } from '../analyse';
import { delayOf } from '../hand';
import { normalFrom, practise, simulate, type PracticeLine } from '../simulate';
import { NOTHING_TOLD } from '../told';
import { pairEnds, type SeenFromEnd } from '.';

const KNOWN = { value: 0.7, u: 0.007 };
const of = (metres: number, kind: TraceEvent['kind'], end = false): SeenFromEnd => ({
  delayS: { value: delayOf(metres, 0.694), u: 0.05e-9 },
  kind,
  end,
});
const places = (near: readonly SeenFromEnd[], far: readonly SeenFromEnd[], lengthM = 60) =>
  pairEnds(near, far, { value: lengthM, u: 0.05 }, KNOWN).map(({ placeM, near: { kind } }) => [
    kind,
    Number(placeM.value.toFixed(2)),
  ]);

describe('Echoes from both ends', () => {
  it('are put together by what the whole cable takes, free of the velocity factor', () => {
    const near = [of(12, 'series'), of(35, 'tap'), of(60, 'open', true)];
    const far = [of(25, 'tap'), of(48, 'series'), of(60, 'open', true)];
    // 0.694 and not 0.7: the places come out right all the same.
    expect(places(near, far)).toEqual([
      ['series', 12],
      ['tap', 35],
    ]);
  });

  it('look the other way round where other cable begins', () => {
    const [pair] = pairEnds(
      [of(20, 'rise')],
      [of(40, 'drop'), of(40.2, 'rise')],
      { value: 60, u: 0.05 },
      KNOWN,
    );
    expect(pair?.far.kind).toBe('drop');
    expect(pair?.velocityFactor.value).toBeCloseTo(0.694, 3);
  });

  it('of a cut are its two sides', () => {
    expect(places([of(22, 'open', true)], [of(38, 'open', true)])).toEqual([['open', 22]]);
  });

  it('are no pair where they don’t fill the cable, or only went to and fro', () => {
    expect(places([of(12, 'series')], [of(30, 'series')])).toEqual([]);
    expect(places([of(12, 'ghost')], [of(48, 'series')])).toEqual([]);
    expect(places([], [of(48, 'series')])).toEqual([]);
  });

  it('are each used once', () => {
    expect(places([of(30, 'series'), of(30.4, 'series')], [of(30, 'series')]).length).toBe(1);
  });

  it('of two traces of one line place what the velocity factor alone puts elsewhere', () => {
    const line = (atM: number): PracticeLine => ({
      cable: {
        lengthM: 40,
        velocityFactor: 0.68,
        impedanceOhm: 100,
        loss: { a0: 0, a1: 1.85, a2: 0.015 },
      },
      fault: 'series',
      atM,
      strength: 60,
      end: 'open',
      launch: 'step',
      widthS: 5e-9,
      noiseV: 0.002,
    });
    const seen = (atM: number, seed: number) => {
      const capture = simulate(practise(line(atM)), normalFrom(seed));
      const analysed = analyse(capture, { ...NOTHING_TOLD, impedanceOhm: 100 });
      if (!analysed.ok) throw new Error(analysed.reason.code);
      return analysed.analysis.events;
    };
    const [pair, ...more] = pairEnds(seen(15, 1), seen(25, 2), { value: 40, u: 0.02 }, KNOWN);
    expect(more).toEqual([]);
    const { placeM = { value: 0, u: 1 } } = pair ?? {};
    expect(Math.abs(placeM.value - 15)).toBeLessThan(3 * placeM.u);
    expect(placeM.u).toBeLessThan(0.05);
  });
});
