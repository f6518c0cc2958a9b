import { v7 } from 'uuid';
import { CSV, HEAD, schedule, startServer, type Answer, type TestServer } from './server';

interface Page {
  readonly links: readonly { readonly id: string; readonly label: string }[];
  readonly next: string | null;
  readonly total: number;
}

const link = (label: string, rest = {}) => ({
  label,
  near: { place: 'C1/A/01', connector: 'keystone-punch-down', scheme: 'T568B' },
  far: { place: 'Kiosk 1', connector: 'plug-8p8c', scheme: 'T568B' },
  cable: 'cat6-uutp-solid',
  lengthM: 31.5,
  ...rest,
});

describe('Sites and links over HTTP', () => {
  let server: TestServer;
  let siteId = '';
  beforeAll(async () => {
    server = await startServer();
  });
  afterAll(() => server.stop());
  beforeEach(async () => {
    siteId = (await server.call('POST', '/api/sites', { name: 'Berth 4' })).body.id;
  });

  it('keeps a site, and gives the same one to a retry', async () => {
    const id = v7();
    const first = await server.call('POST', '/api/sites', { id, name: 'Slipway' });
    const again = await server.call('POST', '/api/sites', { id, name: 'Slipway' });
    expect(first.status).toBe(201);
    expect(again.body).toEqual(first.body);
    expect(first.body).toEqual(
      jasmine.objectContaining({
        name: 'Slipway',
        defaultScheme: 'T568B',
        units: 'metric',
        version: 1,
      }),
    );
    expect((await server.call('GET', `/api/sites/${id}`)).body).toEqual(first.body);
    // Only what was seen is put away, and the same again is the same.
    expect((await server.call('DELETE', `/api/sites/${id}`)).status).toBe(428);
    expect((await server.call('DELETE', `/api/sites/${id}?version=2`)).status).toBe(409);
    for (let times = 0; times < 2; times += 1)
      expect((await server.call('DELETE', `/api/sites/${id}?version=1`)).status).toBe(204);
    expect((await server.call('GET', `/api/sites/${id}`)).status).toBe(404);
    // Taken back, it is there again; the same again changes nothing.
    const back = await server.call('POST', `/api/sites/${id}/restore`);
    expect([back.status, back.body.name, back.body.version]).toEqual([200, 'Slipway', 3]);
    expect((await server.call('POST', `/api/sites/${id}/restore`)).body).toEqual(back.body);
    expect((await server.call('POST', `/api/sites/${v7()}/restore`)).status).toBe(404);
  });

  it('tells of each site what is proven, what is wrong and when it was last worked on', async () => {
    const standing = async () =>
      (await server.call('GET', '/api/standings')).body.sites.find(
        (row: { id: string }) => row.id === siteId,
      );
    expect(await standing()).toEqual({ id: siteId, links: 0, proven: 0, wrong: 0, workedAt: null });
    const [good, bad] = await Promise.all(
      ['S1', 'S2'].map(async (label) =>
        server.call('POST', `/api/sites/${siteId}/links`, link(label)),
      ),
    );
    const read = (linkId: string, takenAt: string, nets: object) =>
      server.call('POST', `/api/links/${linkId}/readings`, {
        takenAt,
        author: 'Łucja',
        tester: 'pairing',
        splitPairs: [],
        nets,
      });
    const nets = Array.from({ length: 8 }, (_, i) => ({ near: [`${i + 1}`], far: [`${i + 1}`] }));
    const answers = [
      await read(good?.body.id, '2026-05-04T08:00:00Z', nets),
      await read(bad?.body.id, '2026-05-04T09:30:00Z', nets.slice(1)),
    ];
    expect(answers.map(({ status }) => status)).toEqual([201, 201]);
    // Looked at anew before it is counted.
    await server.call('GET', `/api/sites/${siteId}/links`);
    const { body } = await server.call('GET', `/api/sites/${siteId}/links`);
    const states = body.links.map(({ state }: { state: string }) => state);
    expect(await standing()).toEqual({
      id: siteId,
      links: 2,
      proven: states.filter((state: string) => state === 'pass').length,
      wrong: 1,
      workedAt: '2026-05-04T09:30:00.000Z',
    });
    // A change of the schedule is no work at the site, and a site that is put away is not told of.
    await server.call('PATCH', `/api/sites/${siteId}`, { version: 1, note: 'North side' });
    expect((await standing()).workedAt).toBe('2026-05-04T09:30:00.000Z');
    await server.call('DELETE', `/api/sites/${siteId}?version=2`);
    expect(await standing()).toBeUndefined();
  });

  it('tells links in a list as it tells each alone, page by page, whatever is asked for', async () => {
    const links = `/api/sites/${siteId}/links`;
    await server.call('POST', `${links}/import`, schedule(7), CSV);
    const odd = link('Łódź 50 %', { note: 'under_score', lengthM: null, route: [] });
    const made = (await server.call('POST', links, odd)).body;
    await server.call('POST', `/api/links/${made.id}/ticks`, { end: 'near', key: 'strip-jacket' });
    const pages = async (query: string) => {
      const found = [];
      for (let next: string | null = '0'; next !== null;) {
        const page: Page = (await server.call('GET', `${links}?${query}limit=3&after=${next}`))
          .body;
        found.push(...page.links);
        expect(page.total).toBeGreaterThanOrEqual(found.length);
        next = page.next;
      }
      return found;
    };
    const all = await pages('');
    expect(all.length).toBe(8);
    for (const row of all)
      expect((await server.call('GET', `/api/links/${row.id}`)).body).toEqual(row);
    const labels = async (query: string) => (await pages(query)).map(({ label }) => label);
    expect(await labels('q=%C5%82%C3%B3d%C5%BA&')).toEqual(['Łódź 50 %']);
    expect(await labels('q=50%20%25&')).toEqual(['Łódź 50 %']);
    expect(await labels('q=r_s&')).toEqual(['Łódź 50 %']);
    expect(await labels('state=half-made&')).toEqual(['Łódź 50 %']);
    expect(await labels('q=nothing&')).toEqual([]);
    await server.call('DELETE', `/api/sites/${siteId}?version=1`);
    for (const list of ['links', 'rows', 'standing'])
      expect((await server.call('GET', `/api/sites/${siteId}/${list}`)).status).toBe(404);
  });

  it('makes, reads, changes, puts away and takes back a link', async () => {
    const made = await server.call('POST', `/api/sites/${siteId}/links`, link('K1'));
    expect(made.status).toBe(201);
    expect(made.body).toEqual(
      jasmine.objectContaining({ hub: 'C1', state: 'planned', version: 1 }),
    );
    const path = `/api/links/${String(made.body.id)}`;
    const changed = await server.call('PATCH', path, { version: 1, lengthM: 12, note: 'shorter' });
    expect(changed.body).toEqual(
      jasmine.objectContaining({ lengthM: 12, note: 'shorter', version: 2 }),
    );
    expect((await server.call('DELETE', `${path}?version=1`)).status).toBe(409);
    for (const version of ['0', '3000000000', 'x', '1.5'])
      expect((await server.call('DELETE', `${path}?version=${version}`)).status).toBe(422);
    expect((await server.call('DELETE', `${path}?version=2`)).status).toBe(204);
    expect((await server.call('GET', path)).status).toBe(404);
    expect((await server.call('POST', `${path}/restore`)).body.label).toBe('K1');
  });

  it('answers a stale change with 409 and what is stored now', async () => {
    const made = await server.call('POST', `/api/sites/${siteId}/links`, link('K1'));
    const path = `/api/links/${String(made.body.id)}`;
    await server.call('PATCH', path, { version: 1, note: 'first' });
    const stale = await server.call('PATCH', path, { version: 1, note: 'second' });
    expect(stale.status).toBe(409);
    expect(stale.type).toContain('application/problem+json');
    expect(stale.body.current.note).toBe('first');
  });

  it('refuses a second link with the same label, and an id that is in use elsewhere', async () => {
    await server.call('POST', `/api/sites/${siteId}/links`, link('K1'));
    const twin = await server.call('POST', `/api/sites/${siteId}/links`, link('K1'));
    expect(twin.status).toBe(409);
    expect(twin.body.errors[0].path).toBe('label');
  });

  it('lets many change one link at once, and one of them wins', async () => {
    const made = await server.call('POST', `/api/sites/${siteId}/links`, link('K1'));
    const path = `/api/links/${String(made.body.id)}`;
    const answers = await Promise.all(
      Array.from({ length: 12 }, (_, i) =>
        server.call('PATCH', path, { version: 1, note: `try ${i}` }),
      ),
    );
    expect(answers.filter(({ status }) => status === 200).length).toBe(1);
    expect(answers.filter(({ status }) => status === 409).length).toBe(11);
  });

  describe('import and export', () => {
    const path = () => `/api/sites/${siteId}/links/import`;
    const count = async () =>
      (await server.call('GET', `/api/sites/${siteId}/links`)).body.links.length as number;

    it('previews without writing, then writes all', async () => {
      const dry = await server.call('POST', `${path()}?dryRun=true`, schedule(30), CSV);
      expect(dry.status).toBe(200);
      expect(dry.body).toEqual(jasmine.objectContaining({ dryRun: true, imported: 0, count: 30 }));
      expect(await count()).toBe(0);
      const done = await server.call('POST', path(), schedule(30), CSV);
      expect(done.status).toBe(201);
      expect(done.body.imported).toBe(30);
      expect(await count()).toBe(30);
    });

    it('imports nothing when one cell is bad, and tells it', async () => {
      const bad = `${schedule(5)}\nS6,C1/A/6,Berth sensor 6,Cat 6 U/UTP solid,keystone,8P8C plug,T568B,"12,5x"`;
      const answer = await server.call('POST', path(), bad, CSV);
      expect(answer.status).toBe(422);
      expect(answer.body.cells).toEqual([
        {
          line: 7,
          column: 8,
          field: 'length',
          reason: "'12,5x' is not a length: 'x' is not a unit. Write 12.5 m or 41 ft.",
        },
      ]);
      expect(await count()).toBe(0);
    });

    it('exports what imports back to the same', async () => {
      await server.call('POST', path(), schedule(40), CSV);
      await server.call(
        'POST',
        `/api/sites/${siteId}/links`,
        link('Q"1, left', { note: '=1+1; "quoted"' }),
      );
      const exported = await server.call('GET', `/api/sites/${siteId}/links/export`);
      expect(exported.type).toContain('text/csv');
      const other = (await server.call('POST', '/api/sites', { name: 'Copy' })).body.id as string;
      const back = await server.call(
        'POST',
        `/api/sites/${other}/links/import`,
        exported.text,
        CSV,
      );
      expect(back.body.imported).toBe(41);
      const again = await server.call('GET', `/api/sites/${other}/links/export`);
      expect(again.text).toBe(exported.text);
    });

    it('reads files of other encodings', async () => {
      const row = `${HEAD}\nK9,C1/1,Café,cat6,jack,plug,B,3 m`;
      const utf16 = Buffer.concat([Buffer.from([0xff, 0xfe]), Buffer.from(row, 'utf16le')]);
      expect((await server.call('POST', path(), utf16, CSV)).body.links[0].far.place).toBe('Café');
      const latin = Buffer.from(row.replace('K9', 'K10'), 'latin1');
      expect((await server.call('POST', path(), latin, CSV)).body.links[0].far.place).toBe('Café');
    });

    it('refuses what is no schedule with a reason, never with an error of its own', async () => {
      const bodies: [string | Uint8Array, Record<string, string>][] = [
        ['', CSV],
        ['\u0000\u0001\u0002', CSV],
        [new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0, 0, 0, 13]), CSV],
        ['{"csv": 3}', { 'content-type': 'application/json' }],
        ['{"csv": ', { 'content-type': 'application/json' }],
        [`${HEAD}\n"open`, CSV],
      ];
      for (const [body, headers] of bodies) {
        const answer = await server.call('POST', path(), body, headers);
        expect(answer.status).withContext(String(body)).toBe(422);
        expect(answer.type).toContain('application/problem+json');
      }
      const odd = await server.call('POST', path(), 'x', { 'content-type': 'image/png' });
      expect(odd.status).toBe(415);
    });

    it('takes 5 000 links at once and lists them with their state', async () => {
      const done = await server.call('POST', path(), schedule(5000), CSV);
      expect(done.body.imported).toBe(5000);
      const links: { label: string; state: string }[] = [];
      for (let after: string | null = '0'; after !== null;) {
        const page = await server.call(
          'GET',
          `/api/sites/${siteId}/links?after=${after}&limit=1000`,
        );
        expect(page.body.total).toBe(5000);
        links.push(...page.body.links);
        after = page.body.next as string | null;
      }
      expect(links.length).toBe(5000);
      expect(links[4999]?.label).toBe('S5000');
      expect(links.every((row) => row.state === 'planned')).toBeTrue();
    });
  });

  it('takes a route by one rule, when it is made, changed and imported', async () => {
    const refusedAt = (answer: Answer) =>
      answer.body?.errors?.map(({ path }: { path: string }) => path) ?? [answer.status];
    const body = link('R1');
    const ask = (route: object[], lengthM = 20) =>
      server.call('POST', `/api/sites/${siteId}/links`, { ...body, route, lengthM });
    const coil = [{ name: 'Slack loop', atM: 18, extraM: 3 }];
    const back = [
      { name: 'Tray', atM: 9 },
      { name: 'Wall', atM: 4 },
    ];
    expect(refusedAt(await ask(coil))).toEqual(['route.0.atM']);
    expect(refusedAt(await ask(back))).toEqual(['route.1.atM']);
    const made = (await ask(coil, 21)).body;
    const change = (patch: object) =>
      server.call('PATCH', `/api/links/${made.id}`, { version: made.version, ...patch });
    expect(refusedAt(await change({ lengthM: 20 }))).toEqual(['route.0.atM']);
    expect(refusedAt(await change({ route: back }))).toEqual(['route.1.atM']);
    expect((await change({ note: 'Seen.' })).status).toBe(200);
    const csv = `${HEAD},route\nR2,C1/A/9,Kiosk,Cat 6 U/UTP solid,keystone,8P8C plug,T568B,20 m,`;
    const imported = async (route: string) =>
      (await server.call('POST', `/api/sites/${siteId}/links/import`, csv + route, CSV)).body;
    expect((await imported('Loop @ 18 m + 3 m')).cells[0].reason).toContain('beyond the far end');
    expect((await imported('Tray @ 4.5 m; Wall @ 9 m')).cells[0].reason).toContain(
      'write | between waypoints',
    );
  });

  it('takes a create again with the same content, and refuses the id for any other', async () => {
    const id = v7();
    const body = link('Again', { id });
    const create = (rest: object) =>
      server.call('POST', `/api/sites/${siteId}/links`, { ...body, ...rest });
    expect((await create({})).status).toBe(201);
    expect((await create({})).status).toBe(201);
    const other = await create({ note: 'another' });
    expect([other.status, other.body.title, other.body.current.label]).toEqual([
      409,
      'Id in use',
      'Again',
    ]);
    await server.call('DELETE', `/api/links/${id}?version=1`);
    expect((await create({})).body.title).toBe('Put away');

    const siteBody = { id: v7(), name: 'Slipway' };
    const site = (rest: object) => server.call('POST', '/api/sites', { ...siteBody, ...rest });
    expect((await site({})).status).toBe(201);
    expect((await site({})).status).toBe(201);
    expect((await site({ name: 'Łódź' })).status).toBe(409);
    await server.call('DELETE', `/api/sites/${siteBody.id}?version=1`);
    expect((await site({})).body.detail).toContain('was put away since');
  });
});
