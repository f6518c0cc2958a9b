import { v7 } from 'uuid';
import { CSV, schedule, startServer, type TestServer } from './server';

const velocity = (value: number) => ({
  kind: 'velocity',
  velocityFactor: { value, u: 0.002 },
  how: 'several-lengths',
});

describe('What was measured of cables', () => {
  let server: TestServer;
  const site = { id: '', path: '' };
  const elsewhere = { path: '' };
  let link: { readonly id: string; readonly cable: string };
  beforeAll(async () => {
    server = await startServer();
    for (const [name, to] of [
      ['Berth 4', site],
      ['Berth 5', elsewhere],
    ] as const) {
      const { body } = await server.call('POST', '/api/sites', { name, defaultScheme: 'T568B' });
      to.path = `/api/sites/${body.id}/cable-facts`;
      if (to === site) site.id = body.id;
    }
    const links = `/api/sites/${site.id}/links`;
    await server.call('POST', `${links}/import`, schedule(1), CSV);
    link = (await server.call('GET', links)).body.links[0];
  });
  afterAll(() => server.stop());

  it('is kept once, in its order, and for its own site alone', async () => {
    const fact = { id: v7(), cable: link.cable, reel: 'Reel 7', deed: velocity(0.69) };
    const kept = await server.call('POST', site.path, { ...fact, author: 'tech 2' });
    expect(kept.status).toBe(201);
    expect(kept.body.deed).toEqual(velocity(0.69));
    expect((await server.call('POST', site.path, { ...fact, author: 'tech 2' })).status).toBe(201);
    const other = { ...fact, deed: velocity(0.7) };
    expect((await server.call('POST', site.path, other)).status).toBe(409);
    await server.call('POST', site.path, {
      cable: link.cable,
      reel: 'Reel 7',
      at: '2026-01-02T03:04:05+01:00',
      deed: { kind: 'reel', leftM: { value: 212, u: 1.5 } },
    });
    const { facts } = (await server.call('GET', site.path)).body;
    const ofReel = facts.filter(({ reel }: { reel: string }) => reel === 'Reel 7');
    expect(ofReel.map(({ deed }: { deed: { kind: string } }) => deed.kind)).toEqual([
      'reel',
      'velocity',
    ]);
    expect((await server.call('GET', elsewhere.path)).body.facts).toEqual([]);
  });

  it('is refused where it can’t be', async () => {
    const base = { cable: link.cable, reel: 'Reel 7', deed: velocity(0.69) };
    for (const [body, path] of [
      [{ ...base, cable: 'no-such-cable' }, 'cable'],
      [{ ...base, deed: velocity(1.2) }, 'deed.velocityFactor.value'],
      [{ ...base, reel: '', deed: { kind: 'reel', leftM: { value: 5, u: 1 } } }, 'reel'],
    ] as const) {
      const answer = await server.call('POST', site.path, body);
      expect(answer.status).withContext(path).toBe(422);
      expect(answer.body.errors[0].path).toBe(path);
    }
    const strange = await server.call('POST', elsewhere.path, { ...base, linkId: link.id });
    expect(strange.body.errors[0].path).toBe('linkId');
  });

  it('tells the record where a fault is, until that is taken back', async () => {
    const place = {
      kind: 'place',
      event: 'rise',
      distanceM: { value: 17.2, u: 0.4 },
      sentence: 'A bad splice at 17.2 m.',
    };
    const { body } = await server.call('POST', site.path, {
      cable: link.cable,
      linkId: link.id,
      deed: place,
    });
    const told = async () =>
      (await server.call('GET', `/api/links/${link.id}/record`)).body.places as unknown[];
    expect((await told()).length).toBe(1);
    const pdf = await server.call('GET', `/api/links/${link.id}/record.pdf`);
    expect(pdf.text.startsWith('%PDF')).toBeTrue();
    const undo = { reason: 'It was another link.', author: 'tech 2' };
    expect((await server.call('POST', `/api/facts/${body.id}/void`, undo)).status).toBe(201);
    expect(await told()).toEqual([]);
    const voids = site.path.replace('cable-facts', 'voids');
    expect((await server.call('GET', voids)).body.voided).toEqual([
      jasmine.objectContaining({ of: body.id, kind: 'cable', summary: place.sentence, ...undo }),
    ]);
  });
});
