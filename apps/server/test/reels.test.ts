import { execFileSync } from 'node:child_process';
import { CSV, startServer, type TestServer } from './server';

const HEAD = 'label,from,to,length,cable,scheme,near connector,far connector';
const row = (n: number, length: number) =>
  `R${n},C1/A/0${n},Kiosk ${n},${length} m,Cat 6 U/UTP solid,T568B,keystone,8P8C plug`;

interface Plan {
  readonly buy: number;
  readonly cuts: readonly { readonly run: string; readonly reel: string; readonly toM: number }[];
}

describe('Reels of a site', () => {
  let server: TestServer;
  let path = '';
  let links: readonly { readonly id: string; readonly label: string; readonly cable: string }[] =
    [];
  let cable = '';

  beforeAll(async () => {
    server = await startServer();
    const { body } = await server.call('POST', '/api/sites', { name: 'Berth Łódź' });
    path = `/api/sites/${body.id}`;
    const rows = [60, 50, 40].map((length, index) => row(index + 1, length));
    await server.call('POST', `${path}/links/import`, [HEAD, ...rows].join('\n'), CSV);
    links = (await server.call('GET', `${path}/links`)).body.links;
    cable = links[0]?.cable ?? '';
  });
  afterAll(() => server.stop());

  const keep = (deed: object, linkId: string | null = null) =>
    server.call('POST', `${path}/cable-facts`, { cable, reel: 'R 7', linkId, deed });
  const plan = async (body: object = {}): Promise<Plan> => {
    const answer = await server.call('POST', `${path}/plan/cut`, { boxM: 305, ...body });
    expect(answer.status).toBe(200);
    return answer.body.cables[0]?.plan as Plan;
  };

  it('are cut from before a box is bought, and what was cut is not planned again', async () => {
    expect(await plan()).toEqual(jasmine.objectContaining({ buy: 1 }));
    expect((await keep({ kind: 'got', lengthM: 160, markM: 900, marks: 'down' })).status).toBe(201);
    const whole = await plan();
    expect(whole.buy).toBe(0);
    expect(new Set(whole.cuts.map(({ reel }) => reel))).toEqual(new Set(['R 7']));
    expect(await plan({ ownReels: false })).toEqual(jasmine.objectContaining({ buy: 1 }));

    // Far more was cut off than was planned: the rest does not reach any more.
    const [first] = links;
    const cut = await keep({ kind: 'cut', lengthM: 90, markM: 810 }, first?.id ?? '');
    expect(cut.status).toBe(201);
    const rest = await plan();
    expect(rest.cuts.map(({ run }) => run)).not.toContain(first?.id ?? '');
    expect(rest.cuts.length).toBe(2);
    expect(rest.buy).toBe(1);

    // A cut that is taken back was none.
    await server.call('POST', `/api/facts/${cut.body.id}/void`, { reason: 'typo' });
    const again = await plan();
    if (again.buy === 0) expect(again.cuts.length).toBe(3);
    await keep({ kind: 'gone' });
    expect((await plan()).buy).toBe(1);
  });

  it('refuse what can’t be, and are found by what was done with them', async () => {
    expect((await keep({ kind: 'cut', lengthM: 0 })).status).toBe(422);
    expect((await keep({ kind: 'got', lengthM: 10, marks: 'sideways' })).status).toBe(422);
    const nameless = { cable, reel: '', deed: { kind: 'gone' } };
    expect((await server.call('POST', `${path}/cable-facts`, nameless)).status).toBe(422);
    const found = JSON.stringify((await server.call('GET', '/api/search?q=R%207')).body);
    expect(found).toContain('R 7 came with 160 m.');
    expect(found).toContain('90 m cut from R 7.');
    expect(found).toContain('What is left of R 7 is of no use.');
  });

  it('have a label with their name and a code, and none that is not there', async () => {
    const label = (reel: string) =>
      fetch(
        `${server.url}${path}/reel-label.pdf?reel=${encodeURIComponent(reel)}&origin=https://a.example`,
      );
    const answer = await label('R 7');
    const input = Buffer.from(await answer.arrayBuffer());
    const text = execFileSync('pdftotext', ['-layout', '-', '-'], { input }).toString();
    expect(text.replace(/\s/g, '')).toContain('R7');
    expect(text).toContain('Cat 6 U/UTP solid');
    expect(text).toContain('160 m');
    expect((await label('R 8')).status).toBe(404);
  });
});
