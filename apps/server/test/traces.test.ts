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
