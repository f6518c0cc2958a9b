import { dayPlan } from '../day';
import {
  placeOf,
  siteDay,
  TESTER,
  walksAlong,
  type Between,
  type EndLeft,
  type LinkLeft,
  type SiteDay,
  type SiteDayOptions,
} from './index';
import { openAt, type PlaceTimes } from './times';

const OPTIONS: SiteDayOptions = {
  people: 1,
  startPlace: null,
  testMinutes: 2,
  onlyOne: [],
  remotes: null,
  times: [],
};
const WALKING = { walkMPerMinute: 40, unknownWalkMinutes: 5 };
const end = (place: string, minutes: number, more: Partial<EndLeft> = {}): EndLeft => ({
  place,
  minutes,
  tools: ['crimper'],
  outdoors: false,
  ...more,
});
const dayOf = (
  links: readonly LinkLeft[],
  options: Partial<SiteDayOptions> = {},
  ways: readonly Between[] = links,
): SiteDay => siteDay(links, { ...OPTIONS, ...options }, walksAlong(ways, WALKING));
const link = (
  id: string,
  far: string,
  lengthM: number | null,
  more: Partial<LinkLeft> = {},
): LinkLeft => ({
  id,
  near: end('C1', 6),
  far: end(far, 9),
  lengthM,
  toTest: true,
  ...more,
});

