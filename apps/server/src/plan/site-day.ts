import type { Asked, Link } from '@near-spoke/contract';
import type { SiteDayAnswer, siteDayEndpoints } from '@near-spoke/contract/site-day';
import { ENDS, hubsOf, type End, type Job } from '@near-spoke/core/link';
import { dayPlan, type DayPlan } from '@near-spoke/core/plan/day';
import {
  openAt,
  placeOf,
  siteDay,
  walksAlong,
  type LinkLeft,
  type PlaceTimes,
  type SiteDay,
  type SiteDayOptions,
  type Walks,
} from '@near-spoke/core/plan/site-day';
import { buildingOf, drawingsOf, walksOn } from '@near-spoke/core/plan/drawing';
import { linkStanding, taskOf, type LinkStanding } from '@near-spoke/core/record';
import { kitFor, type Pace } from '@near-spoke/core/terminate';
import { told } from '@near-spoke/words';
import type { Database } from '../db/database';
import { listFacts } from '../facts/repository';
import { evidenceOf } from '../links/evidence';
import { listLinks } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { ownPace } from '../terminate/kit';
import { teller } from '../words/teller';

type Day = Asked<(typeof siteDayEndpoints)['day']>;

/** So often fewer links are tried until the day is long enough. */
const TRIES = 12;
/** So often the day is planned anew without what there is no room for. */
const ROUNDS = 5;
/** What an order costs to find grows with its visits: a day of more is planned hub by hub. */
const MOST_LINKS = 150;

/** Less is rounding. Minutes. */
const NO_WAIT = 1e-6;

const OUTDOORS = new Set(['outdoor', 'burial']);

interface Candidate {
  readonly link: Link;
  readonly standing: LinkStanding;
  readonly left: LinkLeft;
}

/** The order of a day at a site, from what is left to do there. */
export async function planSiteDay({ id, body }: Day, db: Database): Promise<SiteDayAnswer> {
  const site = await getSite(db, id);
  const job = await jobOf(db, site);
  const all = await listLinks(db, site.id);
  const hubs = hubsOf(all);
  const evidence = await evidenceOf(
    db,
    all.map(({ id: link }) => link),
  );
  const ticks = all.flatMap((link) => evidence(link.id).ticks);
  const pace = body.author === null ? null : ownPace(ticks, body.author, all, job);
  const rows = all
    .filter(({ hub }) => body.hub === null || hub === body.hub)
    .map((link): Candidate => {
      const { ticks: own, readings, tests } = evidence(link.id);
      const tested = { reading: readings.at(-1) ?? null, tests };
      const standing = linkStanding(link, own, tested, job);
      return { link, standing, left: leftOf(link, standing, hubs, pace) };
    });
  const named = (state: LinkStanding['state']) =>
    rows
      .filter(({ standing }) => standing.state === state)
      .map(({ link }) => ({ link: link.id, label: link.label }));
  const todo = rows.filter(
    ({ standing, left }) =>
      standing.state !== 'fail' &&
      standing.state !== 'does-not-fit' &&
      (left.toTest || left.near.minutes + left.far.minutes > 0),
  );
  const ways = all.map(({ near, far, lengthM }) => ({
    near: { place: placeOf(near.place, hubs) },
    far: { place: placeOf(far.place, hubs) },
    lengthM,
  }));
  const building = buildingOf(drawingsOf(await listFacts(db, 'drawing', site.id)));
  const near = todo.slice(0, MOST_LINKS).flatMap(({ left }) => [left.near.place, left.far.place]);
  const known = new Set(ways.flatMap((way) => [way.near.place, way.far.place]));
  const walks = walksOn(building, new Set(near));
  const { day, plan, chosen, shut } = roomFor(
    todo,
    { ...body, times: timesOf(body, hubs) },
    walksAlong([...ways, ...walks], body),
  );
  return {
    stops: stopsOf(day, plan, chosen),
    carry: carried(chosen, job, body.language, site.units),
    totalMinutes: plan.totalMinutes,
    boundMinutes: plan.boundMinutes,
    listedMinutes: plan.listedMinutes,
    links: chosen.length,
    later: todo.length - chosen.length - shut.length,
    faults: named('fail'),
    shut: shut.map(({ link }) => ({ link: link.id, label: link.label })),
    unfit: named('does-not-fit'),
    unknownLengths: chosen.filter(({ left }) => left.lengthM === null).length,
    places: [...new Set(todo.flatMap(({ left }) => [left.near.place, left.far.place]))],
    unknownPlaces: body.times
      .map(({ place }) => place)
      .filter((place): place is string => place !== null && !known.has(placeOf(place, hubs))),
    hubs: [...hubs],
  };
}

function leftOf(
  link: Link,
  { state, ends }: LinkStanding,
  hubs: ReadonlySet<string>,
  pace: ReadonlyMap<string, Pace> | null,
): LinkLeft {
  const end = (which: End) => {
    const { plan, doneSteps } = ends[which];
    const steps = plan.steps.filter(({ id }) => !doneSteps.has(id));
    const seconds = steps.reduce(
      (sum, step) => sum + (pace?.get(step.id)?.seconds ?? step.seconds),
      0,
    );
    const place = placeOf(link[which].place, hubs);
    return {
      place,
      minutes: seconds / 60,
      tools: [...new Set(steps.flatMap(({ tools }) => tools))],
      // Hubs are indoors; what is not is at the other end.
      outdoors: which === 'far' && OUTDOORS.has(link.environment) && !hubs.has(place),
    };
  };
  return {
    id: link.id,
    near: end('near'),
    far: end('far'),
    lengthM: link.lengthM,
    toTest: state !== 'pass',
  };
}

