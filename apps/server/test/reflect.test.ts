import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { startServer, type TestServer } from './server';

interface Truth {
  readonly file: string;
  readonly query: string;
  readonly kind: string;
  /** Where, how near, which kinds would be right, and whether it is the end. */
  readonly events: readonly (readonly [
    atM: number,
    withinM: number,
    kinds: readonly string[],
    end: boolean,
  ])[];
  /** Where a section may also show its own end. */
  readonly also?: readonly [number, number];
}

const COAX = 'impedanceOhm=50&sourceOhm=50&scopeOhm=1e6';
const PULSE = '&pulseWidthS=5e-9&riseS=1e-9';
const STEP = '&riseS=1e-9';
const CUT = '&riseS=0.7e-9&velocityFactor=0.7414';
const SLOW = '&velocityFactor=0.66';

/** Captures made by other simulators than ours, and what is on their lines. */
const TRUTHS: readonly Truth[] = [
  {
    file: 'pair-splice-step.csv',
    query: `impedanceOhm=100&sourceOhm=50&scopeOhm=1e6&velocityFactor=0.69${STEP}`,
    kind: 'step',
    events: [
      [17.2, 0.6, ['rise'], false],
      [63.38, 1.2, ['open'], true],
    ],
    also: [16.6, 18.1],
  },
  {
    // As a person tells it who knows the cable and not the edge.
    file: 'pair-splice-step.csv',
    query: `cable=cat6-uutp-solid&sourceOhm=50&scopeOhm=1e6&velocityFactor=0.69`,
    kind: 'step',
    events: [
      [17.2, 0.6, ['rise'], false],
      [63.38, 1.2, ['open'], true],
    ],
    also: [16.6, 18.1],
  },
  {
    file: 'coax-150-ohm-end.s1p',
    query: `impedanceOhm=50${SLOW}`,
    kind: 'one-port',
    events: [[14.2, 0.2, ['rise'], true]],
  },
  {
    file: 'coax-open-50-ohm-scope.csv',
    query: `impedanceOhm=50&sourceOhm=50${SLOW}${PULSE}`,
    kind: 'pulse',
    events: [[18.9, 0.25, ['open'], true]],
  },
  {
    file: 'series-resistance-then-short-step.csv',
    query: COAX + SLOW + STEP,
    kind: 'step',
    events: [
      [8.6, 0.2, ['series'], false],
      [21.3, 0.2, ['short'], true],
    ],
  },
  {
    file: 'coax-through.s2p',
    query: `impedanceOhm=50${SLOW}`,
    kind: 'two-port',
    events: [[25.3, 0.4, ['matched'], true]],
  },
  { file: 'record-too-short.csv', query: COAX + SLOW + PULSE, kind: 'pulse', events: [] },
  { file: 'matched-end.csv', query: COAX + SLOW + PULSE, kind: 'pulse', events: [] },
  {
    file: 'cut-from-near.csv',
    query: COAX + CUT,
    kind: 'step',
    events: [[12.35, 0.15, ['open'], true]],
  },
  {
    file: 'cut-from-far.csv',
    query: COAX + CUT,
    kind: 'step',
    events: [[18.15, 0.15, ['open'], true]],
  },
  {
    file: 'broken-truncated.csv',
    query: `impedanceOhm=50${SLOW}`,
    kind: 'pulse',
    events: [[12.8, 0.25, ['open'], true]],
  },
];

interface Told {
  readonly kind: string;
  readonly end: boolean;
  readonly sum: string;
  readonly distanceM: { readonly value: number; readonly u: number };
  readonly delayS: { readonly value: number; readonly u: number };
}

const packed = (file: string) => readFileSync(new URL(`./captures/${file}.gz`, import.meta.url));
const plain = (file: string) => gunzipSync(packed(file));

