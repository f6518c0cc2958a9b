import { request, type OutgoingHttpHeaders } from 'node:http';
import { gzipSync } from 'node:zlib';
import { v7 } from 'uuid';
import { CSV, HEAD, call, schedule, startServer, type TestServer } from './server';

/** Sends just these headers, as a browser or an old client would. */
function raw(
  url: string,
  method: string,
  headers: OutgoingHttpHeaders,
  body: string | Buffer = '',
): Promise<{ readonly status: number; readonly text: string }> {
  return new Promise((resolve, reject) => {
    const sent = request(url, { method, headers }, (response) => {
      let text = '';
      response.setEncoding('utf8');
      response.on('data', (chunk: string) => (text += chunk));
      response.on('end', () => resolve({ status: response.statusCode ?? 0, text }));
    });
    sent.once('error', reject);
    sent.end(body);
  });
}

describe('A stranger', () => {
  let server: TestServer;
  let site = '';
  beforeAll(async () => {
    server = await startServer();
    site = (await server.call('POST', '/api/sites', { name: 'Quay' })).body.id as string;
  });
  afterAll(() => server.stop());
  const sites = async () =>
    (await server.call('GET', '/api/sites')).body.sites.map(({ name }: { name: string }) => name);
  const json = { 'content-type': 'application/json' };
  const SITE = JSON.stringify({ name: 'Not mine' });

  it('reads nothing and writes nothing under another name, from another page, or by a plain form', async () => {
    const { port, host } = new URL(server.url);
    const at = `${server.url}/api/sites`;
    for (const [what, method, headers, status] of [
      ['a rebound name', 'GET', { host: `rebound.example:${port}` }, 421],
      ['a rebound name that writes', 'POST', { host: `rebound.example:${port}`, ...json }, 421],
      ['another port', 'GET', { host: `127.0.0.1:${Number(port) + 1}` }, 421],
      ['a name that begins like ours', 'GET', { host: `127.0.0.1.example:${port}` }, 421],
      ['another page', 'POST', { origin: 'http://other.example', ...json }, 403],
      ['a page of a file', 'POST', { origin: 'null', ...json }, 403],
      ['a page of another port', 'POST', { origin: 'http://127.0.0.1:1', ...json }, 403],
      ['a page that the browser calls foreign', 'GET', { 'sec-fetch-site': 'cross-site' }, 403],
      ['one of the same site', 'GET', { 'sec-fetch-site': 'same-site' }, 403],
      ['a form', 'POST', { 'content-type': 'application/x-www-form-urlencoded' }, 403],
      ['plain text', 'POST', { 'content-type': 'text/plain' }, 403],
      ['text that is called JSON', 'POST', { 'content-type': 'text/plain; application/json' }, 403],
      ['no type', 'POST', {}, 403],
    ] as const) {
      const answer = await raw(at, method, headers, method === 'POST' ? SITE : '');
      expect(answer.status).withContext(what).toBe(status);
      expect(answer.text).withContext(what).not.toContain('Quay');
    }
    expect(await sites()).toEqual(['Quay']);
    const own = { host, origin: server.url, 'sec-fetch-site': 'same-origin', ...json };
    expect((await raw(at, 'POST', own, JSON.stringify({ name: 'Mine' }))).status).toBe(201);
    expect((await sites()).sort()).toEqual(['Mine', 'Quay']);
  });

  it('can’t have it import, take back or read an instrument', async () => {
    const plain = { 'content-type': 'text/plain' };
    const link = `/api/links/${v7()}/restore`;
    for (const path of [`/api/sites/${site}/links/import`, link, '/api/reflect/acquire'])
      expect((await raw(server.url + path, 'POST', plain, schedule(1))).status)
        .withContext(path)
        .toBe(403);
    expect((await server.call('GET', `/api/sites/${site}/links`)).body.total).toBe(0);
  });

  it('speaks only to instruments that were entered and confirmed here', async () => {
    const acquire = (body: object) => server.call('POST', '/api/reflect/acquire', body);
    const named = await acquire({ host: '127.0.0.1', port: 22 });
    expect(named.status).toBe(422);
    expect((await acquire({ instrumentId: v7() })).status).toBeGreaterThanOrEqual(404);
  });

  it('is not served what is too large, packed to burst, or packed as nobody packs', async () => {
    const at = `${server.url}/api/sites`;
    const own = { ...json, 'x-near-spoke': '1' };
    const packed = (type: string, bytes: Buffer) =>
      raw(at, 'POST', { ...own, 'content-encoding': type }, bytes);
    expect((await packed('gzip', gzipSync(Buffer.alloc(60e6, 32)))).status).toBe(413);
    expect((await packed('gzip', Buffer.from('no gzip'))).status).toBe(400);
    expect((await packed('gzip', gzipSync(SITE).subarray(0, 20))).status).toBe(400);
    expect((await packed('zebra', Buffer.from(SITE))).status).toBe(415);
    expect((await raw(at, 'POST', own, Buffer.alloc(70_000, 32))).status).toBe(413);
    const setup = await call(server.url, 'POST', '/api/reflect/setup', ' '.repeat(70_000), own);
    expect(setup.status).toBe(413);
  });

  it('is told of a hundred errors of thousands, and of how many there are', async () => {
    const rows = Array.from({ length: 5000 }, (_, n) => `X${n},,,no such cable,8P8C plug,`);
    const path = `/api/sites/${site}/links/import`;
    const answer = await server.call('POST', path, [HEAD, ...rows].join('\n'), CSV);
    expect(answer.status).toBe(422);
    expect(answer.body.cells.length).toBe(100);
    expect(answer.body.detail).toContain('20000 cells on 5000 lines');
    expect(answer.text.length).toBeLessThan(50_000);
  });
});

