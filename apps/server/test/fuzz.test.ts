import type { Endpoint } from '@near-spoke/contract';
import { ENDPOINTS } from '@near-spoke/contract/openapi';
import fc from 'fast-check';
import { EXAMPLES } from './fuzz-examples';
import { bodies, collect, type Description, type Seen } from './from-description';
import { call, startServer, type Answer, type TestServer } from './server';

/** Requests; FUZZ=20000 for a long look, whose answers have to be there within SOON_MS. */
const REQUESTS = Number(process.env['FUZZ'] ?? 1000);
const SEED = Number(process.env['FUZZ_SEED'] ?? 20_260_504);
const SOON_MS = 2000;
/** What speaks to an instrument says so when that does not answer. */
const SPEAKS = /\/instruments\/|\/acquire$/;
/** A part of a body is not as described about once in so many. */
const ODD_ONCE_IN = [3, 30, 300];

interface Asked {
  readonly endpoint: Endpoint;
  readonly path: string;
  readonly body: unknown;
}

describe('Whatever is asked', () => {
  let server: TestServer;
  const seen = new Map<string, unknown[]>();
  let description: Description;

  beforeAll(async () => {
    server = await startServer({ demo: true });
    description = (await server.call('GET', '/api/openapi.json')).body as Description;
    for (const path of ['/api/parts', '/api/testers'])
      for (const one of EXAMPLES[path] ?? [])
        expect((await server.call('POST', path, one)).status).toBe(201);
    await learn();
    for (const [path, examples] of Object.entries(EXAMPLES)) {
      collect(seen, examples);
      seen.set(path, [...examples]);
    }
  });
  afterAll(() => server.stop());

  /** What there is to ask for: of everything that can be read, what stands in it. */
  async function learn(): Promise<void> {
    const kinds = new Map<string, string[]>();
    const plain = ENDPOINTS.filter(
      ({ method, path }) => method === 'get' && !path.endsWith('openapi.json'),
    );
    for (const round of [0, 1])
      for (const { path } of plain) {
        const kind = kindOf(path);
        if ((round === 0) !== (kind === '')) continue;
        for (const id of round === 0 ? [''] : (kinds.get(kind) ?? []).slice(0, 8)) {
          const { body } = await server.call('GET', path.replace('{id}', id));
          collect(seen, body);
          if (body !== null) note(kinds, path, body as Record<string, unknown>);
        }
        if (kind === 'sites' && path.endsWith('/links')) collectIds(kinds);
      }
    for (const [kind, ids] of kinds) seen.set(`/${kind}`, ids);
  }

  function note(kinds: Map<string, string[]>, path: string, body: Record<string, unknown>): void {
    for (const [list, rows] of Object.entries(body)) {
      if (!Array.isArray(rows)) continue;
      const ids = rows.map((row) => (row as { id?: unknown } | null)?.id).filter(isText);
      const kind = { batches: 'cords' }[list] ?? list;
      if (!path.includes('/catalogue/'))
        kinds.set(kind, [...(kinds.get(kind) ?? []), ...ids].slice(0, 80));
    }
  }

  function collectIds(kinds: Map<string, string[]>): void {
    seen.set('linkId', kinds.get('links') ?? []);
    seen.set('siteId', kinds.get('sites') ?? []);
  }

  it(`is answered, with what is described or a refusal: ${REQUESTS} requests`, async () => {
    const tally = new Map<string, number>();
    const slow: string[] = [];
    const wrong = new Map<string, string>();
    await fc.assert(
      fc.asyncProperty(requests(description, seen), async ({ endpoint, path, body }) => {
        const began = performance.now();
        const answer = await call(server.url, endpoint.method.toUpperCase(), path, body);
        const took = performance.now() - began;
        if (took > SOON_MS) slow.push(`${path}: ${Math.round(took)} ms, ${JSON.stringify(body)}`);
        const key = `${endpoint.method} ${endpoint.path} ${answer.status < 300 ? 'done' : 'refused'}`;
        tally.set(key, (tally.get(key) ?? 0) + 1);
        const said = wrongIn(endpoint, answer);
        if (said)
          wrong.set(
            `${endpoint.method} ${endpoint.path}: ${answer.status} ${said.slice(0, 300)}`,
            `${path} ${JSON.stringify(body)?.slice(0, 6000) ?? ''}`,
          );
      }),
      { numRuns: REQUESTS, seed: SEED, interruptAfterTimeLimit: 3_500_000 },
    );
    expect([...wrong]).toEqual([]);
    if (process.env['FUZZ']) {
      expect(slow).toEqual([]);
      for (const [key, count] of [...tally].sort()) process.stdout.write(`${count} ${key}\n`);
    }
    // It would show nothing if all were refused.
    const done = [...tally.keys()].filter((key) => key.endsWith('done')).length;
    expect(done).toBeGreaterThan(ENDPOINTS.length / 3);
    expect((await server.call('GET', '/api/health')).status).toBe(200);
  }, 3_600_000);
});

