import { randomBytes } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import { problem } from '@near-spoke/contract';
import { ENDPOINTS } from '@near-spoke/contract/openapi';
import pg from 'pg';
import type { ServeOptions, Served } from '../src/serve';

export const MIGRATIONS = fileURLToPath(new URL('../migrations', import.meta.url));

const BUILT = new URL('../dist/main.js', import.meta.url).href;
/** The server as it is built, and what works for it. */
const { serve } = (await import(BUILT)) as {
  readonly serve: (options: ServeOptions) => Promise<Served>;
};

export interface Answer {
  readonly status: number;
  readonly type: string;
  readonly text: string;
  // A test reads what the server says, whatever it is.
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- see above
  readonly body: any;
}

export interface TestServer {
  readonly url: string;
  call(
    method: string,
    path: string,
    body?: unknown,
    headers?: Record<string, string>,
  ): Promise<Answer>;
  stop(): Promise<void>;
}

/** A database of its own in the test cluster. */
export async function freshDatabase(): Promise<string> {
  const base = process.env['TEST_DATABASE_URL'];
  if (!base) throw new Error('Run these tests with: npm test -- server');
  const name = `test_${randomBytes(6).toString('hex')}`;
  const client = new pg.Client({ connectionString: base });
  await client.connect();
  await client.query(`create database ${name}`);
  await client.end();
  const url = new URL(base);
  url.pathname = `/${name}`;
  return url.href;
}

/** The server, on a database of its own unless one is named. */
export async function startServer(options: Partial<ServeOptions> = {}): Promise<TestServer> {
  const server = await serve({
    databaseUrl: options.databaseUrl ?? (await freshDatabase()),
    port: 0,
    migrationsFolder: MIGRATIONS,
    version: 'test',
    logLevel: process.env['LOG'] ?? 'silent',
    ...options,
  });
  return { ...server, call: (...request) => call(server.url, ...request) };
}

export async function call(
  url: string,
  method: string,
  path: string,
  body?: unknown,
  headers: Record<string, string> = {},
  signal: AbortSignal | null = null,
): Promise<Answer> {
  const plain = typeof body === 'string' || body instanceof Uint8Array;
  const response = await fetch(url + path, {
    method,
    signal,
    headers: {
      ...(body === undefined || plain ? {} : { 'content-type': 'application/json' }),
      // As a client of ours says that it is one.
      'x-near-spoke': '1',
      ...headers,
    },
    body: body === undefined ? undefined : plain ? (body as string) : JSON.stringify(body),
  });
  const text = await response.text();
  const type = response.headers.get('content-type') ?? '';
  const answer: Answer = {
    status: response.status,
    type,
    text,
    body: type.includes('json') && text !== '' ? JSON.parse(text) : null,
  };
  refuseUndescribed(method, path, answer);
  return answer;
}

const PATHS = ENDPOINTS.map((endpoint) => ({
  endpoint,
  pattern: new RegExp(`^${endpoint.path.replaceAll('.', '\\.').replace('{id}', '[^/]+')}$`),
}));

/** Whatever is asked in whatever test: what is answered is what the contract has. */
function refuseUndescribed(method: string, path: string, { status, type, body }: Answer): void {
  const [bare = ''] = path.split('?');
  const asked = PATHS.find(
    ({ endpoint, pattern }) => endpoint.method === method.toLowerCase() && pattern.test(bare),
  );
  const parsed =
    status >= 400
      ? problem.safeParse(body)
      : type.includes('json') && typeof asked?.endpoint.answer === 'object'
        ? asked.endpoint.answer.safeParse(body)
        : null;
  if (parsed?.success === false)
    throw new Error(`${method} ${path} answers otherwise than described: ${parsed.error.message}`);
  const beyond = parsed ? pathsBeyond(parsed.data, body) : [];
  if (beyond.length > 0)
    throw new Error(`${method} ${path} answers more than is described: ${beyond.join(', ')}`);
}

/** What the contract has no word for is left out by parsing, and is no part of an answer. */
function pathsBeyond(described: unknown, body: unknown, path = ''): string[] {
  if (described === undefined) return [path];
  // What is read as something else than it is written as is described by that.
  if (typeof body !== 'object' || body === null) return [];
  const known = typeof described === 'object' && described !== null ? described : {};
  return Object.entries(body).flatMap(([name, value]) =>
    pathsBeyond((known as Record<string, unknown>)[name], value, `${path}/${name}`),
  );
}

export const CSV = { 'content-type': 'text/csv' };
export const HEAD = 'label,from,to,cable,near connector,far connector,scheme,length';

/** A schedule of so many good links. */
export function schedule(count: number): string {
  const rows = Array.from(
    { length: count },
    (_, i) =>
      `S${i + 1},C${1 + (i % 7)}/A/${i + 1},Berth sensor ${i + 1},Cat 6 U/UTP solid,keystone,8P8C plug,T568B,${10 + (i % 60)}.5 m`,
  );
  return [HEAD, ...rows].join('\n');
}
