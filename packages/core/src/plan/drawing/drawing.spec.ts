import {
  buildingOf,
  drawingsOf,
  hereOn,
  lengthsIn,
  onSheet,
  snap,
  walksOn,
  type DrawingDeed,
  type DrawingFactLike,
} from '.';

const RULES = { slackM: 0, reachM: 4 };

const on = (drawing: string, ...deeds: DrawingDeed[]): DrawingFactLike[] =>
  deeds.map((deed) => ({ drawing, deed }));
const picture = (name: string, floorM: number): DrawingDeed => ({
  kind: 'picture',
  name,
  blob: 'a'.repeat(64),
  width: 1000,
  height: 800,
  floorM,
});
const scale = (units: number, metres: number): DrawingDeed => ({
  kind: 'scale',
  from: { x: 100, y: 100 },
  to: { x: 100 + units, y: 100 },
  metres,
});
const tray = (name: string, heightM: number, ...points: [number, number][]): DrawingDeed => ({
  kind: 'way',
  way: name,
  name,
  of: 'tray',
  points: points.map(([x, y]) => ({ x, y })),
  heightM,
  areaMm2: 1000,
});
const up = (of: 'riser' | 'drop', way: string, x: number, y: number, heightM: number) => ({
  kind: 'way' as const,
  way,
  name: way.replace(/@.*/u, ''),
  of,
  points: [{ x, y }],
  heightM,
  areaMm2: null,
});
const place = (name: string, x: number, y: number, heightM: number): DrawingDeed => ({
  kind: 'place',
  place: name,
  at: { x, y },
  heightM,
});
const run = (from: string, to: string) => ({ id: `${from}-${to}`, from, to, diameterMm: 6 });

/** 20 units a metre: a tray at 3 m from the cabinet to the far wall. */
const GROUND = on(
  'ground',
  picture('Ground floor', 0),
  scale(400, 20),
  tray('T1', 3, [100, 200], [900, 200]),
  up('riser', 'R1', 700, 200, 3.5),
  place('C1', 100, 220, 1.5),
  place('Desk 4', 500, 260, 0.5),
);
/** Another picture of the floor above, at 50 units a metre. */
const UPPER = on(
  'upper',
  picture('Upper deck', 4),
  scale(500, 10),
  up('riser', 'R1', 250, 400, 3),
  tray('T9', 2.5, [250, 400], [750, 400]),
  place('Bridge office', 750, 500, 0.5),
);

describe('plans of a site', () => {
  it('show what was drawn last, without what was taken off', () => {
    const facts = [
      ...UPPER,
      ...GROUND,
      ...on('upper', place('Desk 4', 300, 300, 0.8)),
      ...on('ground', tray('T1', 2.8, [100, 200], [800, 200])),
      ...on('ground', { kind: 'off', what: 'way', id: 'R1' }),
      ...on('ground', { kind: 'off', what: 'place', id: 'C1' }),
    ];
    const [ground, upper] = drawingsOf(facts);
    expect(ground?.picture.name).toBe('Ground floor');
    expect(ground?.ways.map(({ way, heightM }) => [way, heightM])).toEqual([['T1', 2.8]]);
    expect(ground?.places).toEqual([]);
    expect(upper?.places.map((row) => row.place)).toEqual(['Bridge office', 'Desk 4']);
    expect(
      drawingsOf([...facts, ...on('upper', { kind: 'off', what: 'drawing', id: 'upper' })]).length,
    ).toBe(1);
  });

  it('give lengths along a tray, with what leaves it', () => {
    const building = buildingOf(drawingsOf(GROUND));
    const { runs, ways } = lengthsIn(building, [run('C1', 'Desk 4'), run('C1', 'nowhere')], RULES);
    // 1.5 up and 1 across, 20 along, 3 across and 2.5 down.
    expect(runs.map(({ lengthM }) => lengthM)).toEqual([1.5 + 1 + 20 + 3 + 2.5]);
    expect(runs[0]?.by).toEqual(['T1']);
    expect(ways.find(({ id }) => id === 'T1')?.fill).toBeCloseTo((Math.PI * 9) / 1000, 12);
    expect(building.problems).toEqual([]);
  });

  it('lie over each other at the riser that they share, each by its own scale', () => {
    const building = buildingOf(drawingsOf([...UPPER, ...GROUND]));
    const [found] = lengthsIn(building, [run('C1', 'Bridge office')], RULES).runs;
    // 2.5 to the tray, 30 along, 3.5 up to the tray above (at 4 + 2.5), 10 along, 2 across, 2 down.
    expect(found?.lengthM).toBeCloseTo(2.5 + 30 + 3.5 + 10 + 2 + 2, 9);
    expect(found?.by).toEqual(['T1', 'R1', 'T9']);
    const [upper] = building.sheets.filter(({ drawing }) => drawing === 'upper');
    const last = found?.legs.at(-1);
    const at = upper && last && onSheet(upper, last.to);
    expect([at?.x, at?.y].map((value) => Math.round(value ?? 0))).toEqual([750, 500]);
  });

  it('join nothing that only lies at the same height of two of them', () => {
    const wing = on(
      'wing',
      picture('Wing', 0),
      scale(400, 20),
      tray('T7', 3, [100, 200], [900, 200]),
      place('Store', 880, 210, 1),
    );
    const building = buildingOf(drawingsOf([...GROUND, ...wing]));
    expect(building.problems).toEqual([{ code: 'drawing-apart', with: { drawing: 'Wing' } }]);
    expect(lengthsIn(building, [run('C1', 'Store')], RULES).runs[0]?.lengthM).toBeNull();
  });

  it('tell where they can’t be trusted', () => {
    const astray = [
      ...GROUND,
      ...UPPER,
      ...on('ground', up('riser', 'R2', 900, 200, 3)),
      ...on('upper', up('riser', 'R2@upper', 850, 400, 3)),
      ...on('third', picture('Roof', 8)),
      ...on('ground', scale(40, 2)),
    ];
    expect(buildingOf(drawingsOf(astray)).problems).toEqual([
      {
        code: 'drawing-coarse-scale',
        with: { drawing: 'Ground floor', share: (Math.SQRT2 * 1.5) / 40 },
      },
      { code: 'drawing-no-scale', with: { drawing: 'Roof' } },
      { code: 'drawing-riser-astray', with: { riser: 'R2', drawing: 'Upper deck', byM: 2 } },
    ]);
  });

  it('lead down a drop where a place is on one', () => {
    const facts = [
      ...GROUND,
      ...on('ground', up('drop', 'Stud 4', 500, 200, 3), place('Socket', 500, 200, 0.3)),
    ];
    const [found] = lengthsIn(buildingOf(drawingsOf(facts)), [run('C1', 'Socket')], RULES).runs;
    expect(found?.lengthM).toBeCloseTo(2.5 + 20 + 2.7, 9);
    expect(found?.by).toEqual(['T1', 'Stud 4']);
  });
});

