import { v7 } from 'uuid';
import { freshDatabase, startServer, type TestServer } from './server';

const NETS = Array.from({ length: 8 }, (_, i) => ({ near: [`${i + 1}`], far: [`${i + 1}`] }));
const PLUG = { connector: 'plug-8p8c', scheme: 'T568B' };

describe('How a thing is known', () => {
  let databaseUrl = '';
  let server: TestServer;
  let siteId = '';

  beforeAll(async () => {
    databaseUrl = await freshDatabase();
    server = await startServer({ databaseUrl });
    siteId = (await server.call('POST', '/api/sites', { name: 'Berth 4' })).body.id;
  });
  afterAll(() => server.stop());

  /** Everything is read by a server that began anew on the same database. */
  const again = async () => {
    await server.stop();
    server = await startServer({ databaseUrl });
  };
  const link = async (rest: object) => {
    const made = await server.call('POST', `/api/sites/${siteId}/links`, {
      label: `L-${v7().slice(-8)}`,
      near: { place: 'C1/A', ...PLUG },
      far: { place: 'Kiosk', ...PLUG },
      cable: 'cat6-uutp-solid',
      lengthM: 22,
      ...rest,
    });
    expect(made.status).toBe(201);
    return made.body as { readonly id: string; readonly version: number };
  };

  it('a length is as scheduled until somebody says how it was measured', async () => {
    const { id, version } = await link({});
    const told = async () => (await server.call('GET', `/api/links/${id}`)).body.lengthHow;
    expect(await told()).toBe('scheduled');
    for (const [index, lengthHow] of ['taped', 'reflected', 'scheduled'].entries()) {
      const changed = await server.call('PATCH', `/api/links/${id}`, {
        version: version + index,
        lengthHow,
      });
      expect(changed.status).withContext(lengthHow).toBe(200);
      await again();
      expect(await told()).toBe(lengthHow);
    }
    const odd = await server.call('PATCH', `/api/links/${id}`, {
      version: version + 3,
      lengthHow: 'guessed',
    });
    expect(odd.status).toBe(422);
    expect(odd.body.errors[0].path).toBe('lengthHow');
  });

  it('a reading came by hand, by one key or from an instrument, and an old client’s is unsaid', async () => {
    const { id } = await link({});
    for (const entered of ['by-hand', 'one-key', 'instrument', undefined]) {
      const kept = await server.call('POST', `/api/links/${id}/readings`, {
        tester: 'pairing',
        nets: NETS,
        author: 'tech 1',
        ...(entered ? { entered } : {}),
      });
      expect(kept.status).withContext(String(entered)).toBe(201);
    }
    await again();
    const { readings } = (await server.call('GET', `/api/links/${id}/readings`)).body as {
      readonly readings: readonly { readonly entered: string }[];
    };
    expect(readings.map(({ entered }) => entered)).toEqual([
      'by-hand',
      'one-key',
      'instrument',
      'unsaid',
    ]);
    const odd = await server.call('POST', `/api/links/${id}/readings`, {
      tester: 'pairing',
      nets: NETS,
      entered: 'watched',
    });
    expect(odd.status).toBe(422);
  });

  it('so did a test, and what was typed of it comes back as it was typed', async () => {
    const { id } = await link({});
    const ohm = { tester: 'ohmmeter', from: 'near 4', to: 'near 5', joined: ['4', '5'], ohm: 24.6 };
    const beep = { tester: 'beeper', from: 'near 1', to: 'far 1', beeps: true };
    const bodies = [
      { reading: ohm, entered: 'instrument' },
      { reading: beep, entered: 'by-hand' },
    ];
    for (const body of bodies) {
      const kept = await server.call('POST', `/api/links/${id}/tests`, { id: v7(), ...body });
      expect(kept.status).withContext(JSON.stringify(kept.body)).toBe(201);
    }
    await again();
    const { tests } = (await server.call('GET', `/api/links/${id}/tests`)).body as {
      readonly tests: readonly { readonly entered: string; readonly reading: { ohm?: number } }[];
    };
    expect(tests.map(({ entered }) => entered)).toEqual(['instrument', 'by-hand']);
    expect(tests[0]?.reading.ohm).toBe(24.6);
  });

  it('is in what other programs take: the record as JSON, and the list of cords as CSV', async () => {
    const { id } = await link({ lengthHow: 'taped' });
    await server.call('POST', `/api/links/${id}/readings`, {
      tester: 'pairing',
      nets: NETS,
      entered: 'instrument',
    });
    const record = (await server.call('GET', `/api/links/${id}/record`)).body;
    expect(record.link.lengthHow).toBe('taped');
    expect(record.readings[0].entered).toBe('instrument');

    const batch = v7();
    await server.call('POST', `/api/sites/${siteId}/cords`, {
      id: batch,
      name: 'First box',
      cord: { near: PLUG, far: PLUG, cable: 'cat6-uutp-stranded', lengthM: 2 },
      tester: 'pair-lamps',
    });
    for (const [label, entered] of [
      ['KC-1', 'one-key'],
      ['KC-2', 'by-hand'],
    ]) {
      const kept = await server.call('POST', `/api/cords/${batch}/facts`, {
        label,
        tester: 'pair-lamps',
        verdict: 'pass',
        entered,
      });
      expect(kept.status).toBe(201);
    }
    const sheet = (await server.call('GET', `/api/cords/${batch}/sheet`)).body as {
      readonly rows: readonly { readonly label: string; readonly entered: string }[];
    };
    expect(sheet.rows.map(({ label, entered }) => [label, entered]).sort()).toEqual([
      ['KC-1', 'one-key'],
      ['KC-2', 'by-hand'],
    ]);
  });
});
