import { inflateSync } from 'node:zlib';
import { CABLES, CONNECTORS } from '@near-spoke/core/catalogue';
import { planTermination } from '@near-spoke/core/terminate';
import { POINTS_PER_MM } from '../src/terminate/template-pdf';
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
    for (const { fromEndMm } of planTermination({
      cable: 'cat6-uutp-solid',
      connector: 'plug-8p8c',
      scheme: 'T568B',
      otherEnd: 'made',
    }).cuts)
      expect(verticals.some((x) => Math.abs(x - end - fromEndMm * POINTS_PER_MM) < 0.02))
        .withContext(`${fromEndMm} mm`)
        .toBeTrue();
  });

  it('gives a template for all that fits, and the reasons for all that does not', async () => {
    for (const cable of CABLES.slice(0, 6))
      for (const part of CONNECTORS) {
        const { fit } = planTermination({
          cable: cable.id,
          connector: part.id,
          scheme: 'T568B',
          otherEnd: 'made',
        });
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
