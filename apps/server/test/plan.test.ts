import { startServer, type TestServer } from './server';

describe('Plan over HTTP', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await startServer();
  });
  afterAll(() => server.stop());
  const post = (path: string, body: unknown) => server.call('POST', path, body);

  it('cuts runs from the reels that are there, buys what is missing, and says what it costs', async () => {
    const { status, body } = await post('/api/plan/cut', {
      runs: [
        { id: 'Z1', lengthM: 62 },
        { id: 'Z2', lengthM: 48 },
        { id: 'Łódź', lengthM: 55 },
        { id: 'far pier', lengthM: 317 },
      ],
      reels: [{ id: 'half a box', lengthM: 120 }],
      slackM: 2,
      leastRestM: 20,
      buy: { lengthM: 305, price: 98.5 },
    });
    expect(status).toBe(200);
    expect(body.unplaced).toEqual(['far pier']);
    expect([body.buy, body.price, body.wasteM, body.boundWasteM]).toEqual([1, 98.5, 0, 0]);
    expect(body.proven).toBeTrue();
    const cut = body.cuts.find(({ run }: { run: string }) => run === 'Łódź');
    expect(cut.toM - cut.fromM).toBeCloseTo(57, 9);
  });

  it('refuses two runs of one name, and a run of no length', async () => {
    const { status, body } = await post('/api/plan/cut', {
      runs: [
        { id: 'Z1', lengthM: 62 },
        { id: 'Z1', lengthM: 0 },
      ],
      reels: [],
    });
    expect(status).toBe(422);
    const paths = body.errors.map(({ path }: { path: string }) => path);
    expect(paths).toContain('runs.1.lengthM');
  });

  it('plans a day for two by name, tests that take both together', async () => {
    const { status, body } = await post('/api/plan/day', {
      places: ['van', 'C1', 'pier'],
      walkMinutes: [
        [0, 2, 9],
        [2, 0, 8],
        [9, 8, 0],
      ],
      visits: [
        { id: 'panel', place: 'C1', minutes: 40, tools: ['punch'] },
        { id: 'camera', place: 'pier', minutes: 30 },
        { id: 'map the wires', place: 'C1', minutes: 10, people: 2, after: ['panel', 'camera'] },
      ],
      people: ['Ines', 'Tomasz'],
      startPlace: 'van',
    });
    expect(status).toBe(200);
    const both = body.order.filter(({ visit }: { visit: string }) => visit === 'map the wires');
    expect(both.map(({ person }: { person: string }) => person).sort()).toEqual(['Ines', 'Tomasz']);
    // Out to the pier 9, 30 there, back 8; the panel is long done: 47, and 10 together.
    expect(body.totalMinutes).toBeCloseTo(57, 9);
    expect(body.boundMinutes).toBeLessThanOrEqual(57);
    const panel = body.order.find(({ visit }: { visit: string }) => visit === 'panel');
    expect([panel.place, panel.tools]).toEqual(['C1', ['punch']]);
  });

  it('plans round times that places are open, and one tool for two', async () => {
    const visit = (id: string, more: object) => ({ id, place: 'van', minutes: 20, ...more });
    const { status, body } = await post('/api/plan/day', {
      places: ['van'],
      walkMinutes: [[0]],
      visits: [
        visit('mast', { open: [{ fromMinute: 30, toMinute: 60 }], tools: ['splicer'] }),
        visit('quay', { tools: ['splicer'] }),
        visit('late', { open: [{ fromMinute: 0, toMinute: 10 }] }),
      ],
      people: ['Ines', 'Tomasz'],
      startPlace: 'van',
      onlyOne: ['splicer'],
    });
    expect(status).toBe(200);
    const stopOf = (id: string) =>
      body.order.find(({ visit: of }: { visit: string }) => of === id) ?? {};
    expect(stopOf('mast').startMinute).toBe(30);
    expect(stopOf('mast').person).toBe(stopOf('quay').person);
    expect([body.outside, body.totalMinutes, stopOf('quay').walkMinutes]).toEqual([
      ['late'],
      50,
      0,
    ]);
  });

  it('says what keeps a day from being planned', async () => {
    const day = {
      places: ['van'],
      walkMinutes: [[0]],
      visits: [
        { id: 'a', place: 'van', minutes: 5, after: ['b'] },
        { id: 'b', place: 'van', minutes: 5, after: ['a'] },
      ],
      startPlace: 'van',
    };
    const refused = async (change: object) => {
      const { status, body } = await post('/api/plan/day', { ...day, ...change });
      expect(status).toBe(422);
      return body.errors[0];
    };
    expect(await refused({})).toEqual({ path: 'visits', reason: 'wait for each other: a, b' });
    expect((await refused({ startPlace: 'loft' })).path).toBe('places');
    expect((await refused({ walkMinutes: [] })).path).toBe('walkMinutes');
    const two = { id: 'a', place: 'van', minutes: 5, people: 2 };
    expect((await refused({ visits: [two] })).reason).toBe('are too few: a take two');
  });

  it('brings spares in whole packs by this crew’s own rate', async () => {
    const { status, body } = await post('/api/plan/spares', {
      parts: [{ id: 'plug', needed: 48, made: 200, failed: 12, pack: 10 }],
      service: 0.95,
    });
    expect(status).toBe(200);
    const [{ bring, packs, rate }] = body.parts;
    expect([bring, packs]).toEqual([60, 6]);
    expect(rate.value).toBeCloseTo(13 / 220, 9);
    const wrong = await post('/api/plan/spares', {
      parts: [{ id: 'plug', needed: 1, made: 2, failed: 3 }],
    });
    expect(wrong.status).toBe(422);
  });

  it('tells made from bought, the failure rate as a number or with how well it is known', async () => {
    const ask = (failureRate: unknown) =>
      post('/api/plan/make-or-buy', {
        count: 24,
        make: { parts: [{ price: 0.9, count: 2 }], tools: [{ price: 18, uses: 900 }], failureRate },
        buy: { price: 4 },
      });
    const plain = (await ask(0.1)).body;
    expect(plain.madeEach.value).toBeCloseTo(1.82 / 0.9, 9);
    expect([plain.boughtEach, plain.breakEvenCount]).toEqual([4, 9]);
    const unsure = (await ask({ value: 0.1, u: 0.05 })).body;
    expect(unsure.madeEach.u).toBeGreaterThan(plain.madeEach.u);
  });

  it('takes lengths from a drawing, the ways that each lies in and how full that makes them', async () => {
    const drawing = {
      scale: { from: { x: 0, y: 0 }, to: { x: 400, y: 0 }, metres: 20 },
      ways: [
        {
          id: 'tray',
          areaMm2: 1000,
          points: [
            { x: 0, y: 100, heightM: 3 },
            { x: 600, y: 100, heightM: 3 },
          ],
        },
      ],
      places: [
        { id: 'C1', x: 20, y: 80, heightM: 1 },
        { id: 'Kiosk', x: 420, y: 140, heightM: 0.5 },
      ],
      runs: [{ id: 'Z1', from: 'C1', to: 'Kiosk', diameterMm: 6.2 }],
      slackM: 0.5,
    };
    const { status, body } = await post('/api/plan/lengths', drawing);
    expect(status).toBe(200);
    // 1 across and 2 up, 20 along, 2 across and 2.5 down, and half a metre at each end.
    expect(body.runs).toEqual([
      jasmine.objectContaining({ id: 'Z1', lengthM: jasmine.any(Number), by: ['tray'] }),
    ]);
    // Where it goes is told in straight pieces, in metres.
    expect(body.runs[0].legs.map((leg: { way: string | null }) => leg.way)).toEqual([
      null,
      null,
      'tray',
      null,
      null,
    ]);
    expect(body.runs[0].legs.at(-1)).toEqual({
      from: { x: 21, y: 7, heightM: 3 },
      to: { x: 21, y: 7, heightM: 0.5 },
      atM: 25,
      way: null,
    });
    expect(body.runs[0].lengthM).toBeCloseTo(28.5, 9);
    expect(body.ways[0].fill).toBeCloseTo((Math.PI * 3.1 ** 2) / 1000, 9);
    const lost = await post('/api/plan/lengths', {
      ...drawing,
      runs: [{ id: 'Z2', from: 'C1', to: 'mast' }],
    });
    expect(lost.status).toBe(422);
    expect(lost.body.errors[0].reason).toBe('lead from or to mast, which is no place: Z2');
  });

  it('cuts what a site has not pulled yet, each cable from its own reels', async () => {
    const site = (await server.call('POST', '/api/sites', { name: 'Slip 2' })).body.id;
    const made: string[] = [];
    const end = (connector: string, place: string) => ({ place, connector, scheme: 'T568B' });
    for (const [label, cable, connector, lengthM] of [
      ['K1', 'cat6-uutp-solid', 'keystone-punch-down', 60],
      ['K2', 'cat6-uutp-solid', 'keystone-punch-down', 70],
      ['K3', 'cat6-uutp-solid', 'keystone-punch-down', null],
      ['TV1', 'rg-6', 'f-compression-rg-6', 40],
    ] as const) {
      const { status, body } = await server.call('POST', `/api/sites/${site}/links`, {
        label,
        cable,
        lengthM,
        near: end(connector, 'C1'),
        far: end(connector, 'Kiosk'),
      });
      expect(status).toBe(201);
      made.push(body.id);
    }
    const ask = async (body: object) =>
      (await post(`/api/sites/${site}/plan/cut`, { slackM: 2, boxM: 305, ...body })).body.cables;
    const reels = [{ id: 'begun', cable: 'cat6-uutp-solid', lengthM: 140 }];
    const [data, coax] = await ask({ reels });
    expect([data.runs, data.unknown, data.plan.buy]).toEqual([2, 1, 0]);
    expect(data.plan.cuts.map(({ reel }: { reel: string }) => reel)).toEqual(['begun', 'begun']);
    expect(data.plan.wasteM).toBeCloseTo(6, 9);
    expect([coax.cable, coax.plan.buy, coax.plan.cuts[0].reel]).toEqual(['rg-6', 1, 'buy-1']);
    expect(coax.plan.cuts[0].run).toBe(made[3]);
    const boxes = [{ cable: 'rg-6', lengthM: 50 }];
    const [, small] = await ask({ reels, boxes });
    expect([small.plan.buy, small.plan.cuts[0].toM, small.plan.wasteM]).toEqual([1, 42, 8]);
    // Whose end is begun is pulled.
    await server.call('POST', `/api/links/${made[0] ?? ''}/ticks`, {
      end: 'near',
      key: 'cut-square',
      at: '2026-05-04T08:00:00Z',
      author: 'tech 1',
    });
    const [left] = await ask({ reels });
    expect(left.plan.cuts.map(({ run }: { run: string }) => run)).toEqual([made[1]]);
    const lost = await post('/api/sites/01a00000-0000-7000-8000-000000000000/plan/cut', {});
    expect(lost.status).toBe(404);
  });

  it('brings spares by how often an end was made again at a site, and by whom', async () => {
    const site = (await server.call('POST', '/api/sites', { name: 'Slip 3' })).body.id;
    const end = (place: string) => ({ place, connector: 'plug-8p8c', scheme: 'T568B' });
    const made: string[] = [];
    for (let n = 0; n < 6; n += 1) {
      const { body } = await server.call('POST', `/api/sites/${site}/links`, {
        label: `P${n}`,
        cable: 'cat6-uutp-solid',
        near: end('C1'),
        far: end('Kiosk'),
      });
      made.push(body.id);
    }
    const ask = async (query = '') =>
      (await server.call('GET', `/api/sites/${site}/plan/spares${query}`)).body.parts;
    const [before] = await ask();
    expect([before.connector, before.needed, before.made, before.failed]).toEqual([
      'plug-8p8c',
      12,
      0,
      0,
    ]);
    expect(before.bring).toBeGreaterThan(12);
    expect(before.rate.value).toBeCloseTo(0.05, 2);
    const tick = (link: string, at: number, more: object) =>
      server.call('POST', `/api/links/${link}/ticks`, {
        end: 'far',
        key: 'crimp',
        at: new Date(Date.UTC(2026, 4, 4, 8, at)).toISOString(),
        ...more,
      });
    for (const [n, link] of made.slice(0, 4).entries()) {
      await tick(link, 10 * n, { author: 'tech 1' });
      await tick(link, 10 * n + 1, { author: 'tech 1', done: false, cause: 'test' });
      await tick(link, 10 * n + 2, { author: 'tech 1' });
    }
    const [after] = await ask();
    expect([after.made, after.failed]).toEqual([8, 4]);
    expect(after.bring).toBeGreaterThan(before.bring);
    const [other] = await ask('?author=tech%202');
    expect([other.made, other.failed, other.bring]).toEqual([0, 0, before.bring]);
    const [sure] = await ask('?service=0.5');
    expect(sure.bring).toBeLessThan(after.bring);
    // Where the price list has them in packs, whole ones are brought.
    const csv = 'part,price,pack,currency\nplug-8p8c,32,50,EUR\n';
    expect((await server.call('POST', '/api/price-list', { csv })).status).toBe(200);
    const [packed] = await ask();
    expect([packed.pack, packed.packs, packed.bring]).toEqual([50, 1, 50]);
  });
});
