import { startServer, type TestServer } from './server';

interface Deed {
  readonly link: string;
  readonly label: string;
  readonly what: string;
  readonly minutes: number;
}
interface Stop {
  readonly person: number;
  readonly place: string;
  readonly startMinute: number;
  readonly minutes: number;
  readonly walkMinutes: number;
  readonly waitMinutes: number;
  readonly deeds: readonly Deed[];
}
interface Row {
  readonly id: string;
  readonly label: string;
  readonly state: string;
  readonly hub: string;
}

describe('A site’s day over HTTP', () => {
  let server: TestServer;
  let path = '';
  let links: readonly Row[] = [];
  beforeAll(async () => {
    server = await startServer({ demo: true });
    const id = (await server.call('GET', '/api/sites')).body.sites[0].id;
    path = `/api/sites/${id}`;
    links = (await server.call('GET', `${path}/links`)).body.links;
  });
  afterAll(() => server.stop());

  const plan = async (body: object) => {
    const { status, body: day } = await server.call('POST', `${path}/plan/day`, body);
    expect(status).withContext(JSON.stringify(day)).toBe(200);
    return day;
  };
  const deedsOf = (stops: readonly Stop[]) =>
    stops.flatMap((stop) => stop.deeds.map((deed) => ({ ...deed, stop })));

  it('keeps to the hours, makes both ends before it tests, and walks from stop to stop', async () => {
    const day = await plan({ hours: 4 });
    const stops = day.stops as readonly Stop[];
    expect(day.totalMinutes).toBeLessThanOrEqual(240);
    expect(day.totalMinutes).toBeLessThanOrEqual(day.listedMinutes);
    expect(day.boundMinutes).toBeLessThanOrEqual(day.totalMinutes);
    expect(day.links).toBeGreaterThan(0);
    expect(day.later).toBeGreaterThan(0);
    stops.reduce((before, stop) => {
      expect(stop.startMinute).toBeCloseTo(before + stop.walkMinutes + stop.waitMinutes, 6);
      return stop.startMinute + stop.minutes;
    }, 0);
    const deeds = deedsOf(stops);
    for (const test of deeds.filter(({ what }) => what === 'test'))
      for (const end of deeds.filter(({ link, what }) => link === test.link && what !== 'test'))
        expect(stops.indexOf(end.stop))
          .withContext(test.label)
          .toBeLessThanOrEqual(stops.indexOf(test.stop));
    expect(day.carry.parts.length).toBeGreaterThan(0);
  });

  it('leaves out what is proven, and names what is faulty or does not fit', async () => {
    const day = await plan({ hub: 'G2', hours: 24 });
    const planned = new Set(deedsOf(day.stops).map(({ label }) => label));
    const here = links.filter(({ hub }) => hub === 'G2');
    const of = (...states: string[]) =>
      here.filter(({ state }) => states.includes(state)).map(({ label }) => label);
    expect(day.faults.map(({ label }: Row) => label)).toEqual(of('fail'));
    for (const label of [...of('pass'), ...of('fail')])
      expect(planned.has(label)).withContext(label).toBeFalse();
    for (const label of of('planned')) expect(planned.has(label)).withContext(label).toBeTrue();
  });

  it('is shorter for two, begins where somebody stands, and is over when all is done', async () => {
    const one = await plan({ hub: 'G2', hours: 24 });
    const two = await plan({ hub: 'G2', hours: 24, people: 2 });
    expect(two.totalMinutes).toBeLessThan(one.totalMinutes);
    expect(new Set((two.stops as readonly Stop[]).map(({ person }) => person)).size).toBe(2);
    const place = one.stops.at(-1).place as string;
    const from = await plan({ hub: 'G2', hours: 24, startPlace: place });
    expect(from.stops[0].startMinute).toBeCloseTo(from.stops[0].walkMinutes, 9);
    const there = (from.stops as readonly Stop[]).find((stop) => stop.place === place);
    expect(there).toBeDefined();
    const nothing = await plan({ hub: 'No such hub' });
    expect([nothing.stops, nothing.totalMinutes, nothing.later]).toEqual([[], 0, 0]);
    expect((await plan({ hours: 0.25 })).stops).toEqual(jasmine.any(Array));
  });

  it('keeps to the times of places, waits for them, and names what there is no room for', async () => {
    const free = await plan({ hub: 'G2', hours: 24 });
    const far = (free.stops as readonly Stop[]).find(({ deeds }) => deeds[0]?.what === 'far');
    const place = far?.place ?? '';
    const span = { fromMinute: 200, toMinute: 600 };
    const day = await plan({ hub: 'G2', hours: 24, times: [{ place, spans: [span] }] });
    const there = (day.stops as readonly Stop[]).filter((stop) => stop.place === place);
    expect(there.length).toBeGreaterThan(0);
    for (const { startMinute, minutes } of there) {
      expect(startMinute).toBeGreaterThanOrEqual(200 - 1e-6);
      expect(startMinute + minutes).toBeLessThanOrEqual(600 + 1e-6);
    }
    expect([day.shut, day.links]).toEqual([[], free.links]);
    // Let in for half a minute: no end is made in that, all else is.
    const tooShort = await plan({
      hub: 'G2',
      hours: 24,
      times: [{ place, spans: [{ fromMinute: 0, toMinute: 0.5 }] }],
    });
    const labels = (far?.deeds ?? []).map(({ label }) => label);
    const shut = tooShort.shut as readonly Row[];
    expect(shut.map(({ label }) => label)).toEqual(jasmine.arrayContaining(labels));
    expect(tooShort.links).toBe(free.links - shut.length);
    const planned = new Set(deedsOf(tooShort.stops).map(({ label }) => label));
    for (const { label } of shut) expect(planned.has(label)).withContext(label).toBeFalse();
    // What opens after the day is over is shut today.
    const after = await plan({
      hub: 'G2',
      hours: 2,
      times: [{ spans: [{ fromMinute: 121, toMinute: 600 }] }],
    });
    expect(after.stops).toEqual([]);
    expect(after.shut.length).toBeGreaterThan(0);
  });

  it('makes ends outdoors while it is dry', async () => {
    const times = [{ outdoors: true, spans: [{ fromMinute: 0, toMinute: 150 }] }];
    const day = await plan({ hours: 8, times });
    const wet = (day.stops as readonly (Stop & { readonly outdoors: boolean })[]).filter(
      ({ outdoors }) => outdoors,
    );
    expect(wet.length).toBeGreaterThan(0);
    for (const { startMinute, minutes } of wet)
      expect(startMinute + minutes).toBeLessThanOrEqual(150 + 1e-6);
  });

  it('moves the remotes where there are few, and gives what takes the one tester to one', async () => {
    const one = { hub: 'G2', hours: 24 };
    const [many, few] = [await plan(one), await plan({ ...one, remotes: 2 })];
    const counted = (day: { readonly stops: readonly Stop[] }, what: string) =>
      deedsOf(day.stops).filter((deed) => deed.what === what).length;
    expect(counted(many, 'fetch')).toBe(0);
    expect(counted(few, 'fetch')).toBeGreaterThan(0);
    expect(counted(few, 'test')).toBe(counted(many, 'test'));
    expect(few.totalMinutes).toBeGreaterThan(many.totalMinutes);
    const two = await plan({ ...one, people: 2, onlyOne: ['tester'] });
    const testers = deedsOf(two.stops).filter(({ what }) => what === 'test');
    expect(new Set(testers.map(({ stop }) => stop.person)).size).toBe(1);
  });

  it('refuses times that are none, and names a place that the site has not', async () => {
    const refused = async (time: object) => {
      const { status, body } = await server.call('POST', `${path}/plan/day`, { times: [time] });
      expect(status).toBe(422);
      return body.errors[0];
    };
    const span = { fromMinute: 10, toMinute: 20 };
    const elsewhere = await plan({ times: [{ place: 'Łódź', spans: [span] }] });
    expect([elsewhere.unknownPlaces, elsewhere.shut]).toEqual([['Łódź'], []]);
    const backwards = { fromMinute: 20, toMinute: 10 };
    expect((await refused({ spans: [backwards] })).path).toBe('times.0.spans.0.toMinute');
    expect((await refused({ spans: [] })).path).toBe('times.0.spans');
  });
});
