import {
  analyseQuery,
  analyseRequest,
  cableFactInput,
  locateRequest,
  pairEndsRequest,
  setupRequest,
  simulateRequest,
  simulationOf,
} from '.';

const paths = (parsed: { error?: { issues: readonly { path: readonly PropertyKey[] }[] } }) =>
  (parsed.error?.issues ?? []).map(({ path }) => path.join('.'));
const ID = '01900000-0000-7000-8000-000000000001';

describe('what an analysis is told', () => {
  it('is numbers although a query is all text, and pulse or step only by name', () => {
    const told = analyseQuery.parse({ velocityFactor: '0.66', riseS: '1e-9', name: '7.csv' });
    expect(told).toEqual({
      velocityFactor: 0.66,
      riseS: 1e-9,
      name: '7.csv',
      pulse: 'auto',
      units: 'metric',
      language: 'en',
    });
    expect(paths(analyseQuery.safeParse({ velocityFactor: 'fast' }))).toEqual(['velocityFactor']);
    expect(paths(analyseQuery.safeParse({ velocityFactor: '' }))).toEqual(['velocityFactor']);
    expect(paths(analyseQuery.safeParse({ velocityFactor: '1.2' }))).toEqual(['velocityFactor']);
    expect(paths(analyseQuery.safeParse({ pulse: 'both' }))).toEqual(['pulse']);
    expect(analyseQuery.safeParse({ speed: '3' }).success).toBeFalse();
    expect(analyseQuery.safeParse('text').success).toBeFalse();
  });

  it('may be nothing beside the file', () => {
    const { file, options } = analyseRequest.parse({ file: { text: 'x' } });
    expect(file.name).toBe('');
    expect(options.pulse).toBe('auto');
  });
});

describe('a simulation', () => {
  const segment = (lengthM: number) => ({ lengthM, velocityFactor: 0.7, impedanceOhm: 100 });
  const probe = { kind: 'step', riseS: 1e-9, intervalS: 0.2e-9, samples: 1000 };
  const asked = (more: object) =>
    simulateRequest.safeParse({ segments: [segment(10), segment(20), segment(5)], probe, ...more });

  it('fills up with plain joints what is not told of', () => {
    const parsed = asked({ joints: [{ kind: 'series', ohm: 25 }] });
    if (!parsed.success) throw parsed.error;
    const { joints, termination, segments } = simulationOf(parsed.data);
    expect(joints).toEqual([{ kind: 'series', ohm: 25 }, { kind: 'plain' }]);
    expect(termination).toEqual({ kind: 'open' });
    expect(segments[1]?.loss).toEqual({ a0: 0, a1: 0, a2: 0 });
  });

  it('has no more joints than lie between its segments, and sweeps upwards', () => {
    const plain = { kind: 'plain' };
    expect(paths(asked({ joints: [plain, plain, plain] }))).toEqual(['joints']);
    const sweep = (fromHz: number, toHz: number) =>
      asked({ probe: { kind: 'one-port', fromHz, toHz, points: 201 } });
    expect(paths(sweep(1e8, 1e6))).toEqual(['probe.toHz']);
    expect(sweep(1e6, 1e8).success).toBeTrue();
    expect(paths(asked({ termination: { kind: 'resistor' } }))).toEqual(['termination.ohm']);
    expect(paths(asked({ segments: [] }))).toContain('segments');
  });
});

describe('a place that is asked for', () => {
  it('has a route of plain distances or of uncertain ones, loops or none', () => {
    const { route } = locateRequest.parse({
      distanceM: { value: 12, u: 0.1 },
      route: [
        { name: 'Tray', atM: 3 },
        { name: 'Coil', atM: { value: 8, u: 0.5 }, extraM: 3 },
      ],
    });
    expect(route[0]).toEqual({ name: 'Tray', atM: { value: 3, u: 0.1 }, extraM: 0 });
    expect(route[1]?.extraM).toBe(3);
    expect(paths(locateRequest.safeParse({ distanceM: { value: 12 } }))).toEqual(['distanceM.u']);
  });

  it('from both ends takes events as an analysis gives them', () => {
    const event = {
      delayS: { value: 1e-7, u: 1e-10 },
      distanceM: { value: 10, u: 0.1 },
      kind: 'open',
      reflection: { value: 1, u: 0.01 },
      end: true,
      confidence: 0.99,
      ohm: null,
    };
    const parsed = pairEndsRequest.parse({
      near: [event],
      far: [event],
      lengthM: { value: 20, u: 0.1 },
    });
    expect(parsed.near[0]).toEqual({ delayS: event.delayS, kind: 'open', end: true });
    expect(parsed.velocityFactor.u).toBeGreaterThan(0.01);
  });

  it('wants a length to be set up for', () => {
    expect(paths(setupRequest.safeParse({ lengthM: 0 }))).toEqual(['lengthM']);
  });
});

describe('a fact about a cable', () => {
  const fact = (more: object) => cableFactInput.safeParse({ cable: 'cat6-uutp-solid', ...more });
  const place = {
    kind: 'place',
    event: 'open',
    distanceM: { value: 12, u: 0.1 },
    sentence: 'Open at 12 m.',
  };

  it('is of a link where it is a place, of a reel where it is what is left on one', () => {
    expect(paths(fact({ deed: place }))).toEqual(['linkId']);
    expect(fact({ deed: place, linkId: ID }).success).toBeTrue();
    const left = { kind: 'reel', leftM: { value: 80, u: 1 } };
    expect(paths(fact({ deed: left }))).toEqual(['reel']);
    expect(fact({ deed: left, reel: 'Reel 3' }).success).toBeTrue();
  });

  it('is a velocity factor that can be, told how', () => {
    const velocity = (value: number, how: string) => ({
      kind: 'velocity',
      velocityFactor: { value, u: 0.002 },
      how,
    });
    expect(fact({ deed: velocity(0.7, 'both-ends') }).success).toBeTrue();
    expect(paths(fact({ deed: velocity(1.1, 'one-length') }))).toEqual([
      'deed.velocityFactor.value',
    ]);
    expect(paths(fact({ deed: velocity(0.7, 'guess') }))).toEqual(['deed.how']);
  });
});