describe('What is written out and taken in', () => {
  let server: TestServer;
  let site = '';
  beforeAll(async () => {
    server = await startServer();
    site = (await server.call('POST', '/api/sites', { name: 'Quay' })).body.id as string;
  });
  afterAll(() => server.stop());
  const end = { place: 'C1', connector: 'plug-8p8c' };
  const link = (rest: object) => ({
    label: 'K1',
    near: end,
    far: end,
    cable: 'cat6-uutp-solid',
    ...rest,
  });

  it('is no formula to a spreadsheet, and comes back as it was', async () => {
    const labels = ['=1+1', '+41', '-K2', '@sum', '\t=1'];
    for (const label of labels.slice(0, 4))
      expect(
        (await server.call('POST', `/api/sites/${site}/links`, link({ label, note: '=cmd()' })))
          .status,
      ).toBe(201);
    const csv = (await server.call('GET', `/api/sites/${site}/links/export`)).text;
    expect(csv).not.toMatch(/(^|,|")[=+@-]/m);
    const other = (await server.call('POST', '/api/sites', { name: 'Copy' })).body.id as string;
    const back = await server.call('POST', `/api/sites/${other}/links/import`, csv, CSV);
    expect(back.status).toBe(201);
    const { links } = (await server.call('GET', `/api/sites/${other}/links`)).body;
    expect(links.map(({ label }: { label: string }) => label).sort()).toEqual(
      labels.slice(0, 4).sort(),
    );
    expect(new Set(links.map(({ note }: { note: string }) => note))).toEqual(new Set(['=cmd()']));
  });

  it('is whole characters, and versions that can be', async () => {
    const { body: made } = await server.call('POST', `/api/sites/${site}/links`, link({}));
    const path = `/api/links/${made.id as string}`;
    for (const note of ['"\\ud800"', '"\\udc00x"', '"\\u0000"']) {
      const answer = await server.call('PATCH', path, `{"version":1,"note":${note}}`, {
        'content-type': 'application/json',
      });
      expect(answer.status).withContext(note).toBe(422);
      expect(answer.body.errors[0].path).toBe('note');
    }
    for (const version of [2 ** 31, 1e300, -1, 0.5, '1'])
      expect((await server.call('PATCH', path, { version, note: 'x' })).status)
        .withContext(String(version))
        .toBe(422);
    const { note, version } = (await server.call('GET', path)).body;
    expect([note, version]).toEqual(['', 1]);
  });

  it('is put away by the version that was seen', async () => {
    const { body: made } = await server.call(
      'POST',
      `/api/sites/${site}/links`,
      link({ label: 'K2' }),
    );
    const path = `/api/links/${made.id as string}`;
    await server.call('PATCH', path, { version: 1, note: 'changed by someone' });
    expect((await server.call('DELETE', path)).status).toBe(428);
    const late = await server.call('DELETE', `${path}?version=1`);
    expect([late.status, late.body.current.note]).toEqual([409, 'changed by someone']);
    expect((await server.call('DELETE', `${path}?version=2`)).status).toBe(204);
  });

  it('is one adapter of a link, though two come at once', async () => {
    const connector = 'd-sub-9-soldered-plug';
    for (let round = 0; round < 5; round += 1) {
      const { body: made } = await server.call('POST', `/api/sites/${site}/links`, {
        label: `TG${round}`,
        near: { place: 'L3', connector },
        far: { place: 'Gauge', connector },
        cable: 'screened-9',
      });
      const adapter = { near: 'dce-de9', far: 'dce-de9', cable: 'cord-6', linkId: made.id };
      const answers = await Promise.all(
        ['one', 'two', 'three'].map((name) =>
          server.call('POST', '/api/adapters', { ...adapter, name }),
        ),
      );
      expect(answers.map(({ status }) => status).sort()).toEqual([201, 409, 409]);
    }
  });
});
