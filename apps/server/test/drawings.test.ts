import { execFileSync } from 'node:child_process';
import { startServer, type TestServer } from './server';

const SVG = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1000 800"></svg>';
const DRAWING = '0197f000-0000-7000-8000-00000000d001';
const WAY = '0197f000-0000-7000-8000-00000000d0a1';

describe('A site’s floor plans', () => {
  let server: TestServer;
  let path = '';
  let blob = '';

  beforeAll(async () => {
    server = await startServer();
    const site = await server.call('POST', '/api/sites', { name: 'Łódź depot' });
    path = `/api/sites/${site.body.id}`;
    const link = (label: string, far: string, more: object = {}) =>
      server.call('POST', `${path}/links`, {
        label,
        near: { place: 'C1/A/01', connector: 'keystone-punch-down' },
        far: { place: far, connector: 'plug-8p8c' },
        cable: 'cat6-uutp-solid',
        ...more,
      });
    await link('Z1', 'Desk 4');
    await link('Z2', 'Desk 4', { lengthM: 27, lengthHow: 'reflected' });
    await link('Z3', 'Desk 4', { lengthM: 60, route: [{ name: 'Duct', atM: 55 }] });
    await link('Z4', 'Mast');
    const sent = await fetch(`${server.url}/api/blobs`, {
      method: 'POST',
      headers: { 'x-near-spoke': '1', 'content-type': 'image/svg+xml' },
      body: SVG,
    });
    blob = ((await sent.json()) as { sha256: string }).sha256;
  });
  afterAll(() => server.stop());

  const draw = (deed: object) =>
    server.call('POST', `${path}/drawings`, { drawing: DRAWING, deed, author: 'tech 1' });
  const picture = () => ({
    kind: 'picture',
    name: 'Ground floor',
    blob,
    width: 1000,
    height: 800,
    floorM: 0,
  });
  const lengths = async (query = '') => (await server.call('GET', `${path}/lengths${query}`)).body;

  it('have no length before they are to scale, and say so', async () => {
    expect((await lengths()).links[0]).toEqual(
      jasmine.objectContaining({ label: 'Z1', length: null, undrawn: ['C1', 'Desk 4'] }),
    );
    expect((await draw(picture())).status).toBe(201);
    expect((await lengths()).problems).toEqual([
      'Ground floor has no scale: nothing on it has a length yet.',
    ]);
    expect((await lengths('?language=de')).problems[0]).toContain('keinen Maßstab');
  });

  it('refuse a picture that is not here, a scale of one point, and a tray of one', async () => {
    const unknown = await draw({ ...picture(), blob: 'a'.repeat(64) });
    expect([unknown.status, unknown.body.errors[0].path]).toEqual([422, 'blob']);
    const at = { x: 4, y: 4 };
    const none = await draw({ kind: 'scale', from: at, to: at, metres: 3 });
    expect([none.status, none.body.errors[0].path]).toEqual([422, 'deed.to']);
    const way = { kind: 'way', way: WAY, name: 'T1', heightM: 3, points: [at] };
    expect((await draw({ ...way, of: 'tray' })).body.errors[0].path).toBe('deed.points');
    expect((await draw({ ...way, of: 'riser', points: [at, at] })).status).toBe(422);
  });

  it('tell lengths with their uncertainty, as they are kept, and give them to links', async () => {
    await draw({ kind: 'scale', from: { x: 0, y: 0 }, to: { x: 1000, y: 0 }, metres: 50 });
    await draw({
      kind: 'way',
      way: WAY,
      name: 'Tray T1',
      of: 'tray',
      points: [
        { x: 100, y: 200 },
        { x: 900, y: 200 },
      ],
      heightM: 3,
      areaMm2: 200,
    });
    await draw({ kind: 'place', place: 'C1', at: { x: 100, y: 220 }, heightM: 1.5 });
    await draw({ kind: 'place', place: 'Desk 4', at: { x: 500, y: 260 }, heightM: 0.5 });
    const { links, ways, problems } = await lengths('?slackM=0.5');
    expect(problems).toEqual([]);
    // 2.5 to the tray, 20 along it, 3 across and 2.5 down, half a metre at each end.
    expect(links[0].length.value).toBeCloseTo(29, 9);
    expect(links[0].length.u).toBeGreaterThan(0.7);
    expect(links[0].by).toEqual(['Tray T1']);
    expect(links[3]).toEqual(jasmine.objectContaining({ length: null, undrawn: ['Mast'] }));
    expect(ways[0]).toEqual(jasmine.objectContaining({ name: 'Tray T1', links: 3 }));
    expect(ways[0].fill).toBeGreaterThan(0.3);

    const taken = await server.call('POST', `${path}/lengths`, { slackM: 0.5 });
    expect(taken.body).toEqual({ changed: 1, same: 0, measured: 1, routes: ['Z3'], none: 1 });
    const kept = (await server.call('GET', `${path}/links`)).body.links;
    expect(
      kept.map((link: { lengthM: number; lengthHow?: string }) => [link.lengthM, link.lengthHow]),
    ).toEqual([
      [29, 'drawn'],
      [27, 'reflected'],
      [60, 'scheduled'],
      [null, 'scheduled'],
    ]);
    const again = await server.call('POST', `${path}/lengths`, { slackM: 0.5 });
    expect(again.body).toEqual({ changed: 0, same: 1, measured: 1, routes: ['Z3'], none: 1 });
    const pdf = await fetch(`${server.url}/api/links/${kept[0].id}/record.pdf`);
    const input = Buffer.from(await pdf.arrayBuffer());
    const text = execFileSync('pdftotext', ['-layout', '-', '-'], { input }).toString();
    expect(text.replace(/\s+/gu, ' ')).toContain('29 m, taken from the plan drawing');
  });

  it('are what was drawn last, without what was taken off or back', async () => {
    const facts = async () => (await server.call('GET', `${path}/drawings`)).body.facts;
    const moved = await draw({
      kind: 'place',
      place: 'Desk 4',
      at: { x: 700, y: 260 },
      heightM: 0.5,
    });
    expect((await lengths('?slackM=0.5')).links[0].length.value).toBeCloseTo(39, 9);
    const { id } = moved.body;
    await server.call('POST', `/api/facts/${id}/void`, { reason: 'Wrong desk.', author: 'tech 1' });
    expect((await lengths('?slackM=0.5')).links[0].length.value).toBeCloseTo(29, 9);
    await draw({ kind: 'off', what: 'way', id: WAY });
    expect((await lengths()).links[0].length).toBeNull();
    const all = await facts();
    expect(all.map(({ deed }: { deed: { kind: string } }) => deed.kind)).toEqual([
      'picture',
      'scale',
      'way',
      'place',
      'place',
      'off',
    ]);
  });
});
