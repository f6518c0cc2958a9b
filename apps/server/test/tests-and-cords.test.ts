import pg from 'pg';
import { v7 } from 'uuid';
import { CSV, call, freshDatabase, schedule, startServer, type TestServer } from './server';

const darkPair = (...lit: number[]) => ({
  tester: 'pair-lamps',
  steps: [{ step: 'all', lit: lit.map((pair) => `pair ${pair}`), dim: [] }],
});

describe('Tests of every class', () => {
  let server: TestServer;
  let links: { readonly id: string }[];
  beforeAll(async () => {
    server = await startServer();
    const { body: site } = await server.call('POST', '/api/sites', {
      name: 'Berth 4',
      defaultScheme: 'T568B',
    });
    const path = `/api/sites/${site.id}/links`;
    await server.call('POST', `${path}/import`, schedule(3), CSV);
    const { body } = await server.call('GET', path);
    links = body.links;
  });
  afterAll(() => server.stop());

  it('are kept, judged, and count for the link', async () => {
    const link = links[0]?.id ?? '';
    const path = `/api/links/${link}/tests`;
    const good = await server.call('POST', path, { reading: darkPair(1, 2, 3, 4) });
    expect(good.status).toBe(201);
    expect(good.body.verdict).toBe('as-expected');
    expect(good.body.missed).toContain('rollover');
    const state = async () => (await server.call('GET', `/api/links/${link}`)).body;
    expect((await state()).state).toBe('unproven');
    expect((await state()).next.sentence).toMatch(/^No test has ruled out shorts, /);
    const dark = await server.call('POST', path, { reading: darkPair(1, 3, 4) });
    expect(dark.body.verdict).toBe('differs');
    expect((await state()).state).toBe('fail');
    const { body } = await server.call('GET', path);
    expect(body.tests.length).toBe(2);
    const { body: record } = await server.call('GET', `/api/links/${link}/record`);
    expect(record.tests.map((row: { verdict: string }) => row.verdict)).toEqual([
      'as-expected',
      'differs',
    ]);
    const pdf = await server.call('GET', `/api/links/${link}/record.pdf`);
    expect(pdf.text.startsWith('%PDF')).toBeTrue();
  });

  it('are kept once when they are sent twice; another one with the same id is refused', async () => {
    const link = links[1]?.id ?? '';
    const path = `/api/links/${link}/tests`;
    const id = v7();
    const before = (await server.call('GET', path)).body.tests.length as number;
    const body = { id, reading: darkPair(1, 2) };
    expect((await server.call('POST', path, body)).status).toBe(201);
    expect((await server.call('POST', path, body)).status).toBe(201);
    expect((await server.call('POST', path, { id, reading: darkPair(3) })).status).toBe(409);
    expect((await server.call('GET', path)).body.tests.length).toBe(before + 1);
  });

  it('refuses contacts that the link has not, and whole wire maps', async () => {
    const link = links[2]?.id ?? '';
    const path = `/api/links/${link}/tests`;
    const beep = { tester: 'beeper', from: 'near 9', to: 'far 1', beeps: false };
    const strange = await server.call('POST', path, { reading: beep });
    expect(strange.status).toBe(422);
    expect(strange.body.errors[0].path).toBe('reading.from');
    const map = await server.call('POST', path, { reading: { tester: 'pairing', nets: [] } });
    expect(map.status).toBe(422);
    const moved = { tester: 'pairing', nets: [], moved: 'far' };
    expect((await server.call('POST', path, { reading: moved })).body.verdict).toBe('differs');
  });
});

describe('Testers of one’s own', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await startServer();
  });
  afterAll(() => server.stop());
  const parts = { supplyV: 9, seriesOhm: 470, lampV: 1.9 };

  it('are kept once by their id, offered, and put away', async () => {
    const id = v7();
    const steps = 'all: lamp A near 1, - near 2, join far 1 far 2';
    const body = { id, name: 'Old box', steps, ...parts };
    expect((await server.call('POST', '/api/testers', body)).status).toBe(201);
    expect((await server.call('POST', '/api/testers', body)).status).toBe(201);
    const list = async () => (await server.call('GET', '/api/testers')).body.testers;
    expect((await list()).length).toBe(1);
    expect((await server.call('DELETE', `/api/testers/${id}?version=1`)).status).toBe(204);
    expect((await list())[0].away).toBeTrue();
    expect((await server.call('DELETE', `/api/testers/${v7()}?version=1`)).status).toBe(404);
  });

  it('that can’t be read are refused, with the line', async () => {
    const { status, body } = await server.call('POST', '/api/testers', {
      name: 'Odd',
      steps: 'all: lamp A near 1\ntwo: glow near 2',
      ...parts,
    });
    expect(status).toBe(422);
    expect(body.errors[0].path).toBe('steps');
    expect(body.errors[0].reason).toContain('line 2: ‘glow near 2’ can’t be read');
  });
});