describe('Reflect over HTTP', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await startServer();
  });
  afterAll(() => server.stop());

  const post = (path: string, body: unknown) => server.call('POST', `/api/reflect/${path}`, body);
  const analyse = async (file: string, query: string, bytes: Uint8Array, type: string) => {
    const path = `/api/reflect/analyse?name=${file}&${query}`;
    const ask = () => server.call('POST', path, bytes, { 'content-type': type });
    const first = await ask();
    // A busy server says to come again, and a client does.
    return first.status === 503 ? ask() : first;
  };

  for (const { file, query, kind, events, also } of TRUTHS)
    it(`tells what is on the line of ${file}, told ${query}`, async () => {
      const { status, body } = await analyse(file, query, packed(file), 'application/gzip');
      expect(status).toBe(200);
      expect(body.capture.kind).toBe(kind);
      // Along the line, of all but pulses.
      expect(body.impedance === null).toBe(kind === 'pulse');
      const told = (body.events as Told[]).filter((event) => event.kind !== 'ghost');
      for (const [atM, withinM, kinds, end] of events) {
        const near = told.filter((event) => Math.abs(event.distanceM.value - atM) < withinM);
        expect(near.map((event) => event.kind).some((one) => kinds.includes(one)))
          .withContext(`${kinds.join()} at ${atM}: ${JSON.stringify(told)}`)
          .toBeTrue();
        expect(near.some((event) => event.end)).toBe(end);
      }
      const places = [
        ...events.map(([atM, withinM]) => [atM - withinM, atM + withinM] as const),
        ...(also ? [also] : []),
      ];
      const invented = told.filter(({ distanceM }) =>
        places.every(([from, to]) => distanceM.value < from || distanceM.value > to),
      );
      expect(invented).toEqual([]);
      // Longer than the server itself goes on with one capture, twice: how fast it is, is no matter of this.
    }, 300_000);

  it('finds one cut from both ends, and the velocity factor with it', async () => {
    const traces: Told[][] = [];
    for (const file of ['cut-from-near.csv', 'cut-from-far.csv']) {
      const { body } = await analyse(file, `${COAX}&riseS=0.7e-9`, plain(file), 'text/csv');
      traces.push(body.events as Told[]);
    }
    const { body } = await post('two-ends', {
      lengthM: { value: 30.5, u: 0.05 },
      nearS: traces[0]?.[0]?.delayS,
      farS: traces[1]?.[0]?.delayS,
    });
    expect(Math.abs(body.placeM.value - 12.35)).toBeLessThan(0.15);
    expect(Math.abs(body.velocityFactor.value - 0.7414)).toBeLessThan(0.006);
    // The traces' own events are enough; no velocity factor is known.
    const [near, far] = traces;
    const { body: paired } = await post('pair-ends', {
      near,
      far,
      lengthM: { value: 30.5, u: 0.05 },
    });
    expect(paired.pairs.length).toBe(1);
    expect(Math.abs(paired.pairs[0].placeM.value - 12.35)).toBeLessThan(0.15);
    expect(paired.pairs[0].near.kind).toBe('open');
  }, 60_000);

  it('answers what is quick while something else takes long', async () => {
    const order: string[] = [];
    const ask = async (file: string, told: string) => {
      await analyse(file, told, plain(file), 'text/csv');
      order.push(file);
    };
    const slow = ask('pair-splice-step.csv', `impedanceOhm=100&sourceOhm=50&scopeOhm=1e6${STEP}`);
    await Promise.all([slow, ask('cut-from-near.csv', COAX + CUT)]);
    expect(order).toEqual(['cut-from-near.csv', 'pair-splice-step.csv']);
  }, 90_000);

  it('says how far a record reaches in which nothing comes back', async () => {
    const { body } = await analyse(
      'record-too-short.csv',
      COAX + SLOW + PULSE,
      plain('record-too-short.csv'),
      'text/plain',
    );
    const { sentence } = body.problems.find(
      (problem: { kind: string }) => problem.kind === 'nothing-comes-back',
    );
    expect(sentence).toContain('39.6 m');
    expect(body.rangeM).toBeCloseTo(39.6, 0);
  });

  it('tells what is seen at once, and what became of it', async () => {
    const file = 'coax-open-50-ohm-scope.csv';
    const query = COAX.replace('1e6', '50') + SLOW + PULSE;
    const { body } = await analyse(file, query, plain(file), 'text/csv');
    const [first] = body.firstLook.places;
    expect(first.kind).toBe('rise');
    expect(Math.abs(first.distanceM.value - 18.9)).toBeLessThan(2 * first.distanceM.u);
    expect(body.firstLook.changed[0]).toMatch(/seen at first look/);
  });

  it('tells what is seen of a capture that can’t be analysed, too', async () => {
    // A range that takes half of the launch still has room for what comes back of it.
    const file = 'coax-open-50-ohm-scope.csv';
    const row = /^(-?[\d.e+-]+),(-?[\d.e+-]+)/gim;
    const text = plain(file)
      .toString('utf8')
      .replace(row, (_, atS: string, volts: string) => `${atS},${Math.min(Number(volts), 0.6)}`);
    const query = COAX.replace('1e6', '50') + SLOW + PULSE;
    const { status, body } = await analyse(file, query, Buffer.from(text), 'text/csv');
    expect([status, body.reason]).toEqual([422, jasmine.stringMatching(/cut off/)]);
    const [first] = body.firstLook;
    expect(Math.abs(first.distanceM.value - 18.9)).toBeLessThan(2 * first.distanceM.u);
  });

  it('writes the sum out and takes JSON with the file in it', async () => {
    const text = plain('cut-from-near.csv').toString('utf8');
    const { status, body } = await post('analyse', {
      file: { name: 'cut.csv', text },
      options: { velocityFactor: 0.7414, impedanceOhm: 50, riseS: 0.7e-9 },
    });
    expect(status).toBe(200);
    const [event] = body.events as Told[];
    expect(event?.sum).toMatch(/^0\.7414 × 299 792 458 m\/s × 11[01]\.\d\d ns \/ 2 = 12\.3\d m$/);
  });

  it('lays two traces over each other, and tells what has changed', async () => {
    const taken = async (lengthM: number, seed: number, ohm: number | null) => {
      const half = { lengthM: 12, velocityFactor: 0.7, impedanceOhm: 100, loss: { a1: 1.9 } };
      const { body } = await post('simulate', {
        segments: [half, { ...half, lengthM: lengthM - 12 }],
        joints: ohm === null ? [] : [{ kind: 'series', ohm }],
        probe: {
          kind: 'step',
          riseS: 1e-9,
          sourceOhm: 100,
          intervalS: 2e-10,
          samples: 2500,
        },
        noise: 0.003,
        seed,
      });
      return {
        name: 'x.json',
        text: JSON.stringify({ format: 'near-spoke-trace', scopeOhm: 1e6, ...body.trace }),
      };
    };
    const before = await taken(30, 1, null);
    const backS = (metres: number) => (2 * metres) / (0.7 * 299_792_458);
    const ask = (now: unknown, echoes: unknown = []) =>
      post('since', { before, now, velocityFactor: { value: 0.7, u: 0.007 }, echoes });
    const { body: moved } = await ask(await taken(30.026, 2, null), [
      { wasS: backS(30), isS: backS(30.03) },
    ]);
    const [shift] = moved.shifts;
    expect(Math.abs(shift.value - backS(0.026))).toBeLessThan(3 * shift.u);
    expect(shift.u).toBeLessThan(backS(0.003));
    const { body: joined } = await ask(await taken(30, 3, 6));
    expect(joined.changed[0].kind).toBe('rise');
    expect(joined.changed[0].distanceM.value).toBeCloseTo(12, 0);
    expect(joined.sentence).toContain('leaves something at 1');
    const { body: same } = await ask(await taken(30, 4, null));
    expect([same.alike, same.changed]).toEqual([true, []]);
  }, 60_000);

  it('takes what is between the conductors for a velocity factor', async () => {
    const file = 'cut-from-near.csv';
    const told = `${COAX}&riseS=0.7e-9&dielectric=foam-polyethylene`;
    const { body } = await analyse(file, told, plain(file), 'text/csv');
    expect(body.velocityFactor).toEqual({ value: 0.82, u: 0.025 });
    expect(body.problems.map(({ kind }: { kind: string }) => kind)).not.toContain(
      'velocity-assumed',
    );
  });

  it('refuses what can’t be used, with the line and the reason', async () => {
    const odd = await analyse(
      'broken-odd-columns.s1p',
      '',
      plain('broken-odd-columns.s1p'),
      'text/plain',
    );
    expect([odd.status, odd.body.line]).toEqual([422, 4]);
    const text = plain('matched-end.csv').toString('utf8').split('\n');
    const torn = text.with(100, '-1,75e-08;oops').join('\n');
    const answer = await analyse('a.csv', '', Buffer.from(torn), 'text/csv');
    expect([answer.status, answer.body.line]).toEqual([422, 101]);
    expect(answer.body.reason).toContain('oops');
    for (const empty of ['', 'time,volts\n', '1,2\n', '{}', 'no numbers here'])
      expect((await analyse('a.csv', '', Buffer.from(empty), 'text/csv')).status).toBe(422);
    const broken = packed('matched-end.csv').subarray(0, 900);
    expect((await analyse('a.csv.gz', '', broken, 'application/gzip')).status).toBe(422);
  });

  it('simulates what it then finds again', async () => {
    const simulated = await post('simulate', {
      segments: [
        { lengthM: 22.4, velocityFactor: 0.7, impedanceOhm: 100, loss: { a1: 1.9 } },
        { lengthM: 3.1, velocityFactor: 0.6, impedanceOhm: 80, loss: { a1: 2.5 } },
        { lengthM: 20, velocityFactor: 0.7, impedanceOhm: 100, loss: { a1: 1.9 } },
      ],
      termination: { kind: 'short' },
      probe: {
        kind: 'step',
        riseS: 1e-9,
        sourceOhm: 100,
        intervalS: 4e-10,
        samples: 2500,
      },
      noise: 0.003,
    });
    expect(simulated.status).toBe(200);
    const { trace } = simulated.body;
    const { body } = await post('analyse', {
      file: {
        name: 'water.json',
        text: JSON.stringify({ format: 'near-spoke-trace', scopeOhm: 1e6, ...trace }),
      },
      options: { velocityFactor: 0.7, impedanceOhm: 100, sourceOhm: 100, riseS: 1e-9 },
    });
    const told = (body.events as Told[]).filter(({ kind }) => kind !== 'ghost');
    expect(told.map(({ kind }) => kind)).toEqual(['drop', 'rise', 'short']);
    expect(told[0]?.distanceM.value).toBeCloseTo(22.4, 0);
  }, 60_000);

  it('works out velocity factors, places, set-ups and reels', async () => {
    const velocity = await post('velocity-factor', {
      known: [10, 30, 50].map((value) => ({
        lengthM: { value, u: 0.02 },
        delayS: { value: 4e-9 + (2 * value) / (0.7 * 299_792_458), u: 1e-10 },
      })),
    });
    expect(velocity.body.velocityFactor.value).toBeCloseTo(0.7, 6);
    expect(velocity.body.leadsS.value).toBeCloseTo(4e-9, 12);
    const place = await post('locate', {
      distanceM: { value: 17.2, u: 0.4 },
      delayShareM: 0.05,
      route: [
        { name: 'tray A', atM: 10 },
        { name: 'waiting room', atM: { value: 20, u: 0.1 } },
      ],
    });
    expect(place.body.sentence).toContain('between tray A and waiting room');
    expect(place.body.better.measure).toBe('known-length');
    const german = await post('locate?language=de', {
      distanceM: { value: 17.2, u: 0.4 },
      route: [{ name: 'tray A', atM: 10 }],
      units: 'imperial',
    });
    expect(german.body.sentence).toContain('Es liegt hinter tray A, 23,62 ft davon');
    const setup = await post('setup', { cable: 'cat6-uutp-solid', lengthM: 60, pulserOhm: 50 });
    expect(setup.body.source.how).toBe('series');
    expect(setup.body.spanS).toBeGreaterThan((2 * 60) / (0.7 * 299_792_458));
    const reel = await post('reel', {
      delayS: { value: 400e-9, u: 1e-9 },
      velocityFactor: { value: 0.7, u: 0.01 },
      cableName: 'Cat 6',
      date: '2026-11-25',
    });
    expect(reel.body.atLeastM).toBeLessThan(reel.body.leftM.value);
    expect(reel.body.label).toContain('2026-11-25');
  });
});
