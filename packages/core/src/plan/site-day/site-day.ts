import type { DayTask } from '../day';
import type { LinkLeft } from './link-left';
import { testing, type Testing } from './tests';
import { openAt } from './times';
import { inTurns, type PlaceVisit } from './turns';
import type { Walks } from './walks';

export interface SiteDayOptions extends Testing {
  readonly people: 1 | 2;
  /** Where everybody begins; null: where most links begin. */
  readonly startPlace: string | null;
}

export interface SiteDay extends DayTask {
  readonly visits: readonly PlaceVisit[];
}

/**
 * The visits that what is left of some links takes: at each place its ends one after the other, and, once all of
 * those are made, the tests at the near ends.
 */
export function siteDay(
  links: readonly LinkLeft[],
  options: SiteDayOptions,
  walks: Walks,
): SiteDay {
  const places = [...new Set(links.flatMap(({ near, far }) => [near.place, far.place]))];
  const startPlace = options.startPlace ?? mostUsed(links);
  if (!places.includes(startPlace)) places.push(startPlace);
  const onlyOne = options.people > 1 ? options.onlyOne : [];
  const making = inTurns(
    'make',
    links.flatMap((link) =>
      (['near', 'far'] as const).map((what) => {
        const { place, minutes, outdoors } = link[what];
        const tools = onlyOne.filter((tool) => link[what].tools.includes(tool));
        const open = openAt(options.times, place, outdoors);
        return { place, deed: { link: link.id, what, minutes }, tools, open };
      }),
    ),
  );
  return {
    places,
    walkMinutes: walks(places),
    people: options.people,
    startPlace,
    onlyOne,
    visits: [...making, ...testing(links, making, { ...options, onlyOne })],
  };
}

/** Where most links begin: that is where the van is unloaded. */
function mostUsed(links: readonly LinkLeft[]): string {
  const counts = new Map<string, number>();
  for (const { near } of links) counts.set(near.place, (counts.get(near.place) ?? 0) + 1);
  return [...counts].sort(([, a], [, b]) => b - a)[0]?.[0] ?? '';
}
