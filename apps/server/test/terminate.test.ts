import { execFileSync } from 'node:child_process';
import { inflateSync } from 'node:zlib';
import { BUILT_IN, CABLES, CONNECTORS } from '@near-spoke/core/catalogue';
import { planTermination } from '@near-spoke/core/terminate';
import { POINTS_PER_MM } from '../src/pdf/units';
import { startServer, type TestServer } from './server';

/** The drawing operators of a PDF, from all its streams. */
function drawn(pdf: Buffer): string {
  let text = '';
  for (let at = pdf.indexOf('stream\n'); at >= 0; at = pdf.indexOf('stream\n', at + 1)) {
    const end = pdf.indexOf('endstream', at);
    try {
      text += inflateSync(pdf.subarray(at + 7, end)).toString('latin1');
    } catch {
      // A font or another stream that is not a drawing.
    }
  }
  return text;
}

/** The lengths of all horizontal lines of a drawing, in points. */
function horizontalLines(drawing: string): number[] {
  return [...drawing.matchAll(/([\d.]+) ([\d.]+) m\s+([\d.]+) ([\d.]+) l/g)]
    .filter(([, , y1, , y2]) => y1 === y2)
    .map(([, x1, , x2]) => Number(x2) - Number(x1));
}

interface Page {
  readonly rows: readonly Uint8Array[];
  readonly mmPerPixel: number;
}

const DPI = 300;
const isDark = (pixel: number) => pixel < 128;

/** The first page of a PDF in grey pixels, by a renderer that is not ours. */
function rendered(pdf: Buffer): Page {
  const pgm = execFileSync('pdftoppm', ['-r', String(DPI), '-gray', '-singlefile', '-'], {
    input: pdf,
    maxBuffer: 64e6,
  });
  const [head = '', width = '0'] =
    /^P5\s+(\d+)\s+\d+\s+\d+\s/.exec(pgm.toString('latin1', 0, 40)) ?? [];
  const rows: Uint8Array[] = [];
  for (let at = head.length; at < pgm.length; at += Number(width))
    rows.push(pgm.subarray(at, at + Number(width)));
  return { rows, mmPerPixel: 25.4 / DPI };
}

/** The lengths of a row's unbroken dark runs, in pixels. */
function darkRuns(row: Uint8Array): number[] {
  const runs: number[] = [];
  let length = 0;
  for (const pixel of [...row, 255])
    if (isDark(pixel)) length += 1;
    else if (length > 0) {
      runs.push(length);
      length = 0;
    }
  return runs;
}

/** The middles of the long vertical lines above the scales, in pixels from the left. */
function columnsOf({ rows, mmPerPixel }: Page): number[] {
  const band = rows.slice(Math.round(44 / mmPerPixel), Math.round(72 / mmPerPixel));
  const width = rows[0]?.length ?? 0;
  const long = Array.from({ length: width }, (_, x) => {
    const dark = band.filter((row) => isDark(row[x] ?? 255)).length;
    return dark * mmPerPixel > 11;
  });
  const middles: number[] = [];
  for (let x = 0; x < width; x += 1)
    if (long[x]) {
      const from = x;
      while (long[x]) x += 1;
      middles.push((from + x) / 2);
    }
  return middles;
}

