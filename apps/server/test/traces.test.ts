import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { CSV, schedule, startServer, type TestServer } from './server';

const capture = (name: string): Buffer =>
  gunzipSync(readFileSync(new URL(`./captures/${name}.csv.gz`, import.meta.url)));
const OCTETS = { 'content-type': 'application/octet-stream' };
const hashOf = (bytes: Uint8Array) => createHash('sha256').update(bytes).digest('hex');

describe('A trace as it was taken', () => {
  let server: TestServer;
  let link = '';
  beforeAll(async () => {
    server = await startServer();
    const { body: site } = await server.call('POST', '/api/sites', { name: 'Berth 4' });
    const links = `/api/sites/${site.id}/links`;
    await server.call('POST', `${links}/import`, schedule(1), CSV);
    link = `/api/links/${(await server.call('GET', links)).body.links[0].id}`;
  });
  afterAll(() => server.stop());

  const file = capture('cut-from-near');
  const told = (blob: string) => ({
    blob,
    name: 'łódź, cut.csv',
    bytes: file.length,
    launchAtS: 1e-8,
    velocityFactor: { value: 0.66, u: 0.01 },
    events: [{ kind: 'open', delayS: { value: 2e-7, u: 1e-10 } }],
    author: 'tech 1',
  });
  const bytesOf = async (blob: string) =>
    Buffer.from(await (await fetch(`${server.url}/api/blobs/${blob}`)).arrayBuffer());

  it('is kept byte for byte, once however often it is sent, and names itself by what is in it', async () => {
    const first = await server.call('POST', '/api/blobs', file, OCTETS);
    expect(first.status).toBe(201);
    expect(first.body).toEqual({
      sha256: hashOf(file),
      type: OCTETS['content-type'],
      bytes: file.length,
    });
    expect((await server.call('POST', '/api/blobs', file, OCTETS)).body).toEqual(first.body);
    expect((await bytesOf(first.body.sha256)).equals(file)).toBeTrue();
    const answer = await fetch(`${server.url}/api/blobs/${first.body.sha256}`);
    expect(answer.headers.get('content-disposition')).toBe('attachment');
    expect(answer.headers.get('content-security-policy')).toContain('sandbox');
  });

  it('is a fact of its link: in its record, in what is taken along, and taken back as any', async () => {
    const { body } = await server.call('POST', '/api/blobs', file, OCTETS);
    const kept = await server.call('POST', `${link}/traces`, told(body.sha256));
    expect(kept.status).toBe(201);
    expect((await server.call('GET', `${link}/traces`)).body.traces).toEqual([kept.body]);
    const record = (await server.call('GET', `${link}/record`)).body;
    expect(record.traces).toEqual([kept.body]);
    const along = await server.call(
      'POST',
      `/api/sites/${record.site.id}/along`,
      { links: [record.link.id] },
      {},
    );
    expect(along.body.links[0].facts).toEqual([{ of: 'trace', fact: kept.body }]);
    const pdf = await (await fetch(`${server.url}${link}/record.pdf`)).arrayBuffer();
    const printed = execFileSync('pdftotext', ['-layout', '-', '-'], { input: Buffer.from(pdf) });
    expect(printed.toString()).toContain(`łódź, cut.csv (SHA-256 ${hashOf(file).slice(0, 12)}`);
    await server.call('POST', `/api/facts/${kept.body.id}/void`, { reason: 'Another cable.' });
    expect((await server.call('GET', `${link}/traces`)).body.traces).toEqual([]);
    // The file itself stays: the fact does, too.
    expect((await bytesOf(body.sha256)).length).toBe(file.length);
  });

  it('is refused where its file is not there or empty; whatever it calls itself, it is bytes', async () => {
    const missing = await server.call('POST', `${link}/traces`, told(hashOf(Buffer.from('x'))));
    expect([missing.status, missing.body.errors[0].path]).toEqual([422, 'blob']);
    expect((await server.call('POST', `${link}/traces`, told('../../etc'))).status).toBe(422);
    expect((await server.call('POST', '/api/blobs', '', OCTETS)).status).toBe(422);
    expect((await server.call('GET', '/api/blobs/none')).status).toBe(404);
    expect((await server.call('GET', `/api/blobs/${'0'.repeat(64)}`)).status).toBe(404);
    const page = { 'content-type': 'text/html' };
    expect((await server.call('POST', '/api/blobs', '<p>', page)).body.type).toBe(
      'application/octet-stream',
    );
  });
});

