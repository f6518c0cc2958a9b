import { execFileSync } from 'node:child_process';
import { createHash, createPublicKey, verify } from 'node:crypto';
import { bytesOf, signedIn } from '@near-spoke/core/handover';
import { strFromU8, unzipSync } from 'fflate';
import { startServer, type TestServer } from './server';

/** An Ed25519 key in SubjectPublicKeyInfo begins so: RFC 8410. */
const SPKI = Buffer.from('302a300506032b6570032100', 'hex');

interface Row {
  readonly id: string;
  readonly label: string;
  readonly state: string;
  readonly next: { readonly sentence: string };
}

const flat = (text: string) => text.replace(/\s+/g, ' ');
/** However a line was broken. */
const tight = (text: string) => text.replace(/\s+/g, '');

describe('The handover of a site', () => {
  let server: TestServer;
  let siteId = '';
  let links: readonly Row[] = [];
  let pdf: Uint8Array<ArrayBuffer>;
  let pages: readonly string[] = [];

  const bytesAt = async (path: string) =>
    new Uint8Array(await (await fetch(server.url + path)).arrayBuffer());
  const read = (file: Uint8Array) =>
    execFileSync('pdftotext', ['-layout', '-', '-'], { input: file }).toString().split('\f');
  const isRight = (file: Uint8Array<ArrayBuffer>): boolean => {
    const signed = signedIn(file);
    if (!signed) return false;
    const key = Buffer.concat([SPKI, bytesOf(signed.key)]);
    return verify(
      null,
      signed.body,
      createPublicKey({ key, format: 'der', type: 'spki' }),
      signed.signature,
    );
  };

  beforeAll(async () => {
    server = await startServer({ demo: true });
    siteId = (await server.call('GET', '/api/sites')).body.sites[0].id;
    const path = `/api/sites/${siteId}/links`;
    links = (await server.call('GET', path)).body.links;
    const [first] = links;
    const { version } = (await server.call('GET', `/api/links/${first?.id ?? ''}`)).body;
    await server.call('PATCH', `/api/links/${first?.id ?? ''}`, { version, lengthM: 43.5 });
    await server.call('POST', `/api/links/${first?.id ?? ''}/ticks`, {
      end: 'far',
      key: 'crimp',
      done: false,
      cause: 'test',
    });
    links = (await server.call('GET', path)).body.links;
    pdf = await bytesAt(`/api/sites/${siteId}/handover.pdf`);
    pages = read(pdf);
  }, 120_000);
  afterAll(() => server.stop());

  it('has a page for every link, where the index says that it is', () => {
    const index = pages.filter((page) => /^\s*Index/.test(page)).join('\n');
    for (const { label } of links) {
      const [, number] = new RegExp(`(?:^|\\s)${label}\\s+page (\\d+)`, 'm').exec(index) ?? [];
      expect(number).withContext(label).toBeDefined();
      const [first = '', second = ''] = (pages[Number(number) - 1] ?? '')
        .split('\n')
        .map((line) => line.trim())
        .filter(Boolean);
      expect([first, second]).withContext(label).toEqual(['Skerry Holm ferry terminal', label]);
    }
  });

  it('says what is proven and what is not, with the reason of each, what was remade and what is otherwise', () => {
    const proven = links.filter(({ state }) => state === 'pass').length;
    const [cover = ''] = pages;
    expect(flat(cover)).toContain(`Links ${links.length}`);
    expect(flat(cover)).toContain(`Proven ${proven} Not proven ${links.length - proven}`);
    const from = pages.findIndex((page) => /^\s*Not proven, and why/.test(page));
    const to = pages.findIndex((page) => /^\s*Made again/.test(page));
    const open = tight(pages.slice(from, to).join(' '));
    for (const { label, state, next } of links)
      if (state === 'pass') expect(open).not.toContain(tight(`${label} Proven.`));
      else expect(open).withContext(label).toContain(tight(next.sentence));
    const rest = flat(pages[to] ?? '');
    expect(rest).toMatch(new RegExp(`${links[0]?.label ?? ''} .* UTC, Far end: `));
    expect(rest).toContain('Otherwise than scheduled');
    expect(rest).toMatch(/Length: 43\.5 m, as scheduled; not measured here; before, /);
  });

  it('shows each floor: its picture, and every way and place by its number', async () => {
    const { facts } = (await server.call('GET', `/api/sites/${siteId}/drawings`)).body;
    type Deed = { readonly kind: string; readonly name: string; readonly place: string };
    const deeds = (facts as readonly { readonly deed: Deed }[]).map(({ deed }) => deed);
    const floors = deeds.filter(({ kind }) => kind === 'picture');
    expect(floors.length).toBeGreaterThan(1);
    for (const { name } of floors) {
      const at = pages.findIndex((page) => flat(page).includes(`Floor plan: ${name}`));
      expect(flat(pages[at] ?? '')).toMatch(/ m\. To scale by [\d.]+ m between two points/);
      expect(flat(pages[at + 1] ?? '')).toContain('No. Name What it is');
    }
    const said = flat(pages.join(' '));
    for (const { kind, place, name } of deeds) {
      if (kind === 'place')
        expect(said).toMatch(new RegExp(`\\d ${place} place, [\\d.]+ m?m above`));
      if (kind === 'way') expect(said).toMatch(new RegExp(`\\d ${name} (tray|riser|drop), `));
    }
    // Pictures of the floors, in dots.
    const images = execFileSync('pdfimages', ['-list', '-'], { input: pdf }).toString();
    const sizes = [...images.matchAll(/^\s*\d+\s+\d+\s+image\s+(\d+)\s+(\d+)/gm)];
    expect(sizes.filter(([, width]) => width === '2200').length).toBe(floors.length);
  });

  it('is signed by the firm’s key, which stays the same, and every changed byte breaks it', async () => {
    const { key, spoken } = (await server.call('GET', '/api/handover-key')).body;
    expect(signedIn(pdf)?.key).toBe(key);
    expect(tight(pages[0] ?? '')).toContain(tight(spoken));
    expect(isRight(pdf)).toBeTrue();
    for (const share of [0, 0.1, 0.37, 0.5, 0.9, 0.999, 1]) {
      const at = Math.min(pdf.length - 2, Math.floor(share * pdf.length));
      const other = pdf.slice();
      other[at] = (other[at] ?? 0) ^ 1;
      expect(isRight(other)).withContext(`byte ${at}`).toBeFalse();
    }
    const page = await server.call('GET', '/api/handover-check.html?language=de');
    expect(page.text).toContain(key);
    expect(page.text).toContain('Wurde diese Datei geändert?');
    expect(page.text).not.toMatch(/https?:\/\//);
  });

  it('comes as an archive too, with what it was made from and the SHA-256 of each file', async () => {
    const zip = await bytesAt(`/api/sites/${siteId}/handover.zip`);
    expect(isRight(zip)).toBeTrue();
    const files = unzipSync(zip);
    const manifest = JSON.parse(strFromU8(files['manifest.json'] ?? new Uint8Array())) as {
      readonly files: readonly { readonly name: string; readonly sha256: string }[];
    };
    expect(manifest.files.map(({ name }) => name).sort()).toEqual(
      Object.keys(files)
        .filter((name) => name !== 'manifest.json')
        .sort(),
    );
    for (const { name, sha256 } of manifest.files)
      expect(
        createHash('sha256')
          .update(files[name] ?? '')
          .digest('hex'),
      )
        .withContext(name)
        .toBe(sha256);
    for (const { label } of links) {
      const record = JSON.parse(strFromU8(files[`links/${label}.json`] ?? new Uint8Array()));
      expect(record.link.label).toBe(label);
    }
    expect(strFromU8(files['schedule.csv'] ?? new Uint8Array()).split('\n').length).toBeGreaterThan(
      links.length,
    );
    expect(isRight(new Uint8Array(files['handover.pdf'] ?? []))).toBeTrue();
    expect(Object.keys(files).some((name) => name.startsWith('adapters/'))).toBeTrue();
    const plans = Object.keys(files).filter((name) => /^plans\/.*\.svg$/.test(name));
    expect(strFromU8(files[plans[0] ?? ''] ?? new Uint8Array())).toContain('<svg');
    const drawn = JSON.parse(strFromU8(files['plans/plans.json'] ?? new Uint8Array()));
    expect(
      drawn.facts.filter(({ deed }: { deed: { kind: string } }) => deed.kind === 'picture').length,
    ).toBe(plans.length);
  });

  it('is made of an empty site, of names with any letters, with captures that are curves and others', async () => {
    const { body: site } = await server.call('POST', '/api/sites', { name: 'Łódź «4»/..' });
    const path = `/api/sites/${site.id}`;
    expect(isRight(await bytesAt(`${path}/handover.zip`))).toBeTrue();
    const end = { place: 'Żuraw', connector: 'plug-8p8c' };
    const { body: link } = await server.call('POST', `${path}/links`, {
      label: '../Ł: 1',
      near: end,
      far: end,
      cable: 'cat6-uutp-solid',
    });
    const keep = async (name: string, text: string) => {
      const { body: blob } = await server.call('POST', '/api/blobs', text, {
        'content-type': 'application/octet-stream',
      });
      const kept = await server.call('POST', `/api/links/${link.id}/traces`, {
        blob: blob.sha256,
        name,
        bytes: text.length,
        launchAtS: null,
        velocityFactor: { value: 0.66, u: 0.01 },
        events: [],
      });
      expect(kept.status).toBe(201);
    };
    const step = Array.from({ length: 300 }, (_, n) => `${n}e-9,${n < 20 ? 0 : 1}`);
    await keep('../step.csv', ['seconds,volts', ...step].join('\n'));
    await keep('words.csv', 'this is no capture');
    // A label as long as may be: what stands beside it begins below it.
    const long = 'Long '.repeat(90).trim();
    for (const label of [long, 'Next'])
      expect(
        (
          await server.call('POST', `${path}/links`, {
            label,
            near: end,
            far: end,
            cable: 'cat6-uutp-solid',
          })
        ).status,
      ).toBe(201);
    const files = unzipSync(await bytesAt(`${path}/handover.zip`));
    const names = Object.keys(files);
    expect(names.filter((name) => name.includes('..'))).toEqual([]);
    expect(names).toContain('captures/step.csv');
    expect(names).toContain('links/Ł-1.json');
    const open = read(files['handover.pdf'] ?? new Uint8Array()).find((page) =>
      /^\s*Not proven, and why/.test(page),
    );
    const lines = (open ?? '').split('\n').filter((line) => /Long|Next/.test(line));
    expect(lines.at(-1)).toMatch(/^\s*Next\s+Planned\./);
    const text = flat(read(files['handover.pdf'] ?? new Uint8Array()).join(' '));
    expect(text).toContain('Łódź «4»/..');
    expect(text).toMatch(/Trace \.\.\/step\.csv, .*: volts over time 0 ns 0 V … 1 V 299 ns/);
    expect(text).toContain('This capture can’t be plotted.');
  });

  it('says how far it has come to who asks by its name, and nothing of one that is over', async () => {
    const job = '0190a000-0000-7000-8000-00000000000a';
    const seen = new Set<number>();
    const making = bytesAt(`/api/sites/${siteId}/handover.pdf?job=${job}&language=de`);
    let over = false;
    void making.then(() => (over = true));
    while (!over) {
      const { total } = (await server.call('GET', `/api/handovers/${job}`)).body;
      seen.add(total as number);
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
    expect(seen).toContain(links.length);
    expect((await server.call('GET', `/api/handovers/${job}`)).body).toEqual({ done: 0, total: 0 });
    expect(flat(read(await making).join(' '))).toContain('Nicht geprüft, und warum');
  });
});
