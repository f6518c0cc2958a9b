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

/** The same with times that some can be done in, and, for two, tools of which there is one. */
function boundDay(seed: number, stops: number, people: 1 | 2): DayTask {
  const random = seeded(1000 + seed);
  const task = day(seed, stops, people, { waits: seed % 3 === 0 });
  const spanFrom = (fromMinute: number) => ({
    fromMinute,
    toMinute: fromMinute + 30 + random.below(60),
  });
  return {
    ...task,
    onlyOne: ['toner', 'splicer'],
    visits: task.visits.map((visit) => ({
      ...visit,
      tools: [['toner', 'splicer', 'pliers'][random.below(3)] ?? '', 'knife'],
      open:
        random.below(3) === 0
          ? [spanFrom(random.below(40)), spanFrom(100 + random.below(60)), spanFrom(250)]
          : undefined,
    })),
  };
}

/** Every order by everybody, with nothing of what the plan is made with: minutes until all is done. */
function exhaustive(task: DayTask): number {
  const { places, walkMinutes, visits, people, startPlace, onlyOne = [] } = task;
  let best = Infinity;
  const way = (from: string, to: string) =>
    walkMinutes[places.indexOf(from)]?.[places.indexOf(to)] ?? 0;
  const tryFrom = (
    crew: readonly { readonly at: string; readonly free: number }[],
    ends: ReadonlyMap<string, number>,
    holders: ReadonlyMap<string, number>,
  ): void => {
    const until = Math.max(0, ...ends.values());
    if (until >= best) return;
    if (ends.size === visits.length) {
      best = until;
      return;
    }
    for (const { id, place, minutes, after, people: takes, tools = [], open } of visits) {
      if (ends.has(id) || !after.every((one) => ends.has(one))) continue;
      const ready = Math.max(0, ...after.map((one) => ends.get(one) ?? 0));
      for (const who of takes === 2 ? [[0, 1]] : crew.map((_, person) => [person])) {
        const arrive = who.map((one) => (crew[one]?.free ?? 0) + way(crew[one]?.at ?? '', place));
        const there = Math.max(ready, ...arrive);
        const begins = open
          ? open
              .filter((span) => Math.max(there, span.fromMinute) + minutes <= span.toMinute)
              .map((span) => Math.max(there, span.fromMinute))
          : [there];
        if (begins.length === 0) continue;
        const end = Math.min(...begins) + minutes;
        const taken = takes === 2 ? [] : tools.filter((tool) => onlyOne.includes(tool));
        const [one = 0] = who;
        if (people === 2 && taken.some((tool) => (holders.get(tool) ?? one) !== one)) continue;
        tryFrom(
          crew.map((one, person) => (who.includes(person) ? { at: place, free: end } : one)),
          new Map([...ends, [id, end]]),
          new Map([...holders, ...taken.map((tool) => [tool, one] as const)]),
        );
      }
    }
  };
  tryFrom(
    Array.from({ length: people }, () => ({ at: startPlace, free: 0 })),
    new Map(),
    new Map(),
  );
  return best;
}

