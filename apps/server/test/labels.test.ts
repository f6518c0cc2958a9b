import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import jsQR from 'jsqr';
import { startServer, type TestServer } from './server';

const ORIGIN = 'https://spoke.example:4980';
const DPI = 300;
const SHEET = {
  widthMm: 210,
  heightMm: 297,
  columns: 3,
  rows: 8,
  leftMm: 9,
  topMm: 13,
  stepXMm: 65,
  stepYMm: 34,
};
const FLAT = { kind: 'flat', widthMm: 62, heightMm: 33, sheet: SHEET };

describe('Labels of a site', () => {
  let server: TestServer;
  let path = '';
  let links: readonly {
    readonly id: string;
    readonly label: string;
    readonly near: { readonly place: string };
  }[] = [];
  const folder = mkdtempSync(join(tmpdir(), 'labels-'));

  beforeAll(async () => {
    server = await startServer({ demo: true });
    const id = (await server.call('GET', '/api/sites')).body.sites[0].id;
    path = `/api/sites/${id}`;
    links = (await server.call('GET', `${path}/links`)).body.links;
  });
  afterAll(async () => {
    rmSync(folder, { recursive: true });
    await server.stop();
  });

  const printed = async (body: object): Promise<Buffer> => {
    const answer = await fetch(`${server.url}${path}/labels.pdf`, {
      method: 'POST',
      headers: { 'x-near-spoke': '1', 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    expect(answer.status).toBe(200);
    return Buffer.from(await answer.arrayBuffer());
  };
  /** A sheet as a scanner at 300 dots an inch sees it, as grey bytes. */
  const scanned = (pdf: Buffer, sheet: number) => {
    const file = join(folder, 'labels.pdf');
    writeFileSync(file, pdf);
    const at = String(sheet);
    execFileSync('pdftoppm', [
      '-gray',
      '-r',
      String(DPI),
      '-f',
      at,
      '-l',
      at,
      file,
      join(folder, 'sheet'),
    ]);
    const [name = ''] = execFileSync('ls', [folder])
      .toString()
      .split('\n')
      .filter((one) => one.endsWith('.pgm'));
    const bytes = readFileSync(join(folder, name));
    rmSync(join(folder, name));
    const [, wide = '0', high = '0'] =
      /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(bytes.subarray(0, 40).toString('latin1')) ?? [];
    return { grey: bytes.subarray(bytes.length - Number(wide) * Number(high)), wide: Number(wide) };
  };
  const dots = (mm: number) => Math.round((mm / 25.4) * DPI);
  const codeAt = ({ grey, wide }: ReturnType<typeof scanned>, xMm: number, yMm: number) => {
    const [width, height] = [dots(FLAT.widthMm), dots(FLAT.heightMm)];
    const pixels = new Uint8ClampedArray(4 * width * height);
    for (let y = 0; y < height; y += 1)
      for (let x = 0; x < width; x += 1)
        pixels.fill(
          grey[(dots(yMm) + y) * wide + dots(xMm) + x] ?? 255,
          4 * (y * width + x),
          4 * (y * width + x) + 4,
        );
    return jsQR(pixels, width, height)?.data;
  };

  it('lie where the sheet has them, each with the name of its link and a code that opens it', async () => {
    const body = { lines: ['{label}', '{here}'], origin: ORIGIN, gone: 2, stock: FLAT };
    const laid = (await server.call('POST', `${path}/labels`, body)).body;
    expect(laid.labels).toBe(2 * links.length);
    expect(laid.sheets).toBe(Math.ceil((2 * links.length + 2) / 24));
    expect(laid.stops).toEqual([]);
    const pdf = await printed(body);
    const words = execFileSync('pdftotext', ['-bbox', '-', '-'], { input: pdf }).toString();
    const [first = ''] = words.split('</page>');
    const sheet = scanned(pdf, 1);
    for (const [index, link] of links.slice(0, 22).entries()) {
      const at = index + 2;
      const xMm = SHEET.leftMm + (at % 3) * SHEET.stepXMm;
      const yMm = SHEET.topMm + Math.floor(at / 3) * SHEET.stepYMm;
      expect(codeAt(sheet, xMm, yMm))
        .withContext(link.label)
        .toBe(`${ORIGIN}/l/${link.id}`);
      const [, x = 0, y = 0] =
        new RegExp(`xMin="([\\d.]+)" yMin="([\\d.]+)"[^>]*>${link.label}<`).exec(first) ?? [];
      const [left, top] = [(Number(x) / 72) * 25.4, (Number(y) / 72) * 25.4];
      expect(left).withContext(link.label).toBeGreaterThan(xMm);
      expect(left).toBeLessThan(xMm + FLAT.widthMm);
      expect(top).toBeGreaterThan(yMm);
      expect(top).toBeLessThan(yMm + FLAT.heightMm);
    }
    expect(laid.preview).toContain('width="210mm"');
    for (const { label } of links.slice(0, 22)) expect(laid.preview).toContain(`>${label}</text>`);
  });

  it('say what is wrong of them before they are printed, and are not printed with a mistake', async () => {
    const twice = { lines: ['{hub}'], stock: FLAT };
    const { stops } = (await server.call('POST', `${path}/labels`, twice)).body;
    expect(stops[0]).toMatch(/would both be called C1: nobody could tell them apart\.$/);
    const refused = await server.call('POST', `${path}/labels.pdf`, twice);
    expect(refused.status).toBe(422);
    expect(refused.body.errors[0].reason).toBe(stops[0]);
    const wrap = { ...FLAT, kind: 'wrap', widthMm: 25, heightMm: 24, whiteMm: 13 };
    const de = (await server.call('POST', `${path}/labels`, { stock: wrap, language: 'de' })).body;
    expect(de.notes.join(' ')).toMatch(/bekommt kein Schild: der Wickel geht nicht um das Kabel/);
    expect(de.labels).toBeLessThan(2 * links.length);
    const sheet = { ...SHEET, stepXMm: 60 };
    const over = (await server.call('POST', `${path}/labels`, { stock: { ...FLAT, sheet } })).body;
    expect(over.stops[0]).toMatch(/^Labels would lie over each other/);
  });

  it('are laid of an empty site, and of names with any letters', async () => {
    const { body: site } = await server.call('POST', '/api/sites', { name: 'Łódź' });
    const at = `/api/sites/${site.id}`;
    const none = (await server.call('POST', `${at}/labels`, { stock: FLAT })).body;
    expect([none.labels, none.sheets]).toEqual([0, 0]);
    const end = { place: 'Żuraw Ω <1>', connector: 'plug-8p8c' };
    await server.call('POST', `${at}/links`, {
      label: 'Ł&1',
      near: end,
      far: end,
      cable: 'cat6-uutp-solid',
    });
    const { preview } = (await server.call('POST', `${at}/labels`, { stock: FLAT })).body;
    expect(preview).toContain('Ł&#38;1');
    expect(preview).toContain('Żuraw Ω &#60;1&#62;');
  });
});