type Limits = SiteDayOptions & { readonly hours: number };

/** The times of places, within the hours that there are. */
const timesOf = ({ times, hours }: Day['body'], hubs: ReadonlySet<string>): PlaceTimes[] =>
  times.map(({ place, outdoors, spans }) => ({
    place: place === null ? null : placeOf(place, hubs),
    outdoors,
    spans: spans
      .map(({ fromMinute, toMinute }) => ({
        fromMinute,
        toMinute: Math.min(toMinute, hours * 60),
      }))
      .filter(({ fromMinute, toMinute }) => toMinute > fromMinute),
  }));

/** The day of those links that there is room for in the times of their places. */
function roomFor(
  todo: readonly Candidate[],
  limits: Limits,
  walks: Walks,
): Fitted & { readonly shut: readonly Candidate[] } {
  const shut: Candidate[] = [];
  let left = todo;
  for (let round = 0; ; round += 1) {
    const fitted = fitting(left, limits, walks);
    const outside = new Set(fitted.plan.outside);
    const late = fitted.day.visits.filter(({ id }) => outside.has(id));
    if (late.length === 0) return { ...fitted, shut };
    const without = new Set(late.flatMap(({ deeds }) => deeds.map(({ link }) => link)));
    const full = new Set(late.map(({ place }) => place));
    // Of what did not come into it, nothing is tried where it is full.
    const isBound = ({ left: { near, far } }: Candidate) =>
      [near, far].some(
        ({ place, outdoors }) =>
          (full.has(place) || round >= ROUNDS) && openAt(limits.times, place, outdoors),
      );
    shut.push(...fitted.chosen.filter(({ link }) => without.has(link.id)));
    const inDay = new Set(fitted.chosen);
    left = left.filter((one) =>
      inDay.has(one) && round < ROUNDS ? !without.has(one.link.id) : !isBound(one),
    );
  }
}

interface Fitted {
  readonly day: SiteDay;
  readonly plan: DayPlan;
  readonly chosen: readonly Candidate[];
}

/** As many of the links, in their order, as are done within the hours. */
function fitting(todo: readonly Candidate[], limits: Limits, walks: Walks): Fitted {
  const most = limits.hours * 60;
  const planned = (count: number): Fitted => {
    const chosen = todo.slice(0, count);
    const day = siteDay(
      chosen.map(({ left }) => left),
      limits,
      walks,
    );
    const found = dayPlan(day);
    if (!found.ok) throw new Error(`A site’s day that is none: ${found.reason.kind}`);
    return { day, plan: found.plan, chosen };
  };
  let count = Math.min(MOST_LINKS, withoutWalks(todo, most * limits.people, limits.testMinutes));
  let best = planned(0);
  for (let turn = 0; turn < TRIES && count > best.chosen.length; turn += 1) {
    const next = planned(count);
    const minutes = next.plan.totalMinutes;
    if (minutes <= most) {
      best = next;
      break;
    }
    // As many as would fit if all took as long; the last try is sure to be fewer.
    count = Math.max(best.chosen.length, Math.min(count - 1, Math.floor((count * most) / minutes)));
  }
  return best;
}

/** How many links are done in so many minutes if nobody walks: more never are. */
function withoutWalks(todo: readonly Candidate[], most: number, testMinutes: number): number {
  let sum = 0;
  const over = todo.findIndex(({ left }) => {
    sum += left.near.minutes + left.far.minutes + (left.toTest ? testMinutes : 0);
    return sum > most;
  });
  return over < 0 ? todo.length : over;
}

/** What one person does at one place in turn is one stop. */
function stopsOf(
  day: SiteDay,
  { order }: DayPlan,
  chosen: readonly Candidate[],
): SiteDayAnswer['stops'] {
  const links = new Map(chosen.map((one) => [one.link.id, one]));
  const free = new Map<number, number>();
  const stops: SiteDayAnswer['stops'][number][] = [];
  for (const { person, visit, startMinute, walkMinutes } of [...order].sort(
    (a, b) => a.person - b.person || a.startMinute - b.startMinute,
  )) {
    const found = day.visits.find(({ id }) => id === visit);
    if (!found) continue;
    const { place, minutes } = found;
    const waitMinutes = startMinute - walkMinutes - (free.get(person) ?? 0);
    free.set(person, startMinute + minutes);
    const deeds = found.deeds.map((deed) => ({
      ...deed,
      label: links.get(deed.link)?.link.label ?? '',
    }));
    const outdoors = found.deeds.some(
      ({ link, what }) => what === 'far' && links.get(link)?.left.far.outdoors,
    );
    const last = stops.at(-1);
    if (last?.person === person && last.place === place && waitMinutes < NO_WAIT)
      stops[stops.length - 1] = {
        ...last,
        minutes: startMinute + minutes - last.startMinute,
        deeds: [...last.deeds, ...deeds],
        outdoors: last.outdoors || outdoors,
      };
    else
      stops.push({
        person,
        place,
        startMinute,
        minutes,
        walkMinutes,
        waitMinutes: Math.max(0, waitMinutes),
        deeds,
        outdoors,
      });
  }
  return stops;
}

function carried(
  chosen: readonly Candidate[],
  job: Job,
  language: Day['body']['language'],
  units: Job['units'],
) {
  const tasks = chosen.flatMap(({ link, left }) =>
    ENDS.filter((end) => left[end].minutes > 0).map((end) => taskOf(link, end, job)),
  );
  const { parts, tools } = told(kitFor(tasks, job.catalogue), teller(language, units));
  return { parts: [...parts], tools: [...tools] };
}
