import { seeded } from '../../testing/seeded';
import { dayPlan } from './day-plan';
import type { DayPlan, DayTask, Visit } from './task';

/** Places on a floor, walked to straight, a tenth of a minute a metre. */
function day(seed: number, stops: number, people: 1 | 2, more: { waits?: boolean } = {}): DayTask {
  const random = seeded(seed);
  const places = Array.from({ length: Math.min(stops + 1, 12) }, (_, n) => ({
    id: `p${n}`,
    x: random.below(200),
    y: random.below(200),
  }));
  const visits = Array.from({ length: stops }, (_, n): Visit => ({
    id: `v${n}`,
    place: `p${random.below(places.length)}`,
    minutes: 3 + random.below(25),
    after: more.waits && n > 0 && random.below(3) === 0 ? [`v${random.below(n)}`] : [],
    people: people === 2 && random.below(5) === 0 ? 2 : 1,
  }));
  return {
    places: places.map(({ id }) => id),
    walkMinutes: places.map((a) => places.map((b) => Math.hypot(a.x - b.x, a.y - b.y) / 10)),
    visits,
    people,
    startPlace: 'p0',
  };
}

const planOf = (task: DayTask): DayPlan => {
  const planned = dayPlan(task);
  if (!planned.ok) throw new Error(planned.reason.kind);
  return planned.plan;
};

/** Every order by everybody, with nothing of what the plan is made with: minutes until all is done. */
function exhaustive({ places, walkMinutes, visits, people, startPlace }: DayTask): number {
  let best = Infinity;
  const way = (from: string, to: string) =>
    walkMinutes[places.indexOf(from)]?.[places.indexOf(to)] ?? 0;
  const tryFrom = (
    crew: readonly { readonly at: string; readonly free: number }[],
    ends: ReadonlyMap<string, number>,
  ): void => {
    const until = Math.max(0, ...ends.values());
    if (until >= best) return;
    if (ends.size === visits.length) {
      best = until;
      return;
    }
    for (const { id, place, minutes, after, people: takes } of visits) {
      if (ends.has(id) || !after.every((one) => ends.has(one))) continue;
      const ready = Math.max(0, ...after.map((one) => ends.get(one) ?? 0));
      for (const who of takes === 2 ? [[0, 1]] : crew.map((_, person) => [person])) {
        const arrive = who.map((one) => (crew[one]?.free ?? 0) + way(crew[one]?.at ?? '', place));
        const end = Math.max(ready, ...arrive) + minutes;
        tryFrom(
          crew.map((one, person) => (who.includes(person) ? { at: place, free: end } : one)),
          new Map([...ends, [id, end]]),
        );
      }
    }
  };
  tryFrom(
    Array.from({ length: people }, () => ({ at: startPlace, free: 0 })),
    new Map(),
  );
  return best;
}

/** What any day keeps to: nobody at two places at once, ways walked, everything once and after what it waits for. */
function expectSound(task: DayTask, { order, totalMinutes }: DayPlan): void {
  const visitOf = (id: string) => task.visits.find((visit) => visit.id === id);
  for (const { id, people, after } of task.visits) {
    const stops = order.filter(({ visit }) => visit === id);
    expect(stops.length).withContext(id).toBe(people);
    expect(new Set(stops.map(({ startMinute }) => startMinute)).size).toBe(1);
    for (const before of after) {
      const end =
        (order.find(({ visit }) => visit === before)?.startMinute ?? NaN) +
        (visitOf(before)?.minutes ?? NaN);
      expect(stops[0]?.startMinute).toBeGreaterThanOrEqual(end - 1e-9);
    }
  }
  for (let person = 1; person <= task.people; person += 1) {
    let [at, free] = [task.startPlace, 0];
    for (const { visit, startMinute } of order.filter((stop) => stop.person === person)) {
      const { place = '', minutes = 0 } = visitOf(visit) ?? {};
      const way = task.walkMinutes[task.places.indexOf(at)]?.[task.places.indexOf(place)] ?? NaN;
      expect(startMinute).toBeGreaterThanOrEqual(free + way - 1e-9);
      [at, free] = [place, startMinute + minutes];
      expect(free).toBeLessThanOrEqual(totalMinutes + 1e-9);
    }
  }
}

describe('A day’s plan', () => {
  for (const people of [1, 2] as const)
    it(`is within 5 % of every order there is, up to seven stops of ${people}`, () => {
      for (let seed = 1; seed <= 12; seed += 1) {
        const task = day(seed, 4 + (seed % 4), people, { waits: seed % 2 === 0 });
        const plan = planOf(task);
        expectSound(task, plan);
        const best = exhaustive(task);
        expect(plan.totalMinutes)
          .withContext(`${seed}`)
          .toBeLessThanOrEqual(1.05 * best + 1e-9);
        expect(plan.boundMinutes)
          .withContext(`${seed}`)
          .toBeLessThanOrEqual(best + 1e-6);
      }
    }, 60_000);

  it('tells how far from the least that could be it is, for 60 stops, and beats the list', () => {
    for (const people of [1, 2] as const) {
      const task = day(60, 60, people, { waits: true });
      const plan = planOf(task);
      expectSound(task, plan);
      expect(plan.totalMinutes).toBeLessThan(0.9 * plan.listedMinutes);
      expect(plan.totalMinutes / plan.boundMinutes).toBeLessThan(1.2);
      expect(plan.boundMinutes).toBeLessThanOrEqual(plan.totalMinutes);
    }
  }, 30_000);

  it('walks by way of another place where that is shorter', () => {
    const plan = planOf({
      places: ['van', 'hall', 'loft'],
      walkMinutes: [
        [0, 2, 20],
        [2, 0, 3],
        [20, 3, 0],
      ],
      visits: [{ id: 'loft', place: 'loft', minutes: 10, after: [], people: 1 }],
      people: 1,
      startPlace: 'van',
    });
    expect(plan.order).toEqual([{ person: 1, visit: 'loft', startMinute: 5 }]);
    expect(plan.totalMinutes).toBe(15);
  });

  it('says what keeps it from being one', () => {
    const one = day(3, 3, 1);
    const [first, second, third] = one.visits as [Visit, Visit, Visit];
    const reason = (task: DayTask) => {
      const planned = dayPlan(task);
      return planned.ok ? null : planned.reason;
    };
    expect(reason({ ...one, startPlace: 'nowhere' })).toEqual({
      kind: 'unknown-place',
      name: 'nowhere',
    });
    expect(reason({ ...one, walkMinutes: [[0]] })).toEqual({ kind: 'walks-missing' });
    expect(reason({ ...one, visits: [{ ...first, after: ['v9'] }] })).toEqual({
      kind: 'unknown-visit',
      name: 'v9',
    });
    expect(reason({ ...one, visits: [{ ...first, people: 2 }, second] })).toEqual({
      kind: 'takes-two',
      visits: ['v0'],
    });
    const circle = [
      { ...first, after: ['v1'] },
      { ...second, after: ['v0'] },
      { ...third, after: [] },
    ];
    expect(reason({ ...one, visits: circle })).toEqual({ kind: 'circle', visits: ['v0', 'v1'] });
  });

  it('is nothing where nothing is to be done', () => {
    expect(planOf({ ...day(1, 3, 2), visits: [] })).toEqual({
      order: [],
      totalMinutes: 0,
      boundMinutes: 0,
      listedMinutes: 0,
    });
  });
});
