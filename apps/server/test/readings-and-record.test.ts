import { reading as readingSchema } from '@near-spoke/contract';
import { linkRecord } from '@near-spoke/contract/record';
import pg from 'pg';
import { v7 } from 'uuid';
import { freshDatabase, startServer, type TestServer } from './server';

const good = Array.from({ length: 8 }, (_, i) => ({ near: [`${i + 1}`], far: [`${i + 1}`] }));
const swapped = good.map((net) =>
  net.near[0] === '3'
    ? { near: ['3'], far: ['4'] }
    : net.near[0] === '4'
      ? { near: ['4'], far: ['3'] }
      : net,
);

describe('Readings, ticks and the record over HTTP', () => {
  let server: TestServer;
  let id = '';
  beforeAll(async () => {
    server = await startServer();
  });
  afterAll(() => server.stop());
  beforeEach(async () => {
    const site = (await server.call('POST', '/api/sites', { name: 'Berth 4' })).body.id as string;
    const made = await server.call('POST', `/api/sites/${site}/links`, {
      label: 'K4',
      near: { place: 'C1/A/04', connector: 'keystone-punch-down', scheme: 'T568B' },
      far: { place: 'Kiosk 4', connector: 'plug-8p8c', scheme: 'T568B' },
      cable: 'cat6-uutp-solid',
    });
    id = made.body.id as string;
  });

  it('keeps a reading and says what is wrong and what to do', async () => {
    const answer = await server.call('POST', `/api/links/${id}/readings`, {
      tester: 'identifying-remote',
      nets: swapped,
      author: 'tech 1',
    });
    expect(answer.status).toBe(201);
    const { diagnosis, reading } = answer.body;
    expect(readingSchema.safeParse(reading).success).toBeTrue();
    expect(diagnosis.verdict).toBe('fail');
    expect(diagnosis.faults.map((fault: { kind: string }) => fault.kind)).toEqual(['miswire']);
    expect(diagnosis.actions[0].sentence).toContain('white-green and blue are swapped');
    expect((await server.call('GET', `/api/links/${id}`)).body.state).toBe('fail');
  });

  it('diagnoses without keeping, with the defaults of the request', async () => {
    const path = '/api/verify/diagnose';
    const scheme = { near: 'T568B', far: 'T568B' };
    const ask = (rest: object) => server.call('POST', path, { scheme, tester: 'pairing', ...rest });
    expect((await ask({ nets: good })).body.verdict).toBe('pass');
    const remote = (await ask({ nets: good, tester: 'identifying-remote' })).body;
    expect(remote.verdict).toBe('unproven');
    expect(remote.unseen).toContain('split-pair');
    const open = (await ask({ nets: good.slice(0, 7) })).body;
    expect(open.faults.map((fault: { kind: string }) => fault.kind)).toEqual(['open']);
    const split = (
      await ask({
        nets: good,
        splitPairs: [
          ['3', '6'],
          ['4', '5'],
        ],
      })
    ).body;
    expect(split.faults[0].kind).toBe('split-pair');
    const crossed = await ask({ scheme: { near: 'T568A', far: 'T568B' }, nets: good });
    expect(crossed.body.faults.length).toBeGreaterThan(0);
  });

  it('refuses readings that can’t be, with the path of each bad field', async () => {
    const rows: [object, string][] = [
      [{ tester: 'pairing', nets: [{ near: ['9'], far: [] }] }, 'nets.0.near.0'],
      [{ tester: 'pairing', nets: [{ near: [], far: [] }] }, 'nets.0'],
      [
        {
          tester: 'pairing',
          nets: [
            { near: ['1'], far: ['1'] },
            { near: ['1'], far: [] },
          ],
        },
        'nets.1.near.0',
      ],
      [{ tester: 'identifying-remote', nets: good, splitPairs: [['3', '6']] }, 'splitPairs'],
      [{ tester: 'pairing', nets: good, splitPairs: [['3', '4']] }, 'splitPairs.0'],
      [{ tester: 'lamp', nets: good }, 'tester'],
      [{ tester: 'pairing' }, 'nets'],
      [{ tester: 'pairing', nets: good, id: 'seven' }, 'id'],
      [{ tester: 'pairing', nets: good, colour: 'red' }, 'colour'],
    ];
    for (const [body, path] of rows) {
      const answer = await server.call('POST', `/api/links/${id}/readings`, body);
      expect(answer.status).withContext(path).toBe(422);
      expect(answer.body.errors.map((error: { path: string }) => error.path)).toContain(path);
    }
  });

  it('takes a retry as the same fact, and refuses another fact under its id', async () => {
    const reading = { id: v7(), tester: 'pairing', nets: good, takenAt: '2026-05-04T08:00:00Z' };
    const first = await server.call('POST', `/api/links/${id}/readings`, reading);
    const again = await server.call('POST', `/api/links/${id}/readings`, reading);
    expect(again.status).toBe(201);
    expect(again.body).toEqual(first.body);
    const other = await server.call('POST', `/api/links/${id}/readings`, {
      ...reading,
      nets: swapped,
    });
    expect(other.status).toBe(409);
    expect((await server.call('GET', `/api/links/${id}/readings`)).body.readings.length).toBe(1);

    const tick = { id: v7(), end: 'near', key: 'strip-jacket' };
    await server.call('POST', `/api/links/${id}/ticks`, tick);
    await server.call('POST', `/api/links/${id}/ticks`, tick);
    expect((await server.call('GET', `/api/links/${id}/ticks`)).body.ticks.length).toBe(1);
    const far = await server.call('POST', `/api/links/${id}/ticks`, { ...tick, end: 'far' });
    expect(far.status).toBe(409);
  });

  it('follows the work tick by tick', async () => {
    const plan = (
      await server.call('POST', '/api/terminate/plan', {
        cable: 'cat6-uutp-solid',
        connector: 'plug-8p8c',
      })
    ).body;
    expect(plan.steps[0].id).toBe('thread-boot');
    const keys = plan.steps.flatMap((step: { id: string; checks: { id: string }[] }) =>
      step.checks.length > 0 ? step.checks.map((check) => `${step.id}/${check.id}`) : [step.id],
    ) as string[];
    for (const key of keys)
      await server.call('POST', `/api/links/${id}/ticks`, { end: 'far', key });
    const link = (await server.call('GET', `/api/links/${id}`)).body;
    expect(link.ends.far).toEqual({
      state: 'made',
      done: plan.steps.length,
      total: plan.steps.length,
    });
    expect(link.state).toBe('half-made');
    expect(link.next.sentence).toBe('Make the near end, at C1/A/04.');
  });

  it('gives the record as JSON and as PDF', async () => {
    await server.call('POST', `/api/links/${id}/readings`, { tester: 'pairing', nets: good });
    const record = await server.call('GET', `/api/links/${id}/record`);
    expect(linkRecord.safeParse(record.body).success).toBeTrue();
    expect(record.body.diagnosis.verdict).toBe('pass');
    const pdf = await server.call('GET', `/api/links/${id}/record.pdf`);
    expect(pdf.type).toContain('application/pdf');
    expect(pdf.text.startsWith('%PDF-')).toBeTrue();
    expect(pdf.text.trimEnd().endsWith('%%EOF')).toBeTrue();
  });

  it('never changes or deletes a fact, not even by SQL', async () => {
    const databaseUrl = await freshDatabase();
    const own = await startServer({ databaseUrl, demo: true });
    const client = new pg.Client({ connectionString: databaseUrl });
    await client.connect();
    for (const statement of [
      'update facts set author = $$other$$',
      'delete from facts',
      'truncate facts',
    ])
      await expectAsync(client.query(statement)).toBeRejectedWithError(/are facts/);
    await expectAsync(
      client.query(
        `insert into facts (id, kind, subject, at, author, version, body)
         values (gen_random_uuid(), 'tick', gen_random_uuid(), now(), '', 1, '{}')`,
      ),
    ).toBeRejectedWithError(/about nothing/);
    await client.end();
    await own.stop();
  });
});
