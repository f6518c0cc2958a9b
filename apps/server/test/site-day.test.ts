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
      expect(stop.startMinute).toBeGreaterThanOrEqual(before + stop.walkMinutes - 1e-6);
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
});
