import { actOut, type Way } from './act-out';
import { bestWay } from './best-way';
import { readTask, type Errands } from './errands';
import { leastMinutes } from './least-minutes';
import { givenTo } from './given-to';
import type { DayPlan, DayTask, NoDay } from './task';

export type PlannedDay =
  { readonly ok: true; readonly plan: DayPlan } | { readonly ok: false; readonly reason: NoDay };

/**
 * In what order a day’s visits are done, by whom and when, so that all is done as early as can be; beside how
 * early anything could be, and how late it is as listed.
 */
export function dayPlan(task: DayTask): PlannedDay {
  const read = readTask(task);
  if (!read.ok) return read;
  const { errands } = read;
  const listed = asListed(errands);
  const way = bestWay(errands, listed);
  const { starts, totalMinutes, outside } = actOut(errands, way);
  const crew = Array.from({ length: errands.crew }, (_, person) => person);
  return {
    ok: true,
    plan: {
      order: crew
        .flatMap((person) =>
          way.order
            .filter((visit) => (errands.people[visit] ?? 1) > 1 || way.who[visit] === person)
            .map((visit, index, own) => ({
              person: person + 1,
              visit: task.visits[visit]?.id ?? '',
              startMinute: starts[visit] ?? 0,
              walkMinutes: walkTo(errands, visit, own[index - 1]),
            })),
        )
        .sort((a, b) => a.startMinute - b.startMinute || a.person - b.person),
      totalMinutes,
      boundMinutes: Math.min(totalMinutes, leastMinutes(errands)),
      listedMinutes: actOut(errands, listed).totalMinutes,
      outside: outside.map((visit) => task.visits[visit]?.id ?? ''),
    },
  };
}

const walkTo = ({ walk, fromStart }: Errands, visit: number, from: number | undefined): number =>
  (from === undefined ? fromStart[visit] : walk[from]?.[visit]) ?? 0;

/** The list from its top on, what can’t be begun yet left for later; by whoever is free first. */
function asListed(errands: Errands): Way {
  const { after, minutes, people, crew, together } = errands;
  const order: number[] = [];
  let who = minutes.map(() => 0);
  const left = new Set(minutes.keys());
  while (left.size > 0) {
    const next =
      [...left].find((visit) => (after[visit] ?? []).every((one) => !left.has(one))) ?? 0;
    left.delete(next);
    order.push(next);
    const isGiven = together[next]?.some((one) => one !== next && order.includes(one));
    if (crew < 2 || (people[next] ?? 1) > 1 || isGiven) continue;
    const byOther = givenTo(errands, who, next, 1);
    const ends = [who, byOther].map(
      (one) => actOut(errands, { order, who: one }).starts[next] ?? 0,
    );
    if ((ends[1] ?? 0) < (ends[0] ?? 0)) who = byOther;
  }
  return { order, who };
}
