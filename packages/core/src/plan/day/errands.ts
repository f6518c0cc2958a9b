import type { DayTask, NoDay, Span, Visit } from './task';

/** A day’s task by numbers: visits in the order of the list, walks between what they are at. */
export interface Errands {
  readonly minutes: readonly number[];
  /** How many each takes. */
  readonly people: readonly number[];
  /** Those that have to be done before each. */
  readonly after: readonly (readonly number[])[];
  /** Shortest ways, by way of other places where that is shorter: from visit to visit. */
  readonly walk: readonly (readonly number[])[];
  /** The same from where everybody begins. */
  readonly fromStart: readonly number[];
  /** When each can be done, from early to late and apart from each other; null: at any time. */
  readonly open: readonly (readonly Span[] | null)[];
  /** Of each, all that the same person has to do, itself too. */
  readonly together: readonly (readonly number[])[];
  readonly crew: 1 | 2;
}

export type Read =
  { readonly ok: true; readonly errands: Errands } | { readonly ok: false; readonly reason: NoDay };

export function readTask(task: DayTask): Read {
  const { places, walkMinutes, visits, people, startPlace } = task;
  const no = (reason: NoDay): Read => ({ ok: false, reason });
  const known = new Set(places);
  const strange = [startPlace, ...visits.map(({ place }) => place)].find((one) => !known.has(one));
  if (strange !== undefined) return no({ kind: 'unknown-place', name: strange });
  const isWhole = places.every((_, row) => walkMinutes[row]?.length === places.length);
  if (!isWhole || walkMinutes.length !== places.length) return no({ kind: 'walks-missing' });
  const numberOf = new Map(visits.map(({ id }, index) => [id, index]));
  const missing = visits.flatMap(({ after }) => after).find((id) => !numberOf.has(id));
  if (missing !== undefined) return no({ kind: 'unknown-visit', name: missing });
  const tooMany = visits.filter((visit) => visit.people > people);
  if (tooMany.length > 0) return no({ kind: 'takes-two', visits: tooMany.map(({ id }) => id) });
  const after = visits.map((visit) => visit.after.map((id) => numberOf.get(id) ?? 0));
  const circle = waitingForEachOther(after);
  if (circle.length > 0)
    return no({ kind: 'circle', visits: circle.map((visit) => visits[visit]?.id ?? '') });
  const ways = shortest(walkMinutes);
  const placeOf = (name: string) => places.indexOf(name);
  const at = visits.map(({ place }) => placeOf(place));
  const from = (place: number) => at.map((to) => ways[place]?.[to] ?? 0);
  return {
    ok: true,
    errands: {
      minutes: visits.map(({ minutes }) => minutes),
      people: visits.map((visit) => visit.people),
      after,
      walk: at.map(from),
      fromStart: from(placeOf(startPlace)),
      open: visits.map(({ open }) => (open ? joined(open) : null)),
      together: sharing(visits, people > 1 ? (task.onlyOne ?? []) : []),
      crew: people,
    },
  };
}

function joined(spans: readonly Span[]): Span[] {
  const apart: Span[] = [];
  for (const span of [...spans].sort((a, b) => a.fromMinute - b.fromMinute)) {
    const last = apart.at(-1);
    if (last && span.fromMinute <= last.toMinute)
      apart[apart.length - 1] = { ...last, toMinute: Math.max(last.toMinute, span.toMinute) };
    else apart.push(span);
  }
  return apart;
}

/** Whoever has a tool has all that takes it; what takes two is done by them as well. */
function sharing(visits: readonly Visit[], onlyOne: readonly string[]): number[][] {
  const groups = [...visits.keys()].map((visit) => [visit]);
  for (const tool of new Set(onlyOne)) {
    const takers = [...visits.keys()].filter(
      (visit) => visits[visit]?.people === 1 && visits[visit].tools?.includes(tool),
    );
    const group = [...new Set(takers.flatMap((visit) => groups[visit] ?? []))];
    for (const visit of group) groups[visit] = group;
  }
  return groups;
}

/** Those that can never be begun. */
function waitingForEachOther(after: readonly (readonly number[])[]): number[] {
  const done = new Set<number>();
  for (let before = -1; before < done.size;) {
    before = done.size;
    for (const [visit, list] of after.entries())
      if (list.every((one) => done.has(one))) done.add(visit);
  }
  return [...after.keys()].filter((visit) => !done.has(visit));
}

/** Source: Floyd and Warshall. */
function shortest(walkMinutes: readonly (readonly number[])[]): number[][] {
  const ways = walkMinutes.map((row, from) => row.map((one, to) => (from === to ? 0 : one)));
  for (const [by, onward] of ways.entries())
    for (const row of ways)
      for (const [to, rest] of onward.entries())
        row[to] = Math.min(row[to] ?? Infinity, (row[by] ?? Infinity) + rest);
  return ways;
}