describe('Terminate over HTTP', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await startServer();
  });
  afterAll(() => server.stop());

  const template = async (cable: string, connector: string) => {
    const response = await fetch(
      `${server.url}/api/terminate/template.pdf?cable=${cable}&connector=${connector}`,
    );
    return { status: response.status, pdf: Buffer.from(await response.arrayBuffer()) };
  };

  it('draws the strip template and its rulers at exactly 1:1', async () => {
    const { status, pdf } = await template('cat6-uutp-solid', 'plug-8p8c');
    expect(status).toBe(200);
    const lines = horizontalLines(drawn(pdf));
    const has = (points: number) => lines.some((length) => Math.abs(length - points) < 0.01);
    expect(has((100 / 25.4) * 72))
      .withContext('100 mm')
      .toBeTrue();
    expect(has(4 * 72))
      .withContext('4 in')
      .toBeTrue();
    // The marks: vertical lines at the cuts, measured from the cable's end.
    const verticals = [...drawn(pdf).matchAll(/([\d.]+) ([\d.]+) m\s+([\d.]+) ([\d.]+) l/g)]
      .filter(([, x1, , x2]) => x1 === x2)
      .map(([, x]) => Number(x));
    const end = 25 * POINTS_PER_MM;
    for (const { fromEndMm } of BUILT_IN.connector('plug-8p8c').cuts)
      expect(verticals.some((x) => Math.abs(x - end - fromEndMm * POINTS_PER_MM) < 0.02))
        .withContext(`${fromEndMm} mm`)
        .toBeTrue();
  });

  it('prints at 1:1: rendered to pixels, rulers and cuts are right within 0.2 mm', async () => {
    for (const [cable, connector] of [
      ['cat6-uutp-solid', 'plug-8p8c'],
      ['rg-58', 'bnc-crimp-50-rg-58'],
      ['telephone-25-pair', 'block-25-pair'],
    ] as const) {
      const { pdf } = await template(cable, connector);
      const page = rendered(pdf);
      const runs = page.rows.flatMap((row) => darkRuns(row));
      const nearest = (mm: number) =>
        Math.min(...runs.map((length) => Math.abs(length * page.mmPerPixel - mm)));
      expect(nearest(100)).withContext(`${connector}: 100 mm`).toBeLessThan(0.2);
      expect(nearest(101.6)).withContext(`${connector}: 4 in`).toBeLessThan(0.2);
      // The marks stand at the cuts, measured from the line of the cable's end.
      const marks = columnsOf(page).map((x) => x * page.mmPerPixel);
      for (const { fromEndMm } of BUILT_IN.connector(connector).cuts)
        expect(Math.min(...marks.map((x) => Math.abs(x - (marks[0] ?? 0) - fromEndMm))))
          .withContext(`${connector}: cut at ${fromEndMm} mm`)
          .toBeLessThan(0.2);
    }
  });

  it('gives a template for all that fits, and the reasons for all that does not', async () => {
    for (const cable of CABLES.filter((_, index) => index % 6 === 0))
      for (const part of CONNECTORS) {
        const { fit } = planTermination(
          { cable, connector: part, scheme: 'T568B', otherEnd: 'made' },
          BUILT_IN,
        );
        const { status } = await template(cable.id, part.id);
        expect(status)
          .withContext(`${cable.id} ${part.id}`)
          .toBe(fit.ok ? 200 : 422);
      }
    expect((await server.call('GET', '/api/terminate/template.pdf?cable=x')).status).toBe(422);
  });

  it('says what a missing tool means for a plan', async () => {
    const ask = (without: unknown) =>
      server.call('POST', '/api/terminate/plan', {
        cable: 'cat6-uutp-solid',
        connector: 'keystone-punch-down',
        without,
      });
    expect((await ask([])).body.gaps).toEqual([]);
    const { gaps } = (await ask(['punch-down tool'])).body;
    expect(gaps[0]).toEqual(jasmine.objectContaining({ tool: 'punch-down tool', canGoOn: false }));
    expect((await ask('punch-down tool')).status).toBe(422);
  });

  it('stops where no die is at hand, and follows a school and the place', async () => {
    const ask = async (rest: object) =>
      (
        await server.call('POST', '/api/terminate/plan', {
          cable: 'rg-58',
          connector: 'bnc-crimp-50-rg-58',
          ...rest,
        })
      ).body;
    const plan = await ask({});
    const refused = await ask({
      tools: plan.tools.filter((tool: string) => !tool.startsWith('hex die')),
    });
    expect(refused.fit.ok).toBeFalse();
    expect(refused.steps).toEqual([]);
    expect(refused.fit.problems[0].need).toContain('hex die 5.41 mm');
    const ids = async (rest: object) =>
      (await ask(rest)).steps.map(({ id }: { id: string }) => id) as string[];
    expect(await ids({ schools: { pin: 'soldered' } })).toContain('solder-pin');
    expect(await ids({ schools: { pin: 'crimped' } })).toContain('crimp-pin');
    expect((await ask({ environment: 'plenum' })).fit.problems[0].what).toBe(
      'Jacket against the place',
    );
    const inches = await ask({ unit: 'in' });
    expect(inches.steps.map((step: { instruction: string }) => step.instruction).join()).toContain(
      '0.591 in ± 0.02 in (15 mm ± 0.5 mm)',
    );
    const unknown = await server.call('POST', '/api/terminate/plan', {
      cable: 'rg-99',
      connector: 'bnc',
    });
    expect(unknown.status).toBe(422);
    expect(unknown.body.errors.map(({ path }: { path: string }) => path)).toEqual([
      'cable',
      'connector',
    ]);
  });

  it('makes twelve cords with the tool changes of one', async () => {
    const ends = Array.from({ length: 12 }, (_, index) => ({
      id: `cord ${index}`,
      cable: 'cat5e-uutp-stranded',
      connector: 'plug-8p8c',
    }));
    const { body } = await server.call('POST', '/api/terminate/batch', { ends });
    const one = await server.call('POST', '/api/terminate/batch', { ends: ends.slice(0, 1) });
    expect(body.toolChanges).toBe(one.body.toolChanges);
    expect(body.changesOneByOne).toBeGreaterThan(10 * body.toolChanges);
    expect(body.sessions[0].work.length).toBe(12);
  });

  it('lists what a job still takes, at a person’s own pace', async () => {
    const site = (await server.call('POST', '/api/sites', { name: 'Berth 5' })).body.id as string;
    const made = await server.call('POST', `/api/sites/${site}/links`, {
      label: 'T1',
      near: { place: 'C1', connector: 'f-compression-rg-6', scheme: 'T568B' },
      far: { place: 'Waiting room', connector: 'f-compression-rg-6', scheme: 'T568B' },
      cable: 'rg-6',
      lengthM: 20.5,
    });
    const kit = async (query = '') =>
      (await server.call('GET', `/api/sites/${site}/kit${query}`)).body;
    const before = await kit();
    expect(before.ends).toBe(2);
    expect(before.parts).toContain({ name: 'F plug, compression, for RG-6', count: 2 });
    expect(before.cables).toEqual([{ name: 'RG-6, 75 ohm', lengthM: 20.5, unknown: 0 }]);
    expect((await kit('?end=near')).ends).toBe(1);
    const path = `/api/links/${String(made.body.id)}/ticks`;
    const second = (count: number) => new Date(Date.UTC(2026, 4, 4, 8, 0, count)).toISOString();
    for (const [key, at] of [
      ['cut-square', 0],
      ['strip-both', 200],
    ] as const)
      await server.call('POST', path, { end: 'near', key, at: second(at), author: 'tech 1' });
    expect((await kit()).cables).toEqual([]);
    const pace = (await server.call('GET', `/api/sites/${site}/pace?author=tech%201`)).body.steps;
    expect(pace['strip-both']).toEqual(
      jasmine.objectContaining({ count: 1, seconds: (3 * 20 + 200) / 4 }),
    );
    expect((await kit('?author=tech%201')).seconds).toBeGreaterThan((await kit()).seconds);
    expect((await server.call('GET', `/api/sites/${site}/pace`)).status).toBe(422);
  });

  it('keeps what was measured and why an end was made again, and tells it in the record', async () => {
    const site = (await server.call('POST', '/api/sites', { name: 'Berth 4' })).body.id as string;
    const link = await server.call('POST', `/api/sites/${site}/links`, {
      label: 'K4',
      near: { place: 'C1/A/04', connector: 'keystone-tool-less', scheme: 'T568B' },
      far: { place: 'Kiosk 4', connector: 'plug-8p8c-pass-through', scheme: 'T568B' },
      cable: 'cat6-uutp-solid',
    });
    const path = `/api/links/${String(link.body.id)}`;
    const tick = (body: object) => server.call('POST', `${path}/ticks`, { end: 'far', ...body });
    const kept = await tick({ key: 'strip-jacket', measuredMm: 41.5 });
    expect(kept.body).toEqual(jasmine.objectContaining({ measuredMm: 41.5, cause: '' }));
    const undone = await tick({ key: 'strip-jacket', done: false, cause: 'damage' });
    expect(undone.body.cause).toBe('damage');
    for (const body of [{ measuredMm: -1 }, { measuredMm: '41' }, { cause: 'bad luck' }])
      expect((await tick({ key: 'strip-jacket', ...body })).status).toBe(422);
    const record = (await server.call('GET', `${path}/record`)).body;
    expect(record.ticks.map((row: { cause: string }) => row.cause)).toEqual(['', 'damage']);
    expect((await server.call('GET', `${path}/record.pdf`)).status).toBe(200);
  });
});
