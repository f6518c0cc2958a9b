import type { Asked } from '@near-spoke/contract';
import type { planEndpoints } from '@near-spoke/contract/plan';
import { cutPlan } from '@near-spoke/core/plan/cut';
import { dayPlan, type NoDay } from '@near-spoke/core/plan/day';
import { runLengths } from '@near-spoke/core/plan/lengths';
import { makeOrBuy } from '@near-spoke/core/plan/make-or-buy';
import { spares } from '@near-spoke/core/plan/spares';
import { invalid } from '../http/problem-error';
import { minimise } from './minimise';

type Endpoints = typeof planEndpoints;

export async function planCuts({ body: { buy, ...task } }: Asked<Endpoints['cut']>) {
  const plan = await cutPlan({ ...task, buyM: buy?.lengthM ?? null }, minimise);
  const each = buy?.price ?? null;
  return {
    ...plan,
    cuts: [...plan.cuts],
    unplaced: [...plan.unplaced],
    price: each === null ? null : each * plan.buy,
  };
}

export function planDay({ body: { people, visits, ...task } }: Asked<Endpoints['day']>) {
  const names = typeof people === 'number' ? null : people;
  const crew = (names?.length ?? people) === 2 ? 2 : 1;
  const planned = dayPlan({ ...task, visits, people: crew });
  if (!planned.ok) throw invalid([WHY_NO_DAY[planned.reason.kind](planned.reason)]);
  const { order, outside, ...plan } = planned.plan;
  return {
    ...plan,
    outside: [...outside],
    order: order.map(({ person, visit, startMinute, walkMinutes }) => {
      const { place = '', tools = [] } = visits.find(({ id }) => id === visit) ?? {};
      return {
        person: names?.[person - 1] ?? person,
        visit,
        place,
        startMinute,
        walkMinutes,
        tools,
      };
    }),
  };
}

type Why = { readonly path: string; readonly reason: string };
const named = (reason: NoDay): string =>
  'name' in reason ? reason.name : 'visits' in reason ? reason.visits.join(', ') : '';

/** What of a body keeps it from being a day. */
const WHY_NO_DAY: Readonly<Record<NoDay['kind'], (reason: NoDay) => Why>> = {
  'unknown-place': (reason) => ({
    path: 'places',
    reason: `have no ${named(reason)}, where somebody begins or has something to do`,
  }),
  'unknown-visit': (reason) => ({
    path: 'visits',
    reason: `wait for ${named(reason)}, which is not among them`,
  }),
  'walks-missing': () => ({
    path: 'walkMinutes',
    reason: 'need a row for every place, with the minutes to every place in it',
  }),
  circle: (reason) => ({
    path: 'visits',
    reason: `wait for each other: ${named(reason)}`,
  }),
  'takes-two': (reason) => ({
    path: 'people',
    reason: `are too few: ${named(reason)} take two`,
  }),
};

export const planSpares = ({ body: { parts, service } }: Asked<Endpoints['spares']>) => ({
  parts: spares(parts, service),
});

export const planMakeOrBuy = ({ body }: Asked<Endpoints['makeOrBuy']>) => makeOrBuy(body);

export function planLengths({ body }: Asked<Endpoints['lengths']>) {
  const measured = runLengths(body);
  if (measured.ok) {
    const { metresPerUnit, runs, ways } = measured.lengths;
    return {
      metresPerUnit,
      runs: runs.map((run) => ({ ...run, by: [...run.by], legs: [...run.legs] })),
      ways: ways.map((way) => ({ ...way, runs: [...way.runs] })),
    };
  }
  const { reason } = measured;
  throw invalid([
    reason.kind === 'no-scale'
      ? { path: 'scale', reason: 'has its two points in the same place' }
      : {
          path: 'runs',
          reason: `lead from or to ${reason.name}, which is no place: ${reason.run}`,
        },
  ]);
}
