import type { DayTask, Visit } from '../day';
import { walksBetween, type Between, type Walking } from './walks';

/** What is left to do on a link. */
export interface LinkLeft {
  readonly id: string;
  readonly near: EndLeft;
  readonly far: EndLeft;
  /** Null where nobody knows it. */
  readonly lengthM: number | null;
  /** Whether it is to be tested once both ends are made. */
  readonly toTest: boolean;
}

interface EndLeft {
  /** A hub, or where the end is. */
  readonly place: string;
  /** 0 where nothing is left to make. */
  readonly minutes: number;
}

/** One thing to do at a place. */
export interface Deed {
  readonly link: string;
  readonly what: 'near' | 'far' | 'test';
  readonly minutes: number;
}

/** What several links leave to do at one place in one go. */
export interface PlaceVisit extends Visit {
  readonly deeds: readonly Deed[];
}

export interface SiteDayOptions extends Walking {
  readonly people: 1 | 2;
  /** Where everybody begins; null: where most links begin. */
  readonly startPlace: string | null;
  /** What a test takes. */
  readonly testMinutes: number;
}

export interface SiteDay extends DayTask {
  readonly visits: readonly PlaceVisit[];
}

/** What is done in one go is no longer than this, so that two can share it. */
const TURN_MINUTES = 30;

/**
 * The visits that what is left of some links takes: at each place its ends one after the other, and, once all of
 * those are made, the tests at the near ends.
 *
 * @param ways all cables that are known, whether anything is left of them or not: people walk along them
 */
export function siteDay(
  links: readonly LinkLeft[],
  options: SiteDayOptions,
  ways: readonly Between[] = links,
): SiteDay {
  const places = [...new Set(links.flatMap(({ near, far }) => [near.place, far.place]))];
  const startPlace = options.startPlace ?? mostUsed(links);
  if (!places.includes(startPlace)) places.push(startPlace);
  const making = atPlaces(
    links.flatMap(({ id, near, far }) => [
      { place: near.place, deed: { link: id, what: 'near', minutes: near.minutes } as const },
      { place: far.place, deed: { link: id, what: 'far', minutes: far.minutes } as const },
    ]),
  );
  const testing = atPlaces(
    links.flatMap(({ id, near, toTest }) =>
      toTest
        ? [
            {
              place: near.place,
              deed: { link: id, what: 'test', minutes: options.testMinutes } as const,
            },
          ]
        : [],
    ),
  );
  const makers = (link: string): string[] =>
    making.filter(({ deeds }) => deeds.some((deed) => deed.link === link)).map(({ id }) => id);
  return {
    places,
    walkMinutes: walksBetween(places, ways, options),
    people: options.people,
    startPlace,
    visits: [
      ...making,
      ...testing.map((visit) => ({
        ...visit,
        after: [...new Set(visit.deeds.flatMap(({ link }) => makers(link)))],
      })),
    ],
  };
}

/** Where most links begin: that is where the van is unloaded. */
function mostUsed(links: readonly LinkLeft[]): string {
  const counts = new Map<string, number>();
  for (const { near } of links) counts.set(near.place, (counts.get(near.place) ?? 0) + 1);
  return [...counts].sort(([, a], [, b]) => b - a)[0]?.[0] ?? '';
}

/** Deeds by places, in turns that are not too long. */
function atPlaces(all: readonly { readonly place: string; readonly deed: Deed }[]): PlaceVisit[] {
  const byPlace = new Map<string, Deed[][]>();
  for (const { place, deed } of all) {
    if (deed.minutes <= 0) continue;
    const turns = byPlace.get(place) ?? [];
    byPlace.set(place, turns);
    const last = turns.at(-1);
    if (last && minutesOf(last) + deed.minutes <= TURN_MINUTES) last.push(deed);
    else turns.push([deed]);
  }
  return [...byPlace].flatMap(([place, turns]) =>
    turns.map((deeds, turn): PlaceVisit => ({
      id: `${deeds[0]?.what === 'test' ? 'test' : 'make'} ${turn + 1} ${place}`,
      place,
      minutes: minutesOf(deeds),
      after: [],
      people: 1,
      deeds,
    })),
  );
}

const minutesOf = (deeds: readonly Deed[]): number =>
  deeds.reduce((sum, { minutes }) => sum + minutes, 0);
