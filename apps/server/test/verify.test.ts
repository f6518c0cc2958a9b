import { CSV, schedule, startServer, type TestServer } from './server';

interface Told {
  readonly explanations: {
    readonly faults: { readonly kind: string; readonly near: string[]; readonly end: string }[];
    readonly probability: number;
  }[];
  readonly next?: {
    readonly sentence: string;
    readonly minutes: number;
    readonly trial: unknown;
    readonly outcomes: { readonly words: string; readonly reading: unknown }[];
  };
  readonly repair?: {
    readonly places: string[];
    readonly sentence: string;
    readonly provenBy: string | null;
    readonly shares: { readonly share: number }[];
  };
  readonly unproven: string[];
}

const link = { scheme: 'T568B', shielded: true };

describe('Verify over HTTP', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await startServer();
  });
  afterAll(() => server.stop());
  const post = (path: string, body: unknown) => server.call('POST', `/api/verify/${path}`, body);

  it('lists the classes of testers', async () => {
    const { status, body } = await server.call('GET', '/api/verify/testers');
    expect(status).toBe(200);
    const ids = (body.testers as { id: string }[]).map(({ id }) => id);
    expect(ids).toContain('pair-lamps');
    expect(ids).toContain('reflectometer');
  });

  it('predicts what passes: a cable turned end for end lights every pair lamp', async () => {
    const turned = { link, faults: [{ kind: 'rollover' }] };
    const lamps = await post('predict', { ...turned, tester: 'pair-lamps' });
    expect(lamps.status).toBe(200);
    expect(lamps.body.looksGood).toBeTrue();
    const scan = await post('predict', { ...turned, tester: 'sequential-lamps' });
    expect(scan.body.looksGood).toBeFalse();
    expect(scan.body.shown[0].steps[0]).toEqual({ step: '1', lit: ['near 1', 'far 8'], dim: [] });
  });

  it('predicts a split pair for a tester that sees crosstalk, from the pairs alone', async () => {
    const { body } = await post('predict', {
      link,
      faults: [{ kind: 'split-pair', pairs: [1, 3] }],
      tester: 'pairing',
    });
    expect(body.shown[0].splitPairs).toEqual([
      ['3', '6'],
      ['4', '5'],
    ]);
  });

  it('solves a tester of one’s own', async () => {
    const circuit = [
      {
        name: 'all',
        lamps: ['red'],
        parts: [
          { kind: 'supply', plus: 'p', minus: 'm', volts: 9, ohm: 1 },
          { kind: 'diode', name: 'red', anode: 'p', cathode: 'near:1', forwardV: 2, ohm: 470 },
          { kind: 'resistor', a: 'far:1', b: 'm', ohm: 0.1 },
        ],
      },
    ];
    const good = await post('predict', { link, tester: { circuit } });
    expect(good.body.shown[0].steps).toEqual([{ step: 'all', lit: ['red'], dim: [] }]);
    const open = await post('predict', {
      link,
      faults: [{ kind: 'open', near: ['1'] }],
      tester: { circuit },
    });
    expect(open.body.shown[0].steps).toEqual([{ step: 'all', lit: [], dim: [] }]);
  });

  it('explains readings of several testers, names the next test, then the repair', async () => {
    const faults = [{ kind: 'short', near: ['4', '5'], end: 'far' }];
    const { body: scan } = await post('predict', { link, faults, tester: 'identifying-remote' });
    const first = await post('explain', {
      link,
      readings: scan.shown,
      conditions: { testers: ['reflectometer'] },
    });
    expect(first.status).toBe(200);
    const told = first.body as Told;
    expect(told.explanations[0]?.faults.map(({ kind, near }) => `${kind} ${near.join()}`)).toEqual([
      'short 4,5',
    ]);
    expect(told.next?.sentence).toContain('reflectometry');
    expect(told.next?.minutes).toBeGreaterThan(0);
    const { body: lengths } = await post('predict', { link, faults, tester: 'reflectometer' });
    const then = (await post('explain', { link, readings: [...scan.shown, ...lengths.shown] }))
      .body as Told;
    expect(then.repair?.places).toEqual(['far']);
    expect(then.explanations[0]?.faults[0]?.end).toBe('far');
  }, 20_000);

  it('takes what was done between readings, and gives outcomes that are sent back as they are', async () => {
    const ask = async (readings: unknown[], done: unknown[] = []) =>
      (
        await post('explain', {
          link,
          readings,
          done,
          conditions: { testers: ['identifying-remote', 'look'] },
        })
      ).body as Told;
    const faults = [{ kind: 'open', near: ['4'], end: 'far' }];
    const { body: scan } = await post('predict', { link, faults, tester: 'identifying-remote' });
    const look = await ask(scan.shown);
    expect(look.next?.trial).toEqual({ tester: 'look', end: 'near' });
    const nothing = look.next?.outcomes.find(({ words }) => words === 'As on a good link');
    const then = await ask([...scan.shown, nothing?.reading]);
    expect(then.repair?.places).toEqual(['far']);
    expect(then.repair?.provenBy).toBe('identifying-remote');
    expect(then.repair?.shares[0]?.share).toBeGreaterThan(0.5);
    const done = [{ action: 'remade', end: 'far' }];
    const proof = await ask([...scan.shown, nothing?.reading], done);
    expect(proof.next?.trial).toEqual({ tester: 'identifying-remote', moved: null });
    const failed = await ask([...scan.shown, nothing?.reading, { done }, ...scan.shown]);
    expect(failed.repair?.places ?? []).not.toEqual(['far']);
    const blind = await ask([...scan.shown, { done }, ...scan.good]);
    expect(blind.repair?.places).toEqual([]);
    expect(blind.unproven).toContain('split-pair');
    expect(blind.repair?.sentence).toContain('split pairs');
    const strange = await post('explain', {
      link,
      readings: [...scan.shown, { done: [{ action: 'reseated', end: 'far', contacts: ['9'] }] }],
    });
    expect(strange.body.errors).toEqual([
      { path: 'readings.1.done.0.contacts', reason: 'the far end has no contact 9' },
    ]);
  }, 20_000);

  it('explains two lamp readings of which the cable was moved at one', async () => {
    const faults = [{ kind: 'open', near: ['4'], end: 'far' }];
    const { body: lamps } = await post('predict', { link, faults, tester: 'pair-lamps' });
    const { status, body } = await post('explain', {
      link,
      readings: [lamps.good[0], { ...lamps.shown[0], moved: 'far' }],
    });
    expect(status).toBe(200);
    const kinds = (body as Told).explanations[0]?.faults.map(({ kind }) => kind);
    expect(kinds).toContain('intermittent');
  }, 30_000);

  it('computes blind spots and the cheapest set that leaves none', async () => {
    const { body } = await post('blind-spots', { link: { scheme: 'T568A' } });
    const spots = body.spots as { tester: string; kind: string; missed: number }[];
    const missed = (tester: string, kind: string) =>
      spots.find((row) => row.tester === tester && row.kind === kind)?.missed;
    expect(missed('identifying-remote', 'split-pair')).toBe(6);
    expect(missed('pairing', 'split-pair')).toBe(0);
    expect(body.cheapest.testers.sort()).toEqual(['insulation', 'ohmmeter', 'pairing']);
  });

  it('expects ohms with their uncertainty, judges measured ones, and counts power', async () => {
    const { body } = await post('ohms', {
      link: { lengthM: 90, gaugeAwg: 24 },
      measured: [
        { pair: 1, ohm: 25, tipOhm: 10, ringOhm: 15 },
        { pair: 2, ohm: 15.5 },
      ],
    });
    expect(body.loop.value).toBeCloseTo(15.5, 0);
    expect(body.verdicts[0].cause).toBe('joint');
    expect(body.verdicts[0].unbalance.within).toBeFalse();
    expect(body.verdicts[1].unbalance).toBeNull();
    expect(body.betweenPairs.within).toBeFalse();
    expect(body.betweenPairs.share).toBeCloseTo(9.5 / 40.5, 9);
    expect(body.power.map(({ id }: { id: string }) => id)).toContain('bt-8');
  });

  it('draws the limits of a class, and a sweep against them with its worst margin', async () => {
    const rows = [1, 10, 100, 250].map((mhz) => {
      const loss = 10 ** (-(1.9 * Math.sqrt(mhz)) / 20);
      return `${mhz} 0.01 0 ${loss} 0 ${loss} 0 0.01 0`;
    });
    const { status, body } = await post('limits', {
      class: '6',
      sweep: { name: 'drop.s2p', text: ['# MHz S MA R 100', ...rows].join('\n') },
    });
    expect(status).toBe(200);
    const [loss] = body.sweeps as { pass: boolean; worst: { mhz: number; marginDb: number } }[];
    expect(loss?.pass).toBeTrue();
    expect(loss?.worst.mhz).toBe(10);
    expect(loss?.worst.marginDb).toBeCloseTo(0.55, 1);
    expect(body.limits.map(({ parameter }: { parameter: string }) => parameter)).toEqual([
      'insertion-loss',
      'next',
      'ps-next',
      'acr-f',
      'ps-acr-f',
      'return-loss',
    ]);
    const broken = await post('limits', { class: '6', sweep: { name: 'a.s2p', text: '1 2 3' } });
    expect(broken.status).toBe(422);
    expect(broken.body.errors[0].reason).toContain('line 1');
  });

  it('refuses what it can’t take, by path and reason', async () => {
    const short = await post('explain', {
      link,
      readings: [{ tester: 'beeper', from: 'near 9', to: 'far 1', beeps: true }],
    });
    expect(short.status).toBe(422);
    expect(short.body.errors).toEqual([
      { path: 'readings.0.from', reason: 'the near end has no contact 9' },
    ]);
    expect((await post('ohms', { link })).body.errors[0].path).toBe('link.lengthM');
    expect((await post('predict', { link, tester: 'coax-trio' })).status).toBe(422);
    expect((await post('predict', { link, tester: 'crystal-ball' })).status).toBe(422);
    const none = await post('explain', { link: crypto.randomUUID(), readings: [] });
    expect(none.status).toBe(404);
  });

  it('goes on answering while it explains', async () => {
    const faults = [
      { kind: 'short', near: ['4', '5'], end: 'far' },
      { kind: 'open', near: ['7'], end: 'near' },
    ];
    const { body: lamps } = await post('predict', { link, faults, tester: 'pair-lamps' });
    let explained = false;
    const slow = post('explain', { link, readings: lamps.shown }).then((answer) => {
      explained = true;
      return answer;
    });
    const started = await server.call('GET', '/api/health');
    expect(started.status).toBe(200);
    expect(explained).toBeFalse();
    expect((await slow).body.explanations.length).toBeGreaterThan(1);
  }, 30_000);

  it('learns from the firm’s own remade ends', async () => {
    const seen = async () => (await server.call('GET', '/api/verify/experience')).body;
    expect(await seen()).toEqual({ links: 0, faults: [] });
    const { body: site } = await server.call('POST', '/api/sites', {
      name: 'Berth 4',
      defaultScheme: 'T568B',
    });
    const path = `/api/sites/${site.id}/links`;
    await server.call('POST', `${path}/import`, schedule(1), CSV);
    const [{ id }] = (await server.call('GET', path)).body.links;
    const { body: read } = await server.call('POST', `/api/links/${id}/readings`, {
      tester: 'identifying-remote',
      nets: ['1', '2', '4', '5', '6', '7', '8'].map((name) => ({ near: [name], far: [name] })),
    });
    expect(read.diagnosis.faults[0].kind).toBe('open');
    await server.call('POST', `/api/links/${id}/ticks`, {
      end: 'far',
      key: 'crimp',
      done: false,
      cause: 'test',
    });
    expect(await seen()).toEqual({
      links: 1,
      faults: [{ kind: 'open', end: 'far', count: 1 }],
    });
  });

  it('works out loss, line voltages and lamp resistors from a few numbers', async () => {
    const loss = await post('loss', { cable: 'rg-6', lengthM: 40, mhz: 700, splitters: [2] });
    expect(loss.status).toBe(200);
    expect(loss.body.rows.length).toBe(3);
    expect(loss.body.total.u).toBeGreaterThan(0);
    const pairs = await post('loss', { cable: 'cat6-uutp-solid', lengthM: 40, mhz: 100 });
    expect(pairs.body.errors[0]).toEqual({ path: 'cable', reason: 'is not coaxial' });
    const line = await post('line', { idleV: 0, demarcationV: -50, ringers: [1, 4] });
    expect(line.body.side).toBe('ours');
    expect(line.body.ringers.enough).toBeFalse();
    expect((await post('line', {})).body.next).toBe('idleV');
    const build = await post('lamp-build', { supply: 'block-9' });
    expect(build.body.best.ohm).toBe(750);
    expect((await post('lamp-build', { supply: 'car' })).status).toBe(422);
  });
});
