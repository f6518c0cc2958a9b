import { execFileSync } from 'node:child_process';
import { v7 } from 'uuid';
import { startServer, type TestServer } from './server';

/** What stands in a PDF, as a reader copies it out. */
const wordsOf = async (server: TestServer, path: string): Promise<string> => {
  const answer = await fetch(server.url + path, { headers: { 'x-near-spoke': '1' } });
  expect(answer.headers.get('content-type')).withContext(path).toContain('application/pdf');
  const input = Buffer.from(await answer.arrayBuffer());
  return execFileSync('pdftotext', ['-layout', '-', '-'], { input })
    .toString()
    .replace(/\s+/g, ' ');
};

/** Letters of Polish, Czech, Greek, Russian, Vietnamese, and one that no font here has. */
const NAME = 'Łódź Ωβ Žďár Žižkov Санкт Đặng 漢';
const TOLD = 'Łódź Ωβ Žďár Žižkov Санкт Đặng <U+6F22>';

describe('The letters of a PDF', () => {
  let server: TestServer;
  let siteId: string;
  let linkId: string;

  beforeAll(async () => {
    server = await startServer();
    siteId = v7();
    await server.call('POST', '/api/sites', { id: siteId, name: NAME });
    const link = await server.call('POST', `/api/sites/${siteId}/links`, {
      id: (linkId = v7()),
      label: 'Ž1',
      near: { place: 'Sál Ω', connector: 'keystone-punch-down' },
      far: { place: 'Kuřim', connector: 'plug-8p8c' },
      cable: 'cat6-uutp-solid',
      lengthM: 12,
      lengthHow: 'taped',
      note: NAME,
    });
    expect(link.status).toBe(201);
    const kept = await server.call('POST', `/api/links/${linkId}/tests`, {
      id: v7(),
      author: 'zkoušeč č. 1',
      note: '',
      entered: 'instrument',
      reading: { tester: 'ohmmeter', from: 'near 4', to: 'near 5', joined: ['4', '5'], ohm: 24 },
    });
    expect(kept.status).toBe(201);
  });
  afterAll(() => server.stop());

  it('are all in the record: names, notes, who did it, and the ohm sign', async () => {
    const words = await wordsOf(server, `/api/links/${linkId}/record.pdf`);
    for (const text of [TOLD, 'Ž1', 'Sál Ω', 'Kuřim', 'zkoušeč č. 1', 'Ω', '12 m, taped'])
      expect(words).toContain(text);
    expect(words).toContain('Read from the instrument.');
  });

  it('are all on the sheet of a batch of cords and on an adapter’s card', async () => {
    const plug = { connector: 'plug-8p8c', scheme: 'T568B' };
    const batch = v7();
    await server.call('POST', `/api/sites/${siteId}/cords`, {
      id: batch,
      name: NAME,
      note: 'Žlutý kůň',
      cord: { near: plug, far: plug, cable: 'cat6-uutp-stranded', lengthM: 2 },
      tester: 'pair-lamps',
    });
    const cord = await server.call('POST', `/api/cords/${batch}/facts`, {
      label: 'Ł-1',
      tester: 'pair-lamps',
      verdict: 'pass',
      author: 'zkoušeč',
      entered: 'one-key',
    });
    expect(cord.status).toBe(201);
    const sheet = await wordsOf(server, `/api/cords/${batch}/sheet.pdf`);
    for (const text of [TOLD, 'Žlutý kůň', 'Ł-1', 'Entered: 1 by one key'])
      expect(sheet).toContain(text);

    const adapter = await server.call('POST', '/api/adapters', {
      id: v7(),
      name: NAME,
      near: 'eia-422-terminal',
      far: 'eia-485-terminal',
    });
    expect(adapter.status).toBe(201);
    const card = await wordsOf(server, `/api/adapters/${String(adapter.body.id)}/card.pdf`);
    expect(card).toContain('Łódź Ωβ');
  });
});
