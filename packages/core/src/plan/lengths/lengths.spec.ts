import { runLengths } from './run-lengths';
import type { LengthTask, Lengths } from './task';

const measured = (task: LengthTask): Lengths => {
  const found = runLengths(task);
  if (!found.ok) throw new Error(found.reason.kind);
  return found.lengths;
};

/** A hall of 40 by 25 m drawn at 20 units a metre: a tray along its middle at 4 m, another across it at its end. */
const HALL: LengthTask = {
  scale: { from: { x: 0, y: 0 }, to: { x: 800, y: 0 }, metres: 40 },
  ways: [
    {
      id: 'main tray',
      points: [
        { x: 40, y: 240, heightM: 4 },
        { x: 760, y: 240, heightM: 4 },
      ],
      areaMm2: 5000,
    },
    {
      id: 'cross tray',
      points: [
        { x: 760, y: 20, heightM: 4 },
        { x: 760, y: 480, heightM: 4 },
      ],
      areaMm2: null,
    },
  ],
  places: [
    { id: 'panel', x: 40, y: 260, heightM: 1.5 },
    { id: 'kiosk', x: 400, y: 300, heightM: 0.4 },
    { id: 'camera', x: 740, y: 460, heightM: 3 },
  ],
  runs: [
    { id: 'Z1', from: 'panel', to: 'kiosk', diameterMm: 6 },
    { id: 'Z2', from: 'panel', to: 'camera', diameterMm: 6 },
    { id: 'Z3', from: 'kiosk', to: 'camera', diameterMm: null },
  ],
  slackM: 0,
  reachM: 6,
};

