import { METRES_PER } from '@near-spoke/core/units';
import { rulerLayout, type RulerInput } from './ruler-layout';

const input = (rest: Partial<RulerInput> = {}): RulerInput => ({
  lengthM: 40,
  route: [],
  widthPx: 900,
  units: 'metric',
  ...rest,
});

describe('rulerLayout', () => {
  it('draws to one scale: equal lengths are equally long, at any size and in any unit', () => {
    for (const units of ['metric', 'imperial'] as const)
      for (const widthPx of [300, 640, 1200])
        for (const lengthM of [1.5, 12.2, 87.5, 305]) {
          const route = [0, 0.25, 0.5, 1].map((part) => ({ name: 'W', atM: part * lengthM }));
          const { x0, x1, points, ticks } = rulerLayout(input({ units, widthPx, lengthM, route }));
          const perM = (x1 - x0) / lengthM;
          points.forEach((point, index) =>
            expect(point.x).toBeCloseTo(x0 + (route[index]?.atM ?? 0) * perM, 6),
          );
          const size = units === 'metric' ? METRES_PER.m : METRES_PER.ft;
          for (const tick of ticks.filter(({ label }) => label)) {
            const atM = parseFloat(tick.label) * size;
            expect(tick.x).toBeCloseTo(x0 + atM * perM, 6);
          }
          expect(ticks.some(({ label }) => label.startsWith('0 '))).toBeTrue();
        }
  });

  it('never lets two labels of a row overlap, nor one leave the drawing', () => {
    const route = Array.from({ length: 14 }, (_, i) => ({ name: `Waypoint ${i}`, atM: i * 2.5 }));
    const { points } = rulerLayout(input({ route, widthPx: 700 }));
    for (const row of [0, 1]) {
      const spans = points.flatMap(({ label }) =>
        label?.row === row
          ? [[label.x - label.text.length * 4.05, label.x + label.text.length * 4.05] as const]
          : [],
      );
      expect(spans.length).toBeGreaterThan(0);
      spans.forEach(([from, to], index) => {
        expect(from).toBeGreaterThanOrEqual(-1e-9);
        expect(to).toBeLessThanOrEqual(700 + 1e-9);
        expect(from).toBeGreaterThanOrEqual(spans[index - 1]?.[1] ?? 0);
      });
    }
    expect(points.length).toBe(14);
  });

  it('names every point that is spoken of, however close it stands to others', () => {
    const route = Array.from({ length: 14 }, (_, i) => ({
      name: `Stud ${i} behind the waiting-room wall`,
      atM: 20 + i * 0.4,
    }));
    for (const widthPx of [640, 900, 1200])
      for (let index = 0; index < 13; index += 1) {
        const spoken = [index, index + 1].map((one) => route[one]?.name ?? '');
        const { points } = rulerLayout(input({ route, widthPx, spoken }));
        const named = points.filter(({ label }) => label).map(({ name }) => name);
        for (const name of spoken)
          expect(named).withContext(`${name} at ${widthPx} px`).toContain(name);
      }
  });

  it('winds up what a point says, over the cable that it takes', () => {
    const route = [
      { name: 'Tray', atM: 5 },
      { name: 'Coil', atM: 20, extraM: 10 },
      { name: 'Drop', atM: 38, extraM: 0.1 },
    ];
    const { points, x0, x1 } = rulerLayout(input({ route }));
    const [tray, coil, drop] = points.map(({ turns }) => turns);
    expect(tray).toEqual([]);
    expect(drop?.length).toBe(2);
    for (const turn of coil ?? []) {
      expect(turn).toBeGreaterThan(x0 + (x1 - x0) / 2);
      expect(turn).toBeLessThan(x0 + ((x1 - x0) * 3) / 4);
    }
    expect(points[1]?.at).toBe('20 m + 10 m wound up');
  });

  it('shows no scale while the length is not known', () => {
    const { ticks, total } = rulerLayout(input({ lengthM: null, route: [{ name: 'W', atM: 3 }] }));
    expect(ticks).toEqual([]);
    expect(total).toBeNull();
  });
});
