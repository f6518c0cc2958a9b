import { ENDPOINTS } from '@near-spoke/contract/openapi';
import { v7 } from 'uuid';
import { startServer, type TestServer } from './server';

describe('Errors and the description of the API', () => {
  let server: TestServer;
  let siteId = '';
  beforeAll(async () => {
    server = await startServer({ demo: true });
    siteId = (await server.call('GET', '/api/sites')).body.sites[0].id as string;
  });
  afterAll(() => server.stop());

  it('loads the demonstration with about 60 links over three hubs, in all states', async () => {
    const { links } = (await server.call('GET', `/api/sites/${siteId}/links`)).body;
    const of = (field: 'hub' | 'state') =>
      new Set(links.map((link: Record<string, unknown>) => link[field]));
    expect(links.length).toBeGreaterThan(55);
    expect([...of('hub')].sort()).toEqual(['C1', 'G2', 'L3']);
    expect(of('state').size).toBe(8);
  });

  it('says that it is well, and describes every endpoint that it has', async () => {
    const well = { status: 'ok', version: 'test' };
    expect((await server.call('GET', '/api/health')).body).toEqual(well);
    const ready = (await server.call('GET', '/api/ready')).body;
    expect(ready).toEqual(jasmine.objectContaining(well));
    expect(ready.layout).toBeGreaterThan(10);
    expect(ready.workers).toBeGreaterThan(0);
    const { paths, components, openapi } = (await server.call('GET', '/api/openapi.json')).body;
    expect(openapi).toBe('3.0.3');
    for (const { method, path } of ENDPOINTS) {
      expect(paths[path]?.[method]).withContext(`${method} ${path}`).toBeDefined();
      const answer = await server.call(
        method.toUpperCase(),
        path.replace('{id}', v7()),
        method === 'get' ? undefined : {},
      );
      const known =
        answer.status !== 404 || !String(answer.body?.detail).includes('is not in this API');
      expect(known).withContext(`${method} ${path}`).toBeTrue();
    }
    const text = JSON.stringify(paths);
    for (const [, name] of text.matchAll(/#\/components\/schemas\/(\w+)/g))
      expect(components.schemas[name as string])
        .withContext(name as string)
        .toBeDefined();
    expect(text).not.toContain('schemas/undefined');
  });

  it('answers unknown ids and paths with 404 problem documents', async () => {
    const paths = [
      `/api/sites/${v7()}`,
      `/api/links/${v7()}`,
      `/api/links/${v7()}/record.pdf`,
      `/api/links/${v7()}/readings`,
      '/api/links/7',
      '/api/links/%zz',
      `/api/sites/${siteId}/link`,
      '/api/nothing',
    ];
    for (const path of paths) {
      const answer = await server.call('GET', path);
      expect(answer.status).withContext(path).toBe(404);
      expect(answer.type).withContext(path).toContain('application/problem+json');
      expect(answer.body.status).toBe(404);
    }
  });

  it('answers over-size bodies with 413', async () => {
    const big = JSON.stringify({ name: 'x'.repeat(9_000_000) });
    const answer = await server.call('POST', '/api/sites', big, {
      'content-type': 'application/json',
    });
    expect(answer.status).toBe(413);
    const csv = await server.call(
      'POST',
      `/api/sites/${siteId}/links/import`,
      'x'.repeat(25_200_000),
      {
        'content-type': 'text/csv',
      },
    );
    expect(csv.status).toBe(413);
  });

  it('never answers bad input with 500 or a stack', async () => {
    const bodies: unknown[] = [
      undefined,
      'null',
      '[]',
      '"text"',
      '{',
      '{"name": null}',
      '{"name": "a\\u0000b"}',
      '{"name": {"$ne": 1}}',
      '{"__proto__": {"name": "x"}}',
      '{"name": "ok", "units": "parsecs"}',
      JSON.stringify({ name: 'x'.repeat(500) }),
      `{"name": ${'['.repeat(2000)}${']'.repeat(2000)}}`,
      '{"name": "\ud800"}',
    ];
    const targets: [string, string][] = ENDPOINTS.filter(({ method }) => method !== 'get').map(
      ({ method, path }) => [method.toUpperCase(), path.replace('{id}', siteId)],
    );
    for (const [method, path] of targets) {
      if (method === 'DELETE') continue;
      for (const body of bodies)
        for (const type of ['application/json', 'text/plain', 'application/xml']) {
          const answer = await server.call(method, path, body, { 'content-type': type });
          expect(answer.status)
            .withContext(`${method} ${path} ${String(body).slice(0, 40)}`)
            .toBeLessThan(500);
          expect(answer.text).not.toMatch(/(\\n|\n) *at .+:\d+:\d+|node_modules/);
        }
    }
  });
});
