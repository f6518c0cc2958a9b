import { execFileSync } from 'node:child_process';
import { v7 } from 'uuid';
import { CSV, schedule, startServer, type TestServer } from './server';

const WHOLE = ['1', '2', '3', '4', '5', '6', '7', '8'].map((name) => ({
  near: [name],
  far: [name],
}));

describe('What is not true after all', () => {
  let server: TestServer;
  let path = '';
  let other = '';
  beforeAll(async () => {
    server = await startServer();
    const { body: site } = await server.call('POST', '/api/sites', { name: 'Berth 4' });
    const links = `/api/sites/${site.id}/links`;
    await server.call('POST', `${links}/import`, schedule(2), CSV);
    const [first, second] = (await server.call('GET', links)).body.links;
    [path, other] = [`/api/links/${first.id}`, `/api/links/${second.id}`];
  });
  afterAll(() => server.stop());

  const read = async (nets: object[]) =>
    (await server.call('POST', `${path}/readings`, { tester: 'pairing', nets, author: 'tech 1' }))
      .body.reading;
  const stateOf = async () => (await server.call('GET', path)).body.state;
  const takeBack = (of: string, rest: object = {}) =>
    server.call('POST', `/api/facts/${of}/void`, {
      reason: 'Read on K05.',
      author: 'tech 2',
      ...rest,
    });

  it('is taken back with a reason, counts no more, and stays to be read', async () => {
    await read(WHOLE.slice(1));
    expect(await stateOf()).toBe('fail');
    const wrong = await read(WHOLE);
    expect(await stateOf()).toBe('pass');
    const taken = await takeBack(wrong.id);
    expect(taken.status).toBe(201);
    expect(await stateOf()).toBe('fail');
    const { body: record } = await server.call('GET', `${path}/record`);
    expect(record.readings.length).toBe(1);
    expect(record.diagnosis.verdict).toBe('fail');
    expect(record.voided).toEqual([
      jasmine.objectContaining({
        of: wrong.id,
        kind: 'reading',
        takenBy: 'tech 1',
        author: 'tech 2',
        reason: 'Read on K05.',
        summary: wrong.diagnosis.summary,
      }),
    ]);
    expect((await server.call('GET', `${path}/voids`)).body.voided).toEqual(record.voided);
    const pdf = await (await fetch(`${server.url}${path}/record.pdf`)).arrayBuffer();
    const printed = execFileSync('pdftotext', ['-layout', '-', '-'], { input: Buffer.from(pdf) })
      .toString()
      .replace(/\s+/g, ' ');
    expect(printed).toContain(`tech 1: ${wrong.diagnosis.summary} Taken back`);
    expect(printed).toContain('by tech 2: Read on K05.');
  });

  it('can be a test, too, and is then among the tests no more', async () => {
    const kept = await server.call('POST', `${path}/tests`, {
      reading: { tester: 'beeper', from: 'near 4', to: 'far 4', beeps: false },
    });
    expect((await takeBack(kept.body.id)).status).toBe(201);
    expect((await server.call('GET', `${path}/tests`)).body.tests).toEqual([]);
  });

  it('is taken back once, however often that is sent', async () => {
    const { id: of } = await read(WHOLE);
    const id = v7();
    expect((await takeBack(of, { id })).status).toBe(201);
    expect((await takeBack(of, { id })).status).toBe(201);
    expect((await takeBack(of, { id, reason: 'Something else.' })).status).toBe(409);
    const again = await takeBack(of, { id: v7() });
    expect([again.status, again.body.title]).toEqual([409, 'Taken back already']);
  });

  it('is a fact that stands for itself, and has a reason', async () => {
    const { id } = await read(WHOLE);
    expect((await takeBack(id, { reason: '  ' })).body.errors[0].path).toBe('reason');
    expect((await takeBack(v7())).status).toBe(404);
    const { body } = await takeBack(id);
    expect((await takeBack(body.id)).status).toBe(404);
  });

  it('does not count for what the firm’s own links say of faults', async () => {
    const links = async () => (await server.call('GET', '/api/verify/experience')).body.links;
    const before = Number(await links());
    const { body } = await server.call('POST', `${other}/readings`, {
      tester: 'pairing',
      nets: WHOLE,
    });
    expect(await links()).toBe(before + 1);
    await takeBack(body.reading.id);
    expect(await links()).toBe(before);
  });

  it('is told with all other facts of its site in the order of arrival, page by page', async () => {
    const { body: link } = await server.call('GET', path);
    const { body: note } = await server.call('POST', `${path}/notes`, { where: 'near', text: 'Ł' });
    const { body: velocity } = await server.call('POST', `/api/sites/${link.siteId}/cable-facts`, {
      cable: 'cat6-uutp-solid',
      deed: { kind: 'velocity', velocityFactor: { value: 0.66, u: 0.01 }, how: 'one-length' },
    });
    const { body: back } = await takeBack(note.id);
    const found: { seq: number; kind: string; fact: { id: string } }[] = [];
    for (let next: string | null = '0'; next !== null;) {
      const list = `/api/sites/${link.siteId}/facts?limit=2&after=${next}`;
      const page: { facts: typeof found; next: string | null } = (await server.call('GET', list))
        .body;
      found.push(...page.facts);
      next = page.next;
    }
    const seqs = found.map(({ seq }) => seq);
    expect(seqs).toEqual([...seqs].sort((a, b) => a - b));
    expect(new Set(seqs).size).toBe(seqs.length);
    expect(found.slice(-3).map(({ kind, fact }) => [kind, fact.id])).toEqual([
      ['note', note.id],
      ['cable', velocity.id],
      ['void', back.id],
    ]);
    // Of another site there is none.
    const { body: other } = await server.call('POST', '/api/sites', { name: 'Berth 9' });
    expect((await server.call('GET', `/api/sites/${other.id}/facts`)).body).toEqual({
      facts: [],
      next: null,
    });
  });
});
