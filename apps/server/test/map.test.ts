import { startServer, type TestServer } from './server';

const pins = (text: string) =>
  text.split(' ').map((pin) => {
    const [contact = '', signal = ''] = pin.split(':');
    return { contact, signal };
  });
const port = (connector: unknown, gender: string, text: string) => ({
  connector,
  gender,
  contacts: pins(text),
});

describe('Map over HTTP', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await startServer();
  });
  afterAll(() => server.stop());
  const post = (path: string, body: unknown) => server.call('POST', path, body);

  it('solves two pin tables, built in or the caller’s own', async () => {
    const { status, body } = await post('/api/map/solve', {
      near: {
        ...port('d-sub-9', 'plug', ''),
        contacts: [
          { contact: '2', signal: 'RXD', direction: 'in' },
          { contact: '3', signal: 'TXD', direction: 'out' },
          { contact: '5', signal: 'GND' },
        ],
      },
      far: 'console-8p8c',
      cable: 'cat5e-uutp-stranded',
    });
    expect(status).toBe(200);
    const joined = body.nets.map(({ near, far }: { near: string[]; far: string[] }) =>
      [near.join(), far.join()].join('>'),
    );
    expect(joined).toContain('5>4,5');
    expect(joined).toContain('2>3');
    expect(joined).toContain('3>6');
    for (const net of body.nets.filter(
      ({ near, far }: { near: string[]; far: string[] }) => near[0] && far[0],
    ))
      expect(typeof net.core).toBe('string');
  });

  it('takes a connector that it has never seen, as text, and asks what the names leave open', async () => {
    const own = { name: 'Old gauge', text: 'circle 4 diameter 8' };
    const { body } = await post('/api/map/solve', {
      near: port(own, 'socket', '1:TX+ 2:TX- 3:RX+ 4:RX-'),
      far: port('terminal-3', 'socket', '1:A 2:B 3:GND'),
    });
    expect(body.questions.length).toBe(1);
    const [{ choices }] = body.questions;
    const answered = await post('/api/map/solve', {
      near: port(own, 'socket', '1:TX+ 2:TX- 3:RX+ 4:RX-'),
      far: port('terminal-3', 'socket', '1:A 2:B 3:GND'),
      options: { joins: choices[0].joins },
    });
    expect(answered.body.questions).toEqual([]);
    expect(answered.body.nets.length).toBeGreaterThan(0);
  });

  it('says where a body is wrong', async () => {
    const told = async (body: object) => (await post('/api/map/solve', body)).body.errors;
    const good = port('d-sub-9', 'plug', '2:RXD');
    expect(await told({ near: port('d-sub-9', 'plug', '44:RXD'), far: good })).toEqual([
      { path: 'near.contacts.0.contact', reason: 'the connector has no contact 44' },
    ]);
    expect(await told({ near: good, far: good, cable: 'no-such' })).toEqual([
      { path: 'cable', reason: jasmine.stringContaining('not in the catalogue') },
    ]);
    expect((await told({ near: 'no-such-port', far: good }))[0].reason).toContain(
      '/api/catalogue/ports',
    );
    expect(
      (await told({ near: good, far: good, options: { joins: [{ near: '9', far: '2' }] } }))[0]
        .path,
    ).toBe('options.joins.0.near');
    expect(
      (await told({ near: { ...good, connector: { name: 'x', text: 'grid two' } }, far: good }))[0]
        .reason,
    ).toContain('line 1');
  });

  it('plans how to find cores, and reads what was found', async () => {
    const walk = (await post('/api/map/buzz-plan', { cores: 12, mode: 'walk' })).body;
    expect(walk.walks).toBe(2);
    expect(walk.nearTies.flat().length).toBe(12);
    const read = (
      await post('/api/map/buzz-result', { mode: 'walk', cores: 12, far: walk.nearTies })
    ).body;
    expect(read.next).toBe('read-near');
    const done = (
      await post('/api/map/buzz-result', {
        mode: 'walk',
        cores: 12,
        far: walk.nearTies,
        near: read.farTies,
      })
    ).body;
    expect(
      done.labels.every(({ near, far }: { near: number; far: number }) => near === far),
    ).toBeTrue();

    const reach = (await post('/api/map/buzz-plan', { cores: 3, mode: 'in-reach' })).body;
    const names = ['1', '2', '3'];
    const result = (
      await post('/api/map/buzz-result', {
        mode: 'in-reach',
        near: names,
        far: names,
        expected: names.map((name) => ({ near: name, far: name })),
        readings: [{ ...reach.next, beep: true }],
      })
    ).body;
    expect(result.labels).toEqual([{ near: reach.next.near, far: reach.next.far }]);
    expect((await post('/api/map/buzz-plan', { cores: 0, mode: 'walk' })).status).toBe(422);
  });

  it('tells where contacts are: a plug’s mating face is its socket’s wiring side', async () => {
    const view = async (gender: string, side: string) =>
      (await post('/api/map/view', { connector: 'd-sub-25', gender, view: side })).body.contacts;
    expect(await view('plug', 'mating')).toEqual(await view('socket', 'wiring'));
    const [one] = await view('socket', 'mating');
    expect(one).toEqual({ contact: '1', xMm: jasmine.any(Number), yMm: jasmine.any(Number) });
    expect(one.xMm).toBeGreaterThan(0);
  });
});

