import { CSV, schedule, startServer, type TestServer } from './server';

describe('What two people change of the same thing', () => {
  let server: TestServer;
  let site = '';
  let links: { id: string; version: number; near: { place: string } }[] = [];
  beforeAll(async () => {
    server = await startServer();
    const { body } = await server.call('POST', '/api/sites', { name: 'Łódź, berth 4' });
    site = `/api/sites/${body.id}`;
    await server.call('POST', `${site}/links/import`, schedule(4), CSV);
    ({ links } = (await server.call('GET', `${site}/links`)).body);
  });
  afterAll(() => server.stop());

  const by = (author: string) => ({ 'near-spoke-author': encodeURIComponent(author) });
  const patch = (path: string, body: object, author = '') =>
    server.call('PATCH', path, body, by(author));

  it('is brought together where it is of other fields, also where all fields are sent', async () => {
    const [link] = links;
    if (!link) throw new Error('No link');
    const path = `/api/links/${link.id}`;
    const { near } = link;
    const theirs = { version: 1, note: 'behind the kiosk', near: { ...near, place: 'C1/B/07' } };
    expect((await patch(path, theirs, 'Łukasz')).status).toBe(200);
    const mine = { version: 1, note: '', lengthM: 41.5, near: { ...near, scheme: 'T568A' } };
    const { status, body } = await patch(path, mine, 'tech 2');
    expect(status).toBe(200);
    expect([body.note, body.lengthM, body.near.place, body.near.scheme, body.version]).toEqual([
      'behind the kiosk',
      41.5,
      'C1/B/07',
      'T568A',
      3,
    ]);
    const { edits } = (await server.call('GET', `${path}/edits`)).body;
    type Told = { author: string; version: number; changed: { field: string; to: unknown }[] };
    expect(
      (edits as Told[]).map(({ author, version, changed }) => [
        author,
        version,
        changed.map(({ field }) => field).sort(),
      ]),
    ).toEqual([
      ['Łukasz', 2, ['near', 'note']],
      ['tech 2', 3, ['lengthM', 'near']],
    ]);
  });

  it('is asked where both changed the same field, with both values; nothing is written', async () => {
    const path = `/api/links/${links[1]?.id ?? ''}`;
    await patch(path, { version: 1, note: 'theirs', lengthM: 30 });
    const refused = await patch(path, { version: 1, note: 'mine', hub: 'C9' });
    expect(refused.status).toBe(409);
    expect(refused.body.errors).toEqual([{ path: 'note', reason: 'was changed by somebody else' }]);
    expect([refused.body.current.note, refused.body.current.hub]).toEqual(['theirs', 'C9']);
    expect(refused.body.current.version).toBe(2);
    const stored = (await server.call('GET', path)).body;
    expect([stored.note, stored.version]).toEqual(['theirs', 2]);
    expect(stored.hub).not.toBe('C9');
  });

  it('is judged as it becomes: a route that the other one’s length can’t take is refused', async () => {
    const path = `/api/links/${links[2]?.id ?? ''}`;
    expect((await patch(path, { version: 1, lengthM: 20 })).status).toBe(200);
    const route = [{ name: 'Riser', atM: 25, extraM: 0 }];
    const refused = await patch(path, { version: 1, route });
    expect(refused.status).toBe(422);
    expect(refused.body.errors[0].path).toContain('route.0');
  });

  it('of a version that nobody knows is a conflict, as before', async () => {
    const path = `/api/links/${links[3]?.id ?? ''}`;
    const refused = await patch(path, { version: 7, note: 'x' });
    expect([refused.status, refused.body.errors]).toEqual([409, undefined]);
  });

  it('is brought together of a site, and of an adapter', async () => {
    await patch(site, { version: 1, note: 'one' });
    const both = await patch(site, { version: 1, schemeReason: 'two' });
    expect([both.body.note, both.body.schemeReason]).toEqual(['one', 'two']);
    expect((await server.call('GET', `${site}/edits`)).body.edits.length).toBe(2);
  });

  it('that is put away and taken back tells who did so', async () => {
    const id = links[3]?.id ?? '';
    await server.call('DELETE', `/api/links/${id}?version=1`, undefined, by('tech 3'));
    await server.call('POST', `/api/links/${id}/restore`);
    const { edits } = (await server.call('GET', `/api/links/${id}/edits`)).body;
    expect(edits.map(({ author }: { author: string }) => author)).toEqual(['tech 3', '']);
  });
});
