import { CSV, startServer, type TestServer } from './server';

interface Cost {
  readonly currency: string;
  readonly parts: readonly {
    readonly name: string;
    readonly count: number;
    readonly cable: boolean;
    readonly cost: number | null;
  }[];
  readonly minutes: number;
  readonly failureRate: { readonly value: number };
  readonly madeEach: { readonly value: number; readonly u: number };
}

describe('The firm’s prices', () => {
  let server: TestServer;
  let path = '';

  beforeAll(async () => {
    server = await startServer({ demo: true });
    path = `/api/sites/${(await server.call('GET', '/api/sites')).body.sites[0].id}`;
  });
  afterAll(() => server.stop());

  const PLUG = { connector: 'plug-8p8c' };
  const cord = { near: PLUG, far: PLUG, cable: 'cat5e-uutp-stranded', lengthM: 2, count: 24 };
  const cost = async (body: object = {}): Promise<Cost> => {
    const answer = await server.call('POST', `${path}/plan/cost`, {
      ...cord,
      boughtEach: 3.1,
      ...body,
    });
    expect(answer.status).withContext(answer.text).toBe(200);
    return answer.body;
  };

  it('are filled into a list of what a site takes, and reckoned with', async () => {
    expect((await server.call('GET', '/api/price-list')).body).toEqual(
      jasmine.objectContaining({ at: null, prices: [] }),
    );
    expect((await cost()).parts.every((part) => part.cost === null)).toBeTrue();
    const { text } = await server.call('GET', `${path}/price-list.csv`);
    const [head = '', ...rows] = text.trim().split('\r\n');
    expect(head).toBe('part,name,price,pack,currency,date');
    expect(text).toContain('\r\nplug-8p8c,8P8C plug,');
    expect(text).toContain('\r\ncat5e-uutp-stranded,');
    // Each of them ten for 5.00.
    const filled = rows.map((row) => row.replace(/,,,,$/, ',5,10,EUR,2026-05-01'));
    const csv = [head, ...filled].join('\n');
    const kept = await server.call('POST', '/api/price-list', csv, CSV);
    expect(kept.status).toBe(200);
    expect(kept.body.prices.length).toBe(rows.length);
    expect(kept.body.unknown).toEqual([]);

    const made = await cost({ wagePerHour: 60 });
    expect(made.currency).toBe('EUR');
    const priced = made.parts.reduce((sum, part) => sum + (part.cost ?? 0), 0);
    for (const part of made.parts)
      if (part.cost !== null) expect(part.cost).toBeCloseTo(part.count * 0.5, 9);
    expect(made.parts.find((part) => part.cable)?.count).toBe(2);
    expect(made.minutes).toBeGreaterThan(1);
    expect(made.madeEach.value).toBeCloseTo(
      (priced + made.minutes) / (1 - made.failureRate.value),
      9,
    );
    // It is there again to be filled in.
    expect((await server.call('GET', `${path}/price-list.csv`)).text).toContain(
      'plug-8p8c,8P8C plug,5,10,EUR,2026-05-01',
    );
  });

  it('say what is left of a site, of a link and of one end, and leave out what is made', async () => {
    const left = async (body: object = {}) => {
      const answer = await server.call('POST', `${path}/plan/cost-left`, body);
      expect(answer.status).withContext(answer.text).toBe(200);
      return answer.body;
    };
    const whole = await left({ wagePerHour: 60 });
    expect(whole.currency).toBe('EUR');
    const kit = (await server.call('GET', `${path}/kit`)).body;
    expect(whole.ends).toBe(kit.ends);
    const priced = whole.parts.reduce(
      (sum: number, part: { cost: number | null }) => sum + (part.cost ?? 0),
      0,
    );
    expect(whole.cost.value).toBeCloseTo(Number(priced) + Number(whole.minutes.value), 6);
    expect(whole.cost.u).toBeGreaterThan(0);
    // With remakes it is more than the bare needs.
    expect(whole.minutes.value * 60).toBeGreaterThan(kit.seconds);

    const { links } = (await server.call('GET', `${path}/links`)).body;
    const idOf = (label: string) =>
      links.find((link: { label: string }) => link.label === label).id as string;
    expect(await left({ link: idOf('K01') })).toEqual(
      jasmine.objectContaining({ ends: 0, parts: [], cost: { value: 0, u: 0 } }),
    );
    const both = await left({ link: idOf('AP07') });
    expect(both.ends).toBe(2);
    expect(both.parts.find((part: { cable: boolean }) => part.cable)?.count).toBe(59);
    const far = await left({ link: idOf('AP07'), end: 'far' });
    expect(far.ends).toBe(1);
    expect(far.parts.some((part: { cable: boolean }) => part.cable)).toBeFalse();
    const stranger = '0197f000-0000-7000-8000-00000000d0ff';
    const lost = await server.call('POST', `${path}/plan/cost-left`, { link: stranger });
    expect([lost.status, lost.body.errors[0].path]).toEqual([422, 'link']);
  });

  it('stay as they were where a list can’t be read, with every bad cell named', async () => {
    const before = (await server.call('GET', '/api/price-list')).body;
    const csv = 'part,price,currency\nplug-8p8c,dear,EUR\nboot,"1,5",USD';
    const { status, body } = await server.call('POST', '/api/price-list', csv, CSV);
    expect(status).toBe(422);
    expect(body.cells).toEqual([
      {
        line: 2,
        column: 2,
        field: 'price',
        reason: '‘dear’ is no price: write it like 1234.50.',
      },
      {
        line: 3,
        column: 3,
        field: 'currency',
        reason: '‘USD’ beside EUR: a list has one currency.',
      },
    ]);
    expect((await server.call('GET', '/api/price-list')).body).toEqual(before);
  });

  it('tell nothing of a cord that can’t be made, nor of one of no length', async () => {
    const coax = { ...cord, boughtEach: 3, cable: 'rg6' };
    const { cables } = (await server.call('GET', '/api/catalogue/cables')).body as {
      readonly cables: readonly { readonly id: string; readonly family: string }[];
    };
    const other = cables.find(({ family }) => family === 'coax')?.id ?? coax.cable;
    const refused = await server.call('POST', `${path}/plan/cost`, { ...coax, cable: other });
    expect(refused.status).toBe(422);
    expect(refused.body.errors[0].reason).toBe('does not fit one of the connectors');
    const none = await server.call('POST', `${path}/plan/cost`, { ...coax, lengthM: 0 });
    expect(none.status).toBe(422);
  });
});