describe('Lengths from a plan drawing', () => {
  it('are those reckoned by hand, along trays that meet', () => {
    const { runs, ways, metresPerUnit } = measured(HALL);
    expect(metresPerUnit).toBeCloseTo(0.05, 12);
    // 1 across and 2.5 up to the tray, 18 along, 3 across and 3.6 down.
    expect(runs[0]?.lengthM).toBeCloseTo(1 + 2.5 + 18 + 3 + 3.6, 9);
    // 3.5, 36 along to the cross tray, 11 along that, 1 across and 1 down.
    expect(runs[1]?.lengthM).toBeCloseTo(3.5 + 36 + 11 + 2, 9);
    expect(runs[1]?.by).toEqual(['main tray', 'cross tray']);
    expect(runs[2]?.lengthM).toBeCloseTo(6.6 + 18 + 11 + 2, 9);
    // Two of 6 mm of three, the third of which nobody knows how thick it is.
    expect(ways.map((way) => way.fill)).toEqual([null, null]);
    expect(ways[0]?.runs).toEqual(['Z1', 'Z2', 'Z3']);
  });

  it('fill what they lie in', () => {
    const { ways } = measured({ ...HALL, runs: HALL.runs.slice(0, 2) });
    expect(ways[0]?.fill).toBeCloseTo((2 * Math.PI * 9) / 5000, 12);
  });

  it('are longer by the slack at both ends', () => {
    const [plain, slack] = [measured(HALL), measured({ ...HALL, slackM: 1.5 })];
    expect((slack.runs[0]?.lengthM ?? 0) - (plain.runs[0]?.lengthM ?? 0)).toBeCloseTo(3, 9);
  });

  it('go up a riser between two floors', () => {
    const task: LengthTask = {
      ...HALL,
      ways: [
        ...HALL.ways,
        {
          id: 'riser',
          points: [
            { x: 400, y: 240, heightM: 0.5 },
            { x: 400, y: 240, heightM: 8 },
          ],
          areaMm2: null,
        },
        {
          id: 'upper tray',
          points: [
            { x: 400, y: 240, heightM: 8 },
            { x: 400, y: 440, heightM: 8 },
          ],
          areaMm2: null,
        },
      ],
      places: [...HALL.places, { id: 'office', x: 420, y: 440, heightM: 5 }],
      runs: [{ id: 'Z4', from: 'panel', to: 'office', diameterMm: null }],
      reachM: 3,
    };
    const [run] = measured(task).runs;
    // 3.5, 18 along, 4 up from the tray, 10 along, 1 across and 3 down.
    expect(run?.lengthM).toBeCloseTo(3.5 + 18 + 4 + 10 + 1 + 3, 9);
    expect(run?.by).toEqual(['main tray', 'riser', 'upper tray']);
  });

  it('take the shorter of two ways round', () => {
    const corner = (x: number, y: number) => ({ x, y, heightM: 3 });
    const ring: LengthTask = {
      ...HALL,
      scale: { from: { x: 0, y: 0 }, to: { x: 0, y: 10 }, metres: 10 },
      ways: [
        {
          id: 'ring',
          points: [corner(0, 0), corner(30, 0), corner(30, 20), corner(0, 20), corner(0, 0)],
          areaMm2: null,
        },
      ],
      places: [
        { id: 'a', x: 5, y: 0, heightM: 3 },
        { id: 'b', x: 0, y: 8, heightM: 3 },
        { id: 'c', x: 30, y: 18, heightM: 3 },
      ],
      runs: [
        { id: 'near', from: 'a', to: 'b', diameterMm: null },
        { id: 'far', from: 'a', to: 'c', diameterMm: null },
      ],
      reachM: 1,
    };
    expect(measured(ring).runs.map(({ lengthM }) => lengthM)).toEqual([13, 43]);
  });

  it('are none where trays at different heights only seem to cross', () => {
    const [low, across] = HALL.ways;
    if (!low || !across) throw new Error('no ways');
    const high = { ...across, points: across.points.map((point) => ({ ...point, heightM: 6 })) };
    const { runs } = measured({ ...HALL, ways: [low, high], reachM: 2 });
    expect(runs.map(({ lengthM }) => lengthM === null)).toEqual([false, true, true]);
  });

  it('are straight pieces, one behind the other, that add up', () => {
    for (const { legs, lengthM } of measured(HALL).runs) {
      let atM = 0;
      for (const [index, leg] of legs.entries()) {
        expect(leg.atM).toBeCloseTo(atM, 9);
        if (index > 0) expect(leg.from).toEqual(legs[index - 1]?.to ?? leg.to);
        atM += Math.hypot(
          leg.from.x - leg.to.x,
          leg.from.y - leg.to.y,
          leg.from.heightM - leg.to.heightM,
        );
      }
      expect(atM).toBeCloseTo(lengthM ?? 0, 9);
    }
  });

  it('never lead over a place that hangs on two trays', () => {
    const level = (id: string, y: number) => ({
      id,
      points: [0, 400].map((x) => ({ x, y, heightM: 3 })),
      areaMm2: null,
    });
    const { runs } = measured({
      ...HALL,
      ways: [level('left', 0), level('right', 100)],
      places: [
        { id: 'a', x: 0, y: 0, heightM: 3 },
        { id: 'between', x: 200, y: 50, heightM: 3 },
        { id: 'b', x: 400, y: 100, heightM: 3 },
      ],
      runs: [
        { id: 'a to b', from: 'a', to: 'b', diameterMm: null },
        { id: 'a to between', from: 'a', to: 'between', diameterMm: null },
      ],
      reachM: 2.5,
    });
    expect(runs.map(({ lengthM }) => lengthM)).toEqual([null, 12.5]);
  });

  it('are refused without a scale, and of a place that is not drawn', () => {
    const point = { x: 3, y: 3 };
    const none = runLengths({ ...HALL, scale: { from: point, to: point, metres: 4 } });
    expect(none.ok ? null : none.reason).toEqual({ kind: 'no-scale' });
    const lost = runLengths({
      ...HALL,
      runs: [{ id: 'Z9', from: 'panel', to: 'mast', diameterMm: null }],
    });
    expect(lost.ok ? null : lost.reason).toEqual({
      kind: 'unknown-place',
      run: 'Z9',
      name: 'mast',
    });
  });
});