describe('Adapters over HTTP', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await startServer();
  });
  afterAll(() => server.stop());
  const adapter = {
    name: 'Console lead',
    near: 'dte-de9',
    far: 'console-8p8c',
    cable: 'cord-6',
    options: { lengthM: 2 },
  };
  const make = async (rest: object = {}) =>
    (await server.call('POST', '/api/adapters', { ...adapter, ...rest })).body;

  it('are kept, changed with their version, put away and taken back', async () => {
    const made = await make();
    const path = `/api/adapters/${made.id as string}`;
    expect(await make({ id: made.id })).toEqual(made);
    const changed = await server.call('PATCH', path, { version: 1, note: 'Top drawer' });
    expect([changed.body.note, changed.body.version]).toEqual(['Top drawer', 2]);
    expect(changed.body.near).toEqual(made.near);
    const stale = await server.call('PATCH', path, { version: 1, note: 'x' });
    expect([stale.status, stale.body.current.note]).toEqual([409, 'Top drawer']);
    expect((await server.call('DELETE', `${path}?version=2`)).status).toBe(204);
    const { adapters } = (await server.call('GET', '/api/adapters')).body;
    expect(adapters.find(({ id }: { id: string }) => id === made.id).away).toBeTrue();
    expect((await server.call('POST', `${path}/restore`)).body.away).toBeFalse();
  });

  it('make their link follow them in every stage, and let it go again', async () => {
    const site = (await server.call('POST', '/api/sites', { name: 'Quay' })).body.id as string;
    const link = (
      await server.call('POST', `/api/sites/${site}/links`, {
        label: 'TG9',
        near: { place: 'L3', connector: 'd-sub-9-soldered-plug' },
        far: { place: 'Gauge', connector: 'd-sub-9-soldered-plug' },
        cable: 'screened-9',
        lengthM: 3,
      })
    ).body;
    const id = link.id as string;
    const crossed = await make({ near: 'dce-de9', far: 'dce-de9', linkId: id });
    const pinout = async () => (await server.call('GET', `/api/links/${id}`)).body.pinout;
    const { near, far } = await pinout();
    const at = (rows: string[][], core: string | undefined) =>
      rows.find((row) => row[1] === core)?.[0];
    const core = (near as string[][]).find(([contact]) => contact === '2')?.[1];
    expect(at(far, core)).toBe('3');
    const reading = await server.call('POST', `/api/links/${id}/readings`, {
      tester: 'identifying-remote',
      nets: (near as string[][])
        .filter(([, own]) => at(far, own) !== undefined)
        .map(([contact, own]) => ({ near: [contact], far: [at(far, own)] })),
    });
    expect(reading.status).toBe(201);
    expect(reading.body.diagnosis.faults).toEqual([]);
    const thin = await server.call('PATCH', `/api/links/${id}`, {
      version: (await server.call('GET', `/api/links/${id}`)).body.version,
      cable: 'screened-4',
    });
    expect(thin.body.pinout.near.length).toBeLessThan(near.length);
    const other = await server.call('POST', '/api/adapters', { ...adapter, linkId: id });
    expect([other.status, other.body.errors[0].path]).toEqual([409, 'linkId']);
    const card = `/api/adapters/${crossed.id as string}/card.svg`;
    await server.call('DELETE', `/api/links/${id}?version=1`);
    expect((await server.call('GET', card)).status).toBe(200);
    await server.call('POST', `/api/links/${id}/restore`);
    await server.call('DELETE', `/api/adapters/${crossed.id as string}?version=1`);
    expect(await pinout()).toBeNull();
  });

  it('keep measurements and decisions as facts, and say when the shell may be closed', async () => {
    const made = await make();
    const path = `/api/adapters/${made.id as string}/facts`;
    const deed = { kind: 'test', stepId: 'beep near 5 far 4', pass: true };
    const first = await server.call('POST', path, { author: 'tech 1', deed });
    expect(first.status).toBe(201);
    const again = await server.call('POST', path, { id: first.body.id, author: 'tech 1', deed });
    expect(again.body).toEqual(first.body);
    const clash = await server.call('POST', path, {
      id: first.body.id,
      author: 'tech 1',
      deed: { ...deed, pass: false },
    });
    expect(clash.status).toBe(409);
    const undo = { reason: 'The probe slipped.' };
    await server.call('POST', `/api/facts/${first.body.id as string}/void`, undo);
    expect((await server.call('GET', path)).body.facts).toEqual([]);
    const { voided } = (await server.call('GET', path.replace('facts', 'voids'))).body;
    expect(voided[0].summary).toBe('beep near 5 far 4: pass');
    const refused = await server.call('POST', path, { author: 'tech 1', deed: { kind: 'guess' } });
    expect(refused.status).toBe(422);
  });

  it('go out as card, table, file and subcircuit, and come back in from the file', async () => {
    const made = await make({ name: 'Tide gauge "A" <1>' });
    const path = `/api/adapters/${made.id as string}`;
    const pdf = await server.call('GET', `${path}/card.pdf`);
    expect([pdf.type, pdf.text.slice(0, 5)]).toEqual([
      jasmine.stringContaining('application/pdf'),
      '%PDF-',
    ]);
    const svg = await server.call('GET', `${path}/card.svg`);
    expect(svg.text).toContain('NOT READY YET');
    expect(svg.text).not.toContain('<1>');
    const csv = (await server.call('GET', `${path}/nets.csv`)).text.split('\r\n');
    expect(csv[0]).toBe('near contact,near signal,core,core at far,colour,far signal,far contact');
    expect((await server.call('GET', `${path}/subcircuit.cir`)).text).toContain(
      '.SUBCKT Tide_gauge_A_1 ',
    );
    const file = (await server.call('GET', `${path}/file.json`)).body;
    const back = await server.call('POST', '/api/adapters/import', file);
    expect(back.status).toBe(201);
    expect([back.body.near, back.body.far, back.body.options]).toEqual([
      made.near,
      made.far,
      made.options,
    ]);
    expect(
      (await server.call('POST', '/api/adapters/import', { ...file, formatVersion: 9 })).status,
    ).toBe(422);
    expect((await server.call('POST', '/api/adapters/import', { hello: 1 })).status).toBe(422);
  });
});