describe('walks', () => {
  it('are about as far as places of one plan are apart, and lead from floor to floor by nothing drawn', () => {
    const building = buildingOf(drawingsOf([...GROUND, ...UPPER]));
    const all = new Set(['C1', 'Desk 4', 'Bridge office', 'Mast']);
    expect(walksOn(building, all)).toEqual([
      {
        near: { place: 'C1' },
        far: { place: 'Desk 4' },
        lengthM: jasmine.any(Number) as unknown as number,
      },
    ]);
    // 20 m across and 2 down the picture.
    expect(walksOn(building, all)[0]?.lengthM).toBeCloseTo(1.3 * Math.hypot(20, 2), 9);
    expect(walksOn(building, new Set(['C1']))).toEqual([]);
  });
});

describe('a distance along the cable', () => {
  const found = lengthsIn(buildingOf(drawingsOf(GROUND)), [run('C1', 'Desk 4')], RULES).runs[0];
  if (!found) throw new Error('no run');

  it('is between two spots of the way, by how well it is known', () => {
    const here = hereOn(found, { value: 12.5, u: 0.5 }, null);
    expect(here?.fromM).toBeCloseTo(12.5 - 0.98, 9);
    expect(here?.toM).toBeCloseTo(12.5 + 0.98, 9);
    expect(here?.ways).toEqual(['T1']);
    // 2.5 m of it go to the tray, whose beginning is at 5 m.
    expect(here?.pieces[0]?.from.x).toBeCloseTo(5 + 9.02, 9);
    expect(here?.pieces[0]?.to.x).toBeCloseTo(5 + 10.98, 9);
  });

  it('is farther back by cable that lies somewhere before it', () => {
    const here = hereOn(found, { value: 12.5, u: 0.5 }, 31);
    expect(here?.spareM).toBeCloseTo(3, 9);
    expect(here?.fromM).toBeCloseTo(12.5 - 0.98 - 3, 9);
    expect(here?.toM).toBeCloseTo(12.5 + 0.98, 9);
  });

  it('ends where the way does, and is nowhere behind it', () => {
    expect(hereOn(found, { value: 28, u: 0.2 }, null)?.toM).toBeCloseTo(28, 9);
    expect(hereOn(found, { value: 28, u: 0.2 }, null)?.ways).toEqual([null]);
    expect(hereOn(found, { value: 40, u: 0.2 }, null)).toBeNull();
    expect(hereOn({ ...found, legs: [], lengthM: null }, { value: 4, u: 1 }, null)).toBeNull();
  });

  it('is where a simulated cable has it, wherever its slack lies', () => {
    for (let lap = 0; lap <= 20; lap += 1) {
      const before = (3 * lap) / 20;
      for (const trueM of [1, 4, 9.3, 18, 24]) {
        const here = hereOn(found, { value: trueM + before, u: 0.01 }, 31);
        expect(here && here.fromM <= trueM && trueM <= here.toM).toBeTrue();
      }
    }
  });
});

describe('a point that is put roughly', () => {
  const ways = [
    {
      points: [
        { x: 0, y: 0 },
        { x: 100, y: 0 },
      ],
    },
  ];

  it('is the end of a way, or on it, where one is near', () => {
    expect(snap({ x: 97, y: 4 }, ways, 8)).toEqual({ at: { x: 100, y: 0 }, on: 'end' });
    expect(snap({ x: 40, y: -6 }, ways, 8)).toEqual({ at: { x: 40, y: 0 }, on: 'way' });
    expect(snap({ x: 40, y: -9 }, ways, 8)).toEqual({ at: { x: 40, y: -9 }, on: null });
  });

  it('goes straight on from the one before, unless it is plainly meant otherwise', () => {
    const at = (x: number, y: number) => snap({ x, y }, [], 8, { x: 0, y: 50 }).at;
    expect(at(200, 53).y).toBeCloseTo(50, 9);
    expect(at(103, 150)).toEqual({ x: jasmine.any(Number), y: jasmine.any(Number) });
    expect(at(103, 150).x).toBeCloseTo(at(103, 150).y - 50, 9);
    expect(at(200, 90)).toEqual({ x: 200, y: 90 });
  });
});
