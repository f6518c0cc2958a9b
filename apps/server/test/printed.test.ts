import { execFileSync } from 'node:child_process';
import type { LinkRecord } from '@near-spoke/contract';
import { recordMessage, tickedKeys } from '@near-spoke/core/record';
import { tellIn } from '@near-spoke/words';
import { ENGLISH } from '@near-spoke/words/en';
import { v7 } from 'uuid';
import { startServer, type TestServer } from './server';

const tell = tellIn(ENGLISH, 'metric');

/** The words of a PDF, page by page, as a reader copies them out. */
async function pagesOf(server: TestServer, path: string, body?: unknown): Promise<string[]> {
  const answer = await fetch(server.url + path, {
    method: body ? 'POST' : 'GET',
    headers: { 'x-near-spoke': '1', 'content-type': 'application/json' },
    ...(body ? { body: JSON.stringify(body) } : {}),
  });
  expect(answer.headers.get('content-type')).withContext(path).toContain('application/pdf');
  const input = Buffer.from(await answer.arrayBuffer());
  return execFileSync('pdftotext', ['-layout', '-', '-'], { input })
    .toString()
    .split('\f')
    .slice(0, -1);
}

/** Lines are broken where the page wants it: only the words count. */
const flat = (text: string) => text.replace(/-\s*\n\s*/g, '-').replace(/\s+/g, ' ');
/** A column beside it may come between two lines of a sentence: its words stand there in their order. */
function reads(page: string, sentence: string): boolean {
  const words = flat(page).split(' ');
  let at = 0;
  for (const word of flat(sentence).trim().split(' ')) {
    const next = words.indexOf(word, at);
    if (next < 0) return false;
    at = next + 1;
  }
  return true;
}

