import { dayPlan } from '../day';
import { placeOf, siteDay, type LinkLeft, type SiteDayOptions } from './index';

const OPTIONS: SiteDayOptions = {
  people: 1,
  startPlace: null,
  walkMPerMinute: 40,
  unknownWalkMinutes: 5,
  testMinutes: 2,
};
const link = (
  id: string,
  far: string,
  lengthM: number | null,
  more: Partial<LinkLeft> = {},
): LinkLeft => ({
  id,
  near: { place: 'C1', minutes: 6 },
  far: { place: far, minutes: 9 },
  lengthM,
  toTest: true,
  ...more,
});

describe('A site’s day', () => {
  it('walks as far as the cables go, and on by the next', () => {
    const { places, walkMinutes } = siteDay(
      [link('a', 'Kiosk', 40), link('b', 'Mast', 80), link('c', 'Gate', null)],
      OPTIONS,
    );
    const walk = (from: string, to: string) =>
      walkMinutes[places.indexOf(from)]?.[places.indexOf(to)];
    expect(walk('C1', 'Kiosk')).toBe(1);
    expect(walk('Kiosk', 'Mast')).toBe(3);
    expect(walk('Gate', 'Kiosk')).toBe(6);
    expect(walk('Mast', 'Mast')).toBe(0);
    // What no cable joins is as far as is said of the unknown.
    const apart = siteDay(
      [link('a', 'Kiosk', 40), link('b', 'Shed', 40, { near: { place: 'C2', minutes: 0 } })],
      OPTIONS,
    );
    expect(apart.walkMinutes[apart.places.indexOf('C1')]?.[apart.places.indexOf('Shed')]).toBe(5);
  });

  it('takes the shorter of two cables, and a way round where that is shorter', () => {
    const { places, walkMinutes } = siteDay(
      [
        link('a', 'Kiosk', 400),
        link('b', 'Kiosk', 200),
        link('c', 'Gate', 40),
        link('d', 'Kiosk', 40, { near: { place: 'Gate', minutes: 0 } }),
      ],
      OPTIONS,
    );
    expect(walkMinutes[places.indexOf('C1')]?.[places.indexOf('Kiosk')]).toBe(2);
  });

  it('does what is left at a place in one go, in turns, and tests once both ends are made', () => {
    const links = Array.from({ length: 7 }, (_, n) => link(`k${n}`, n < 5 ? 'Kiosk' : 'Mast', 40));
    const made = link('m', 'Mast', 40, {
      near: { place: 'C1', minutes: 0 },
      far: { place: 'Mast', minutes: 0 },
    });
    const { visits } = siteDay([...links, made], OPTIONS);
    const told = visits.map(({ place, minutes, deeds }) => [place, minutes, deeds[0]?.what]);
    expect(told).toEqual([
      ['C1', 30, 'near'],
      ['C1', 12, 'near'],
      ['Kiosk', 27, 'far'],
      ['Kiosk', 18, 'far'],
      ['Mast', 18, 'far'],
      ['C1', 16, 'test'],
    ]);
    expect(visits.at(-1)?.after.length).toBe(5);
    expect(new Set(visits.map(({ id }) => id)).size).toBe(visits.length);
  });

  it('is planned: far ends round, hub, tests last, nobody walks twice to a far end', () => {
    const links = ['Kiosk', 'Mast', 'Gate'].map((far, n) => link(far, far, 40 + 40 * n));
    const day = siteDay(links, OPTIONS);
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
    const day = siteDay([link('a', 'Kiosk', 40)], { ...OPTIONS, startPlace: 'Van' });
    expect(day.places).toContain('Van');
    expect(dayPlan(day).ok).toBeTrue();
    expect(siteDay([], OPTIONS).visits).toEqual([]);
  });

  it('walks along cables of which nothing is left to do, too', () => {
    const van = { ...link('v', 'Quay', 80), near: { place: 'Van', minutes: 0 } };
    const left = link('a', 'Quay', 40);
    const day = siteDay([left], { ...OPTIONS, startPlace: 'Van' }, [left, van]);
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
});