const isText = (value: unknown): value is string => typeof value === 'string';

/** Of what an operation is about one: links, sites, adapters. */
const kindOf = (path: string): string => /\/(\w+)\/\{id\}/.exec(path)?.[1] ?? '';

/** The list in an answer that holds what a path makes. */
const likeOf = (path: string): string => {
  const last = path.split('/').at(-1) ?? '';
  return path.endsWith('/{id}')
    ? kindOf(path)
    : ({ cords: 'batches' }[last] ?? last.replace('cable-facts', 'facts'));
};

function requests(description: Description, seen: Seen): fc.Arbitrary<Asked> {
  return fc.oneof(
    ...ENDPOINTS.map((endpoint) => {
      const { path, method } = endpoint;
      const operation = description.paths[path]?.[method];
      const schema = operation?.requestBody?.content['application/json'].schema;
      // Were the site of the demonstration put away, there would be little left to ask for.
      const ids =
        method === 'delete' && kindOf(path) === 'sites' ? [] : (seen.get(`/${kindOf(path)}`) ?? []);
      const id = fc.oneof(
        { weight: 6, arbitrary: ids.length > 0 ? fc.constantFrom(...ids) : fc.uuid() },
        { weight: 1, arbitrary: fc.oneof(fc.uuid(), fc.string({ maxLength: 8 })) },
      );
      const query = fc.record(
        Object.fromEntries(
          (operation?.parameters ?? [])
            .filter((parameter) => parameter.in === 'query')
            .map(({ name }) => [name, queryValue(name, seen)]),
        ),
        { requiredKeys: method === 'delete' ? ['version'] : [] },
      );
      const body = schema
        ? fc.oneof(
            ...ODD_ONCE_IN.map((once) =>
              bodies(description, schema, {
                seen,
                like: seen.has(path) ? path : likeOf(path),
                oddOnceIn: once,
              }),
            ),
          )
        : fc.constant(undefined);
      return fc.record({ id, query, body }).map((made): Asked => {
        const asked = new URLSearchParams(made.query as Record<string, string>).toString();
        const to = path.replace('{id}', encodeURIComponent(wellFormed(String(made.id))));
        return { endpoint, path: asked ? `${to}?${asked}` : to, body: made.body };
      });
    }),
  );
}

/** Browsers put no half characters into addresses; a path of dots would be another path. */
const wellFormed = (text: string): string =>
  text.replaceAll(/[\ud800-\udfff]/g, '').replace(/^\.{0,2}$/, 'x');

const queryValue = (name: string, seen: Seen): fc.Arbitrary<string> =>
  fc.oneof(
    fc.constantFrom(...(seen.get(name)?.map(String) ?? ['1'])),
    fc.integer({ min: -2, max: 40 }).map(String),
    fc.string({ maxLength: 10 }).map(wellFormed),
  );

/** What is wrong in an answer, if anything is. */
function wrongIn(endpoint: Endpoint, { status, type, body }: Answer): string | null {
  const { answer } = endpoint;
  if (status >= 500 && !(SPEAKS.test(endpoint.path) && (status === 502 || status === 504)))
    return JSON.stringify(body);
  if (status >= 400)
    return type.startsWith('application/problem+json') ? null : `no problem: ${type}`;
  if (status === 204) return null;
  if (typeof answer === 'string') return type.startsWith(answer) ? null : `is ${type}`;
  const parsed = answer?.safeParse(body);
  return parsed && !parsed.success ? parsed.error.message : null;
}