describe('What is printed', () => {
  let server: TestServer;
  let siteId = '';
  let links: readonly { readonly id: string; readonly label: string }[] = [];

  beforeAll(async () => {
    server = await startServer({ demo: true });
    siteId = (await server.call('GET', '/api/sites')).body.sites[0].id;
    links = (await server.call('GET', `/api/sites/${siteId}/links`)).body.links;
  });
  afterAll(() => server.stop());

  const recordOf = async (id: string): Promise<LinkRecord> =>
    (await server.call('GET', `/api/links/${id}/record`)).body;

  it('is the record as it is stored, for every link of the terminal', async () => {
    let facts = 0;
    for (const { id, label } of links) {
      const record = await recordOf(id);
      const pages = await pagesOf(server, `/api/links/${id}/record.pdf`);
      const all = pages.join(' ');
      const told = [
        record.site.name,
        label,
        record.link.near.place,
        record.link.far.place,
        tell(recordMessage('link-state', { state: record.link.state })),
        record.diagnosis?.summary ?? '',
        ...(record.diagnosis?.faults ?? []).map(({ sentence }) => sentence),
        ...(record.diagnosis?.actions ?? []).map(({ sentence }) => sentence),
        ...record.readings.map(({ entered }) => tell(recordMessage('entered', { entered }))),
        ...record.tests.flatMap(({ summary, entered, note }) => [
          summary,
          tell(recordMessage('entered', { entered })),
          note,
        ]),
        ...record.places.flatMap(({ deed }) => (deed.kind === 'place' ? [deed.sentence] : [])),
        ...(['near', 'far'] as const).flatMap((end) => {
          const ticked = tickedKeys(record.ticks, end);
          return record.plans[end].steps.flatMap((step) =>
            step.checks
              .filter((check) => ticked.has(`${step.id}/${check.id}`))
              .map(({ text }) => text),
          );
        }),
      ];
      for (const sentence of told.filter((text) => text !== ''))
        expect(reads(all, sentence)).withContext(`${label}: ${sentence}`).toBeTrue();
      expect(all)
        .withContext(label)
        .not.toMatch(/undefined|NaN|\[object|\{\w+\}/);
      facts += told.length;
      pages.forEach((page, index) => {
        expect(flat(page))
          .withContext(label)
          .toContain(`page ${index + 1} of ${pages.length}`);
        expect(page.split('\n').filter((line) => line.trim() !== '').length)
          .withContext(`${label}, page ${index + 1}: left empty`)
          .toBeGreaterThan(1);
      });
    }
    expect(facts).toBeGreaterThan(300);
  });

  it('is in the language that is asked for, on paper as over HTTP', async () => {
    for (const label of ['K01', 'K04', 'K06', 'TV02', 'AP08']) {
      const id = links.find((link) => link.label === label)?.id ?? '';
      const record: LinkRecord = (await server.call('GET', `/api/links/${id}/record?language=de`))
        .body;
      const pages = await pagesOf(server, `/api/links/${id}/record.pdf?language=de`);
      const all = pages.join(' ');
      const said = [
        record.diagnosis?.summary ?? 'Nicht geprüft.',
        ...(record.diagnosis?.faults ?? []).map(({ sentence }) => sentence),
        ...(record.diagnosis?.actions ?? []).map(({ sentence }) => sentence),
        'Fernes Ende',
        `Seite 1 von ${pages.length}`,
      ];
      for (const sentence of said)
        expect(reads(all, sentence)).withContext(`${label}: ${sentence}`).toBeTrue();
      expect(flat(all))
        .withContext(label)
        .not.toMatch(/Near end|Wire map|steps ticked|should reach|Tested \d|Checked:|\d\.\d m\b/i);
    }
  });

  it('keeps every row of a map that is longer than a page, and no page empty', async () => {
    const id = v7();
    const plug = { connector: 'block-25-pair' };
    const made = await server.call('POST', `/api/sites/${siteId}/links`, {
      id,
      label: 'Tie 25',
      near: { place: 'Hub A', ...plug },
      far: { place: 'Hub B', ...plug },
      cable: 'telephone-25-pair',
      lengthM: 80,
    });
    expect(made.status).toBe(201);
    const pages = await pagesOf(server, `/api/links/${id}/record.pdf`);
    for (let contact = 1; contact <= 50; contact += 1)
      expect(pages.join('\n'))
        .withContext(`contact ${contact}`)
        .toMatch(new RegExp(`^ *${contact} +\\S.* not tested`, 'm'));
    for (const page of pages)
      expect(page.split('\n').filter((line) => line.trim() !== '').length).toBeGreaterThan(1);
  });

  it('is the same work with a long history: each earlier test stands there once', async () => {
    const { id } = links[0] ?? { id: '' };
    const nets = Array.from({ length: 8 }, (_, i) => ({ near: [`${i + 1}`], far: [`${i + 1}`] }));
    const notes = Array.from({ length: 40 }, (_, index) => `Walk-${index}-of-forty`);
    for (const note of notes) {
      const kept = await server.call('POST', `/api/links/${id}/readings`, {
        tester: 'pairing',
        nets,
        note,
        author: 'tech 1',
        entered: 'instrument',
      });
      expect(kept.status).toBe(201);
    }
    const pages = await pagesOf(server, `/api/links/${id}/record.pdf`);
    const all = flat(pages.join(' '));
    for (const note of notes.slice(0, -1))
      expect(all.split(note).length - 1)
        .withContext(note)
        .toBe(1);
    expect(pages.length).toBeGreaterThan(1);
    for (const page of pages)
      expect(page.split('\n').filter((line) => line.trim() !== '').length).toBeGreaterThan(1);
  });

  it('is the template of the school that strips, with its own figures', async () => {
    const template = async (strip: string) =>
      flat(
        (
          await pagesOf(
            server,
            `/api/terminate/template.pdf?cable=rg-6&connector=f-compression-rg-6&strip=${strip}`,
          )
        ).join(' '),
      );
    const [blades, layers] = [await template('two-blade'), await template('layer-by-layer')];
    for (const text of [blades, layers]) {
      expect(text).toContain('12.7 mm');
      expect(text).toContain('6.4 mm');
      expect(text).not.toMatch(/trim the braid/i);
    }
    expect(blades).not.toBe(layers);
  });

  it('is a template with the cuts of its plan, for every family of ends', async () => {
    const ends = [
      ['cat6-uutp-solid', 'plug-8p8c'],
      ['cat6a-sftp-solid', 'keystone-tool-less-shielded'],
      ['cat5e-uutp-solid', 'plug-6p6c'],
      ['telephone-2-pair', 'telephone-line-box'],
      ['telephone-25-pair', 'block-25-pair'],
      ['rg-6-outdoor', 'bnc-crimp-75-rg-6'],
      ['rg-6-quad', 'f-compression-rg-6-quad'],
      ['screened-9', 'd-sub-9-soldered-plug'],
      ['screened-4', 'splice-sleeve'],
      ['usb-2', 'header-4'],
    ] as const;
    for (const [cable, connector] of ends) {
      const plan = await server.call('POST', '/api/terminate/plan', { cable, connector });
      expect(plan.status).withContext(connector).toBe(200);
      const { cuts } = plan.body as {
        readonly cuts: readonly { readonly fromEndMm: number; readonly toleranceMm: number }[];
      };
      const pages = await pagesOf(
        server,
        `/api/terminate/template.pdf?cable=${cable}&connector=${connector}`,
      );
      expect(pages.length).withContext(connector).toBe(1);
      const words = flat(pages.join(' '));
      for (const { fromEndMm, toleranceMm } of cuts)
        expect(words).withContext(connector).toContain(`${fromEndMm} mm ± ${toleranceMm} mm`);
      expect(words).withContext(connector).toContain('Print at 100 %');
      expect(words).withContext(connector).toContain('Generic sizes');
    }
    const refused = await server.call(
      'GET',
      '/api/terminate/template.pdf?cable=rg-6&connector=plug-8p8c',
    );
    expect(refused.status).toBe(422);
    expect(refused.body.errors.length).toBeGreaterThan(0);
  });

  it('is a sheet of cords that counts what is kept', async () => {
    const { batches } = (await server.call('GET', `/api/sites/${siteId}/cords`)).body as {
      batches: readonly { readonly id: string; readonly name: string }[];
    };
    expect(batches.length).toBeGreaterThan(0);
    for (const { id, name } of batches) {
      const { facts } = (await server.call('GET', `/api/cords/${id}/facts`)).body as {
        facts: readonly { readonly label: string }[];
      };
      const sheet = flat((await pagesOf(server, `/api/cords/${id}/sheet.pdf`)).join(' '));
      expect(sheet).toContain(name);
      for (const { label } of facts) expect(sheet).withContext(name).toContain(label);
    }
  });

  it('is the card of an adapter with every join of its table, and what is open', async () => {
    const { adapters } = (await server.call('GET', '/api/adapters')).body as {
      adapters: readonly { readonly id: string; readonly name: string }[];
    };
    expect(adapters.length).toBeGreaterThan(0);
    for (const { id, name } of adapters) {
      const pages = await pagesOf(server, `/api/adapters/${id}/card.pdf`);
      const table = (await server.call('GET', `/api/adapters/${id}/nets.csv`)).text;
      expect(flat(pages.join(' '))).toContain(name);
      const [head = '', ...rows] = table.trim().split('\n');
      const columns = head.split(',');
      for (const row of rows) {
        const cells = row.split(',');
        const near = cells[columns.indexOf('near')] ?? '';
        if (/^\w+$/.test(near))
          expect(flat(pages.join(' ')))
            .withContext(`${name}: ${row}`)
            .toMatch(new RegExp(`(^|\\W)${near}(\\W|$)`));
      }
    }
  });
});
