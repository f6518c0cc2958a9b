import { cpSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { BUILT_IN } from '@near-spoke/core/catalogue';
import { fourPairWiring } from '@near-spoke/core/link';
import pg from 'pg';
import { migrateDatabase } from '../src/db/migrate';
import { MIGRATIONS, freshDatabase, startServer, type TestServer } from './server';

describe('Parts of one’s own over HTTP', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await startServer();
  });
  afterAll(() => server.stop());

  const thick = {
    ...BUILT_IN.cable('cat6-uutp-solid'),
    id: 'x',
    name: 'Quay cable, 11 mm',
    jacketMm: 11,
    generic: false,
  };
  const wide = {
    ...BUILT_IN.connector('plug-8p8c'),
    id: 'x',
    name: '8P8C plug, wide entry',
    generic: false,
    accepts: { ...BUILT_IN.connector('plug-8p8c').accepts, jacketMm: { min: 9, max: 12 } },
  };
  const add = async (rest: object) =>
    (await server.call('POST', '/api/parts', { source: 'data sheet', ...rest })).body;

  it('work in every stage at once: plan, suggestion, link, reading, schedule, record', async () => {
    const cable = await add({ kind: 'cable', cable: thick });
    const ask = (connector: string) =>
      server.call('POST', '/api/terminate/plan', { cable: cable.id, connector });
    const alone = (await ask('plug-8p8c')).body.fit.problems[0];
    expect(alone).toEqual(jasmine.objectContaining({ have: '11 mm', off: '4.5 mm too thick' }));
    const plug = await add({ kind: 'connector', connector: wide });
    expect((await ask('plug-8p8c')).body.fit.problems[0].suggestion).toBe(
      'Use “8P8C plug, wide entry”.',
    );
    expect((await ask(plug.id)).body.fit.ok).toBeTrue();

    const site = (await server.call('POST', '/api/sites', { name: 'Quay' })).body.id as string;
    const csv =
      'label,from,to,cable,near connector,far connector\n' +
      'Q1,C1,Lamp post,"Quay cable, 11 mm","8P8C plug, wide entry","8P8C plug, wide entry"';
    const report = await server.call('POST', `/api/sites/${site}/links/import`, { csv });
    expect(report.status).toBe(201);
    const [link] = (await server.call('GET', `/api/sites/${site}/links`)).body.links;
    expect([link.cable, link.near.connector]).toEqual([cable.id, plug.id]);
    expect((await server.call('GET', `/api/sites/${site}/links/export`)).text).toContain(
      'wide entry',
    );
    const reading = await server.call('POST', `/api/links/${String(link.id)}/readings`, {
      tester: 'pairing',
      nets: ['1', '2', '3', '4', '5', '6', '7', '8'].map((n) => ({ near: [n], far: [n] })),
    });
    expect(reading.body.diagnosis.verdict).toBe('pass');
    expect((await server.call('GET', `/api/links/${String(link.id)}/record.pdf`)).status).toBe(200);
    const template = `/api/terminate/template.pdf?cable=${String(cable.id)}&connector=${String(plug.id)}`;
    expect((await server.call('GET', template)).status).toBe(200);
  });

  it('change by version, are put away without breaking links, and come back', async () => {
    const cable = await add({ kind: 'cable', cable: thick });
    const path = `/api/parts/${String(cable.id)}`;
    const thinner = { version: 1, cable: { ...thick, jacketMm: 6 } };
    expect((await server.call('PATCH', path, thinner)).body.cable.jacketMm).toBe(6);
    // The same again, as after an answer that was lost, is the same; another change is a conflict.
    expect((await server.call('PATCH', path, thinner)).body.version).toBe(2);
    const thicker = { version: 1, cable: { ...thick, jacketMm: 7 } };
    expect((await server.call('PATCH', path, thicker)).status).toBe(409);
    const ask = async () =>
      (
        await server.call('POST', '/api/terminate/plan', {
          cable: cable.id,
          connector: 'plug-8p8c',
        })
      ).body.fit.ok;
    expect(await ask()).toBeTrue();
    const offered = async () =>
      (await server.call('GET', '/api/catalogue/cables')).body.cables.some(
        ({ id }: { id: string }) => id === cable.id,
      );
    expect((await server.call('DELETE', `${path}?version=2`)).status).toBe(204);
    expect(await offered()).toBeFalse();
    expect(await ask()).toBeTrue();
    expect((await server.call('POST', `${path}/restore`)).body.away).toBeFalse();
    expect(await offered()).toBeTrue();
  });

  it('are refused with the path of what can’t be', async () => {
    const send = (body: object) => server.call('POST', '/api/parts', body);
    const bad = await send({ kind: 'cable', cable: { ...thick, jacketMm: 'wide' } });
    expect(bad.status).toBe(422);
    expect(bad.body.errors[0].path).toBe('cable.jacketMm');
    expect((await send({ kind: 'connector', cable: thick })).status).toBe(422);
    expect((await server.call('PATCH', '/api/parts/x', { version: 1 })).status).toBe(404);
  });
});

describe('Readings of earlier versions', () => {
  it('keep their wiring, spelled out from their schemes, and stay facts', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'near-spoke-'));
    cpSync(MIGRATIONS, folder, { recursive: true });
    const journalFile = join(folder, 'meta', '_journal.json');
    const journal = JSON.parse(readFileSync(journalFile, 'utf8')) as { entries: unknown[] };
    writeFileSync(
      journalFile,
      JSON.stringify({ ...journal, entries: journal.entries.slice(0, 3) }),
    );
    const url = await freshDatabase();
    await migrateDatabase(url, folder);
    const client = new pg.Client({ connectionString: url });
    await client.connect();
    const ids = [1, 2, 3].map((n) => `00000000-0000-7000-8000-00000000000${n}`);
    await client.query(
      `insert into sites (id, name, note, default_scheme, scheme_reason, units)
       values ($1, 'Old', '', 'T568B', '', 'metric')`,
      [ids[0]],
    );
    await client.query(
      `insert into links (id, site_id, label, hub, near_place, near_connector, near_scheme, far_place,
         far_connector, far_scheme, cable, route, note)
       values ($2, $1, 'X1', 'C1', 'C1', 'plug-8p8c-shielded', 'T568A', 'Desk', 'plug-8p8c-shielded',
         'T568B', 'cat6-futp-solid', '[]', '')`,
      ids.slice(0, 2),
    );
    await client.query(
      `insert into readings (id, link_id, taken_at, author, note, tester, near_scheme, far_scheme,
         shielded, nets, split_pairs, diagnosis)
       values ($2, $1, now(), 'tech 1', '', 'pairing', 'T568A', 'T568B', true, '[]', '[]', '{}')`,
      ids.slice(1),
    );
    await migrateDatabase(url, MIGRATIONS);
    const { rows } = await client.query<{ wiring: unknown }>(
      `select body -> 'wiring' as wiring from facts where kind = 'reading'`,
    );
    expect(rows[0]?.wiring).toEqual(fourPairWiring('T568A', 'T568B', true));
    await client.end();
  });
});