describe('Notes and photos of a link', () => {
  let server: TestServer;
  let link = '';
  let path = '';
  beforeAll(async () => {
    server = await startServer();
    const { body: site } = await server.call('POST', '/api/sites', { name: 'Berth 5' });
    path = `/api/sites/${site.id}/links`;
    await server.call('POST', `${path}/import`, schedule(1), CSV);
    link = `/api/links/${(await server.call('GET', path)).body.links[0].id}`;
  });
  afterAll(() => server.stop());

  /** The smallest PNG: one point. ISO/IEC 15948. */
  const PNG = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  );
  const seen = (blob: string) => ({ blob, where: 'far', widthPx: 1, heightPx: 1, bytes: 68 });
  const printed = async () => {
    const pdf = await (await fetch(`${server.url}${link}/record.pdf`)).arrayBuffer();
    const input = Buffer.from(pdf);
    return {
      text: execFileSync('pdftotext', ['-layout', '-', '-'], { input }).toString(),
      pictures:
        execFileSync('pdfimages', ['-list', '-'], { input }).toString().split('\n').length - 3,
    };
  };

  it('stand in the record and on paper, with who, where, when and on which device', async () => {
    const { body: file } = await server.call('POST', '/api/blobs', PNG, {
      'content-type': 'image/png',
    });
    const note = await server.call('POST', `${link}/notes`, {
      where: 'along',
      text: 'Tile 14 is glued, by Łukasz.',
      author: 'tech 2',
      device: 'van tablet',
      at: '2026-05-04T08:00:00.000Z',
    });
    const photo = await server.call('POST', `${link}/photos`, {
      ...seen(file.sha256),
      text: 'Pair 3 nicked',
      at: '2026-05-04T09:00:00.000Z',
    });
    expect([note.status, photo.status]).toEqual([201, 201]);
    const record = (await server.call('GET', `${link}/record`)).body;
    expect(record.notes).toEqual([note.body]);
    expect(record.photos).toEqual([photo.body]);
    expect(record.notes[0].device).toBe('van tablet');
    const { text, pictures } = await printed();
    expect(text).toMatch(
      /4 May 2026, 08:00 UTC\s+tech 2 on van tablet: Along the way: Tile 14 is glued, by Łukasz\./,
    );
    expect(text).toMatch(/Far end, 4 May 2026, 09:00 UTC, unnamed\.\s+Pair\s+3\s+nicked/);
    expect(pictures).toBeGreaterThan(0);
    const reason = { reason: 'Of another end.' };
    const back = await server.call('POST', `/api/facts/${photo.body.id}/void`, reason);
    expect(back.body.summary).toBe('Photo of the far end: Pair 3 nicked');
    expect((await server.call('GET', `${link}/photos`)).body.photos).toEqual([]);
    expect((await printed()).pictures).toBe(0);
  });

  it('take no file that is no picture, and print one that is broken as words', async () => {
    const { body: text } = await server.call('POST', '/api/blobs', Buffer.from('<svg/>'), OCTETS);
    const refused = await server.call('POST', `${link}/photos`, seen(text.sha256));
    expect([refused.status, refused.body.errors[0].path]).toEqual([422, 'blob']);
    const { body: cut } = await server.call('POST', '/api/blobs', PNG.subarray(0, 20), OCTETS);
    expect((await server.call('POST', `${link}/photos`, seen(cut.sha256))).status).toBe(201);
    expect((await printed()).text).toContain('This photo can’t be shown on paper.');
  });
});