describe('A site’s day', () => {
  it('walks as far as the cables go, and on by the next', () => {
    const { places, walkMinutes } = dayOf([
      link('a', 'Kiosk', 40),
      link('b', 'Mast', 80),
      link('c', 'Gate', null),
    ]);
    const walk = (from: string, to: string) =>
      walkMinutes[places.indexOf(from)]?.[places.indexOf(to)];
    expect(walk('C1', 'Kiosk')).toBe(1);
    expect(walk('Kiosk', 'Mast')).toBe(3);
    expect(walk('Gate', 'Kiosk')).toBe(6);
    expect(walk('Mast', 'Mast')).toBe(0);
    // What no cable joins is as far as is said of the unknown.
    const apart = dayOf([link('a', 'Kiosk', 40), link('b', 'Shed', 40, { near: end('C2', 0) })]);
    expect(apart.walkMinutes[apart.places.indexOf('C1')]?.[apart.places.indexOf('Shed')]).toBe(5);
  });

  it('takes the shorter of two cables, and a way round where that is shorter', () => {
    const { places, walkMinutes } = dayOf([
      link('a', 'Kiosk', 400),
      link('b', 'Kiosk', 200),
      link('c', 'Gate', 40),
      link('d', 'Kiosk', 40, { near: end('Gate', 0) }),
    ]);
    expect(walkMinutes[places.indexOf('C1')]?.[places.indexOf('Kiosk')]).toBe(2);
  });

  it('does what is left at a place in one go, in turns, and tests once both ends are made', () => {
    const links = Array.from({ length: 7 }, (_, n) => link(`k${n}`, n < 5 ? 'Kiosk' : 'Mast', 40));
    const made = link('m', 'Mast', 40, {
      near: end('C1', 0),
      far: end('Mast', 0),
    });
    const { visits } = dayOf([...links, made]);
    const told = visits.map(({ place, minutes, deeds }) => [place, minutes, deeds[0]?.what]);
    expect(told).toEqual([
      ['C1', 30, 'near'],
      ['C1', 12, 'near'],
      ['Kiosk', 27, 'far'],
      ['Kiosk', 18, 'far'],
      ['Mast', 18, 'far'],
      // Whoever makes an end leaves a remote there; where one is made already, it has to be brought.
      ['Mast', 0.5, 'put'],
      ['C1', 16, 'test'],
    ]);
    expect(visits.at(-1)?.after.length).toBe(6);
    expect(new Set(visits.map(({ id }) => id)).size).toBe(visits.length);
  });

  it('is planned: far ends round, hub, tests last, nobody walks twice to a far end', () => {
    const links = ['Kiosk', 'Mast', 'Gate'].map((far, n) => link(far, far, 40 + 40 * n));
    const day = dayOf(links);
    const planned = dayPlan(day);
    if (!planned.ok) throw new Error('No day');
    const { order, totalMinutes, listedMinutes, boundMinutes } = planned.plan;
    const places = order.map(({ visit }) => day.visits.find(({ id }) => id === visit)?.place);
    expect([...places].sort()).toEqual(['C1', 'C1', 'Gate', 'Kiosk', 'Mast']);
    expect(places.at(-1)).toBe('C1');
    // 3 ends of 9, 3 of 6, 3 tests of 2: 51; out and back 1 + 2 + 3 times two.
    expect(totalMinutes).toBeCloseTo(51 + 12, 9);
    expect(totalMinutes).toBeLessThanOrEqual(listedMinutes);
    expect(boundMinutes).toBeLessThanOrEqual(totalMinutes);
  });

  it('begins where somebody stands, though no link is there', () => {
    const day = dayOf([link('a', 'Kiosk', 40)], { startPlace: 'Van' });
    expect(day.places).toContain('Van');
    expect(dayPlan(day).ok).toBeTrue();
    expect(dayOf([]).visits).toEqual([]);
  });

  it('walks along cables of which nothing is left to do, too', () => {
    const van = { ...link('v', 'Quay', 80), near: end('Van', 0) };
    const left = link('a', 'Quay', 40);
    const day = dayOf([left], { startPlace: 'Van' }, [left, van]);
    const walk = (to: string) =>
      day.walkMinutes[day.places.indexOf('Van')]?.[day.places.indexOf(to)];
    expect([walk('Quay'), walk('C1')]).toEqual([2, 3]);
    expect(day.walkMinutes.length).toBe(day.places.length);
  });

  it('takes every panel of a hub for the hub', () => {
    const hubs = new Set(['C1', 'G2']);
    expect(placeOf('C1/A/04', hubs)).toBe('C1');
    expect(placeOf('G2', hubs)).toBe('G2');
    expect(placeOf('Kiosk C1/A', hubs)).toBe('Kiosk C1/A');
  });

  it('tests no more at a time than there are remotes, and fetches them for the next', () => {
    const links = ['Kiosk', 'Mast', 'Gate', 'Kiosk', 'Quay'].map((far, n) =>
      link(`${far} ${n}`, far, 40),
    );
    const { visits } = dayOf(links, { remotes: 2 });
    const told = visits
      .slice(-9)
      .map(({ id, place, minutes }) => [id.replace(/ \d+ \S+$/, ''), place, minutes]);
    // Both of the kiosk go together: after them, one remote goes to the mast and one to the gate.
    expect(told).toEqual([
      ['test', 'C1', 4],
      ['fetch', 'Kiosk', 1],
      ['put 2', 'Mast', 0.5],
      ['put 2', 'Gate', 0.5],
      ['test 2', 'C1', 4],
      ['fetch 2', 'Mast', 0.5],
      ['fetch 2', 'Gate', 0.5],
      ['put 3', 'Quay', 0.5],
      ['test 3', 'C1', 2],
    ]);
  });

  it('never has more remotes out than there are, whoever walks', () => {
    const links = Array.from({ length: 9 }, (_, n) => link(`k${n}`, `Room ${n % 5}`, 20 + 7 * n));
    for (const people of [1, 2] as const) {
      const day = dayOf(links, { remotes: 3, people });
      const planned = dayPlan(day);
      if (!planned.ok) throw new Error(planned.reason.kind);
      const starts = new Map(
        planned.plan.order.map(({ visit, startMinute }) => [visit, startMinute]),
      );
      const deeds = day.visits
        .flatMap(({ id, deeds: all }) =>
          all.map((deed) => ({ ...deed, at: starts.get(id) ?? NaN })),
        )
        .sort((a, b) => a.at - b.at);
      const timeOf = (of: string, ...what: string[]) =>
        deeds.filter((deed) => deed.link === of && what.includes(deed.what)).map(({ at }) => at);
      for (const { id } of links) {
        const [test = NaN, ...more] = timeOf(id, 'test');
        expect(more).toEqual([]);
        for (const before of timeOf(id, 'near', 'far', 'put')) expect(test).toBeGreaterThan(before);
        for (const after of timeOf(id, 'fetch')) expect(after).toBeGreaterThan(test);
      }
      // Out from when it is put, or, the first ones, from when their end is made.
      let out = 0;
      const isPut = new Set(deeds.filter(({ what }) => what === 'put').map((deed) => deed.link));
      for (const { what, link: of } of deeds) {
        if (what === 'put' || (what === 'far' && !isPut.has(of))) out += 1;
        if (what === 'fetch') out -= 1;
        expect(out).toBeLessThanOrEqual(3);
      }
    }
  });

  it('does an end when its place is open and dry, in turns that are not longer than that', () => {
    const times: PlaceTimes[] = [
      { place: 'Mast', outdoors: false, spans: [{ fromMinute: 60, toMinute: 200 }] },
      { place: null, outdoors: true, spans: [{ fromMinute: 0, toMinute: 90 }] },
      { place: 'Kiosk', outdoors: false, spans: [{ fromMinute: 0, toMinute: 20 }] },
    ];
    expect(openAt(times, 'Mast', true)).toEqual([{ fromMinute: 60, toMinute: 90 }]);
    expect(openAt(times, 'Mast', false)).toEqual([{ fromMinute: 60, toMinute: 200 }]);
    expect(openAt(times, 'C1', false)).toBeUndefined();
    // What is never open and dry at once is never done.
    expect(
      openAt([...times, { place: 'Mast', outdoors: false, spans: [] }], 'Mast', false),
    ).toEqual([]);
    const links = [
      link('dry', 'Mast', 40, { far: end('Mast', 9, { outdoors: true }) }),
      ...[1, 2, 3].map((n) => link(`k${n}`, 'Kiosk', 40)),
    ];
    const { visits } = dayOf(links, { times });
    const far = visits
      .filter(({ deeds }) => deeds[0]?.what === 'far')
      .map(({ place, minutes, open }) => [place, minutes, open?.[0]?.toMinute]);
    expect(far).toEqual([
      ['Mast', 9, 90],
      ['Kiosk', 18, 20],
      ['Kiosk', 9, 20],
    ]);
  });

  it('gives all that takes the one tester, or the one crimper, to one of two', () => {
    const links = ['Kiosk', 'Mast', 'Gate', 'Quay'].map((far) =>
      link(far, far, 40, { near: end('C1', 6, { tools: ['punch'] }) }),
    );
    const whoDoes = (onlyOne: readonly string[], what: string) => {
      const day = dayOf(links, { people: 2, onlyOne });
      const planned = dayPlan(day);
      if (!planned.ok) throw new Error(planned.reason.kind);
      const visits = day.visits.filter(({ deeds }) => deeds.some((deed) => deed.what === what));
      const ids = new Set(visits.map(({ id }) => id));
      const done = planned.plan.order.filter(({ visit }) => ids.has(visit));
      return new Set(done.map(({ person }) => person)).size;
    };
    expect(whoDoes([], 'far')).toBe(2);
    expect(whoDoes(['crimper'], 'far')).toBe(1);
    expect(whoDoes([TESTER, 'punch'], 'test')).toBe(1);
  });
});