/** What any day keeps to: nobody at two places at once, ways walked, everything once and after what it waits for. */
function expectSound(task: DayTask, { order, totalMinutes, outside }: DayPlan): void {
  const visitOf = (id: string) => task.visits.find((visit) => visit.id === id);
  for (const { id, people, after, minutes, open } of task.visits) {
    const stops = order.filter(({ visit }) => visit === id);
    expect(stops.length).withContext(id).toBe(people);
    expect(new Set(stops.map(({ startMinute }) => startMinute)).size).toBe(1);
    const start = stops[0]?.startMinute ?? NaN;
    const isOpen = (open ?? [{ fromMinute: 0, toMinute: Infinity }]).some(
      ({ fromMinute, toMinute }) => start >= fromMinute && start + minutes <= toMinute + 1e-9,
    );
    expect(isOpen).withContext(id).toBe(!outside.includes(id));
    for (const before of after) {
      const end =
        (order.find(({ visit }) => visit === before)?.startMinute ?? NaN) +
        (visitOf(before)?.minutes ?? NaN);
      expect(stops[0]?.startMinute).toBeGreaterThanOrEqual(end - 1e-9);
    }
  }
  for (const tool of task.onlyOne ?? []) {
    const takers = order.filter(({ visit }) => {
      const { tools = [], people = 1 } = visitOf(visit) ?? {};
      return people === 1 && tools.includes(tool);
    });
    expect(new Set(takers.map(({ person }) => person)).size)
      .withContext(tool)
      .toBeLessThan(2);
  }
  for (let person = 1; person <= task.people; person += 1) {
    let [at, free] = [task.startPlace, 0];
    for (const stop of order.filter((one) => one.person === person)) {
      const { visit, startMinute, walkMinutes } = stop;
      const { place = '', minutes = 0 } = visitOf(visit) ?? {};
      const way = task.walkMinutes[task.places.indexOf(at)]?.[task.places.indexOf(place)] ?? NaN;
      expect(walkMinutes).toBeLessThanOrEqual(way + 1e-9);
      expect(startMinute).toBeGreaterThanOrEqual(free + walkMinutes - 1e-9);
      [at, free] = [place, startMinute + minutes];
      expect(free).toBeLessThanOrEqual(totalMinutes + 1e-9);
    }
  }
}

/** Within 5 % of the best, and its bound not above that. */
function expectNear({ totalMinutes, boundMinutes }: DayPlan, best: number, seed: number): void {
  expect(totalMinutes)
    .withContext(`${seed}`)
    .toBeLessThanOrEqual(1.05 * best + 1e-9);
  expect(boundMinutes)
    .withContext(`${seed}`)
    .toBeLessThanOrEqual(best + 1e-6);
}

describe('A day’s plan', () => {
  for (const people of [1, 2] as const)
    it(`is within 5 % of every order there is, up to seven stops of ${people}`, () => {
      for (let seed = 1; seed <= 12; seed += 1) {
        const task = day(seed, 4 + (seed % 4), people, { waits: seed % 2 === 0 });
        const plan = planOf(task);
        expectSound(task, plan);
        const best = exhaustive(task);
        expectNear(plan, best, seed);
      }
    }, 60_000);

  for (const people of [1, 2] as const)
    it(`keeps to times, and to tools of which there is one, as well as any order of ${people}`, () => {
      let kept = 0;
      for (let seed = 1; seed <= 20; seed += 1) {
        const task = boundDay(seed, 4 + (seed % 3), people);
        const plan = planOf(task);
        expectSound(task, plan);
        const best = exhaustive(task);
        expect(plan.outside.length > 0)
          .withContext(`${seed}`)
          .toBe(best === Infinity);
        if (best === Infinity) continue;
        kept += 1;
        expectNear(plan, best, seed);
      }
      expect(kept).toBeGreaterThan(10);
    }, 60_000);

  it('names what there is no room for in its times, and takes times that meet as one', () => {
    const open = [
      { fromMinute: 20, toMinute: 30 },
      { fromMinute: 5, toMinute: 20 },
    ];
    const visit = { id: 'mast', place: 'van', minutes: 25, after: [], people: 1 as const };
    const task: DayTask = {
      places: ['van'],
      walkMinutes: [[0]],
      visits: [{ ...visit, open }],
      people: 1,
      startPlace: 'van',
    };
    expect(planOf(task)).toEqual(
      jasmine.objectContaining({ totalMinutes: 30, boundMinutes: 30, outside: [] }),
    );
    const long = planOf({ ...task, visits: [{ ...visit, minutes: 26, open }] });
    expect(long.outside).toEqual(['mast']);
  });

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
    expect(plan.order).toEqual([{ person: 1, visit: 'loft', startMinute: 5, walkMinutes: 5 }]);
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
      outside: [],
    });
  });
});
