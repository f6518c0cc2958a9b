import { createServer, type AddressInfo } from 'node:net';
import { listenReflectometer, listenTester } from '../../instruments/src/listen';
import { call, startServer, type TestServer } from './server';

describe('Testers on the bench', () => {
  let server: TestServer;
  let tester: Awaited<ReturnType<typeof listenTester>>;
  const deaf = createServer((socket) => socket.end('hello\n'));

  beforeAll(async () => {
    tester = await listenTester(0);
    await new Promise<void>((resolve) => deaf.listen(0, '127.0.0.1', resolve));
    const at = (port: number) => ({ host: '127.0.0.1', port });
    server = await startServer({
      instruments: [at(tester.port), at((deaf.address() as AddressInfo).port), at(1)],
    });
  });
  afterAll(async () => {
    await server.stop();
    await tester.stop();
    deaf.close();
  });
  const ask = (method: string, path: string, body?: unknown) =>
    call(server.url, method, path, body);

  it('are listed with what they call themselves, where they answer', async () => {
    const { body } = await ask('GET', '/api/instruments');
    expect(body.instruments[0]).toEqual({
      id: 'tester-1',
      kind: 'tester',
      name: '',
      host: '127.0.0.1',
      port: tester.port,
      confirmed: true,
      named: true,
      answers: 'Cable tester 0001',
      version: 1,
    });
    expect(body.instruments[2].answers).toBeNull();
  });

  it('that are entered are spoken to only once a person has confirmed their address', async () => {
    const heard: string[] = [];
    const listening = createServer((socket) =>
      socket.on('data', (line) => heard.push(String(line))),
    );
    await new Promise<void>((resolve) => listening.listen(0, '127.0.0.1', resolve));
    const { port } = listening.address() as AddressInfo;
    const entered = await ask('POST', '/api/instruments', {
      kind: 'tester',
      name: 'Bench 2',
      host: '127.0.0.1',
      port,
    });
    expect(entered.status).toBe(201);
    const path = `/api/instruments/${entered.body.id as string}`;
    expect((await ask('POST', `${path}/read`, { tester: 'pairing' })).status).toBe(409);
    const listed = (await ask('GET', '/api/instruments')).body.instruments;
    expect(listed.find(({ name }: { name: string }) => name === 'Bench 2').confirmed).toBeFalse();
    expect(heard).toEqual([]);
    const other = await ask('POST', `${path}/confirm`, { host: '127.0.0.1', port: port + 1 });
    expect([other.status, other.body.errors[0].path]).toEqual([422, 'port']);
    const confirmed = await ask('POST', `${path}/confirm`, { host: '127.0.0.1', port });
    expect(confirmed.body.confirmed).toBeTrue();
    await ask('GET', '/api/instruments');
    expect(heard.join()).toContain('*IDN?');
    expect((await ask('DELETE', `${path}?version=2`)).status).toBe(204);
    expect((await ask('POST', `${path}/read`, { tester: 'pairing' })).status).toBe(404);
    listening.close();
  });

  it('are read in the form in which readings are sent', async () => {
    const { status, body } = await ask('POST', '/api/instruments/tester-1/read', {
      tester: 'sequential-lamps',
    });
    expect(status).toBe(200);
    const link = { scheme: 'T568B' };
    const { body: predicted } = await ask('POST', '/api/verify/predict', {
      link,
      tester: 'sequential-lamps',
    });
    expect(body.reading).toEqual(predicted.good[0]);
  });

  it('that do not answer, or in another tongue, are told as such', async () => {
    const of = (id: string) => ask('POST', `/api/instruments/${id}/read`, { tester: 'pairing' });
    for (const id of ['tester-2', 'tester-3']) {
      const { status, body } = await of(id);
      expect(status).withContext(id).toBe(502);
      expect(body.detail).toContain('127.0.0.1:');
    }
    expect((await of('tester-9')).status).toBe(404);
    expect((await ask('POST', '/api/instruments/tester-1/read', { tester: 'tone' })).status).toBe(
      422,
    );
  });
});

describe('A reflectometer on the bench', () => {
  let server: TestServer;
  let reflectometer: Awaited<ReturnType<typeof listenReflectometer>>;
  const deaf = createServer((socket) => socket.end('hello\n'));
  beforeAll(async () => {
    reflectometer = await listenReflectometer(0);
    await new Promise<void>((resolve) => deaf.listen(0, '127.0.0.1', resolve));
    server = await startServer({ reflectometer: { host: '127.0.0.1', port: reflectometer.port } });
  });
  afterAll(async () => {
    await server.stop();
    await reflectometer.stop();
    deaf.close();
  });

  it('is set, armed and read, and its trace explained', async () => {
    const { status, body } = await call(server.url, 'POST', '/api/reflect/acquire', {
      instrument: 'reflectometer-1',
      pulseWidthS: 5e-9,
      averages: 64,
      spanS: 800e-9,
    });
    expect(status).toBe(200);
    expect(body.name).toBe('Reflectometer 0002');
    const told = await call(server.url, 'POST', '/api/reflect/analyse', {
      file: { name: 'bench', text: body.text },
      options: { velocityFactor: 0.69, impedanceOhm: 100, sourceOhm: 50, scopeOhm: 1e6 },
    });
    const kinds = (told.body.events as { kind: string }[]).map(({ kind }) => kind);
    expect(kinds.filter((kind) => kind !== 'ghost')).toEqual(['drop', 'rise', 'open']);
  }, 60_000);

  it('that is none, or not there, is told of', async () => {
    const post = (path: string, body: object) => call(server.url, 'POST', `/api/${path}`, body);
    for (const port of [(deaf.address() as AddressInfo).port, 1]) {
      const address = { host: '127.0.0.1', port };
      const { body: entered } = await post('instruments', { kind: 'reflectometer', ...address });
      await post(`instruments/${entered.id as string}/confirm`, address);
      const { status, body } = await post('reflect/acquire', { instrument: entered.id });
      expect(status).toBe(502);
      expect(body.detail).toContain(`127.0.0.1:${port}`);
    }
    const wrong = await post('instruments', { kind: 'reflectometer', host: 'a b', port: 80 });
    expect(wrong.status).toBe(422);
    // An address is not taken from who asks for a trace.
    const direct = { instrument: 'reflectometer-1', host: '127.0.0.1', port: 80 };
    expect((await post('reflect/acquire', direct)).status).toBe(422);
  });
});