describe('Batches of cords', () => {
  let server: TestServer;
  let databaseUrl: string;
  let site: string;
  const start = () => startServer({ databaseUrl });
  const ask = (method: string, path: string, body?: unknown) =>
    call(server.url, method, path, body);
  beforeAll(async () => {
    databaseUrl = await freshDatabase();
    server = await start();
    site = (await ask('POST', '/api/sites', { name: 'Berth 4', defaultScheme: 'T568B' })).body.id;
  });
  afterAll(() => server.stop());
  const plug = { connector: 'plug-8p8c' };
  const cord = { near: plug, far: plug, cable: 'cat6-uutp-stranded', lengthM: 2 };
  const begin = (rest: object = {}) =>
    ask('POST', `/api/sites/${site}/cords`, {
      name: 'Kiosk cords',
      cord,
      tester: 'pair-lamps',
      ...rest,
    });

  it('count by label; a restart of the server loses none; CSV and PDF tell who and what is unseen', async () => {
    const { body: batch } = await begin();
    const path = `/api/cords/${batch.id}`;
    const fact = (label: string, rest: object) =>
      ask('POST', `${path}/facts`, { label, tester: 'pair-lamps', author: 'tech 1', ...rest });
    for (const label of ['SP-001', 'SP-002'])
      expect((await fact(label, { verdict: 'pass' })).status).toBe(201);
    const slip = await fact('SP-003', { verdict: 'pass' });
    const dark = await fact('SP-004', { verdict: 'fail', reading: darkPair(1, 2, 4) });
    expect(dark.body.summary).toBe('Pair lamps: pair 3 dark.');
    await ask('POST', `/api/facts/${slip.body.id as string}/void`, { reason: 'Read on SP-004.' });
    expect((await ask('GET', `${path}/voids`)).body.voided[0].of).toBe(slip.body.id);
    await server.stop();
    server = await start();
    const { body: sheet } = await ask('GET', `${path}/sheet`);
    expect(sheet.rows.map((row: { label: string }) => row.label)).toEqual([
      'SP-001',
      'SP-002',
      'SP-004',
    ]);
    expect([sheet.passed, sheet.failed]).toEqual([2, 1]);
    expect(sheet.blindTo).toContain('split pairs');
    expect(sheet.blindTo).not.toContain('opens');
    const csv = await ask('GET', `${path}/sheet.csv`);
    expect(csv.text.split('\r\n')[0]).toBe('label,result,shown,at,by,tester,times tested');
    expect(csv.text).toContain('SP-004,fail,');
    const pdf = await ask('GET', `${path}/sheet.pdf`);
    expect(pdf.type).toContain('application/pdf');
    const list = await ask('GET', `/api/sites/${site}/cords`);
    const counted = (list.body.batches as { id: string }[]).find(({ id }) => id === batch.id);
    expect(counted).toEqual(jasmine.objectContaining({ passed: 2, failed: 1 }));
  });

  it('refuse a pass that shows a fault, a tester that does not fit, and unknown parts', async () => {
    const { body: batch } = await begin();
    const lying = await ask('POST', `/api/cords/${batch.id}/facts`, {
      label: 'X',
      tester: 'pair-lamps',
      verdict: 'pass',
      reading: darkPair(1),
    });
    expect(lying.status).toBe(422);
    expect(lying.body.errors[0]).toEqual({ path: 'verdict', reason: 'the reading shows a fault' });
    expect((await begin({ tester: 'coax-trio' })).status).toBe(422);
    expect((await begin({ cord: { ...cord, cable: 'no-such' } })).body.errors[0].path).toBe(
      'cable',
    );
    expect((await ask('GET', `/api/cords/${v7()}/facts`)).status).toBe(404);
  });

  it('are facts: the database refuses to change them', async () => {
    const client = new pg.Client({ connectionString: databaseUrl });
    await client.connect();
    await expectAsync(client.query(`update cord_facts set label = 'x'`)).toBeRejected();
    await expectAsync(client.query('delete from tests')).toBeRejected();
    await client.end();
  });
});
