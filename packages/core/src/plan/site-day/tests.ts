import type { EndLeft, LinkLeft } from './link-left';
import { openAt, type PlaceTimes } from './times';
import { inTurns, type Deed, type Errand, type PlaceVisit } from './turns';

/** What tests take, by its name among the tools. */
export const TESTER = 'tester';

/** To plug a remote in, or to unplug it. Generic. */
const REMOTE_MINUTES = 0.5;

export interface Testing {
  /** What a test takes. */
  readonly testMinutes: number;
  /** How many far ends can be tested before a remote has to be moved; null: as many as there are. */
  readonly remotes: number | null;
  readonly times: readonly PlaceTimes[];
  /** Tools of which there is one, the tester perhaps. */
  readonly onlyOne: readonly string[];
}

/**
 * The tests at the near ends, each once both ends are made and a remote is at the far one: it stays there when the
 * end is made today, and is brought there where that is done already. Where remotes are few, so many links are
 * tested at a time, and the remotes are fetched for the next.
 *
 * @param making the visits that make the ends
 */
export function testing(
  links: readonly LinkLeft[],
  making: readonly PlaceVisit[],
  { testMinutes, remotes, times, onlyOne }: Testing,
): PlaceVisit[] {
  const wanted = byPlaces(links.filter(({ toTest }) => toTest));
  const most = remotes ?? Math.max(1, wanted.length);
  const makers = visitsOf(making);
  let free: readonly string[] = [];
  const visits: PlaceVisit[] = [];
  for (let first = 0; first < wanted.length; first += most) {
    const batch = wanted.slice(first, first + most);
    const name = (what: string) => (first === 0 ? what : `${what} ${first / most + 1}`);
    const at = (what: Deed['what'], end: 'near' | 'far', minutes: number) => (link: LinkLeft) =>
      errandAt(link[end], { link: link.id, what, minutes }, times);
    const put = inTurns(
      name('put'),
      batch
        .filter(({ far }) => first > 0 || far.minutes <= 0)
        .map(at('put', 'far', REMOTE_MINUTES)),
    ).map((visit) => ({
      ...visit,
      after: [...new Set([...visit.deeds.flatMap(({ link }) => makers(link, 'far')), ...free])],
    }));
    const putters = visitsOf(put);
    const test = inTurns(
      name('test'),
      batch.map((link) => ({
        ...at('test', 'near', testMinutes)(link),
        tools: onlyOne.filter((tool) => tool === TESTER),
      })),
    ).map((visit) => ({
      ...visit,
      after: [...new Set(visit.deeds.flatMap(({ link }) => [...makers(link), ...putters(link)]))],
    }));
    const testers = visitsOf(test);
    const isLast = first + most >= wanted.length;
    const fetch = inTurns(
      name('fetch'),
      isLast ? [] : batch.map(at('fetch', 'far', REMOTE_MINUTES)),
    ).map((visit) => ({
      ...visit,
      after: [...new Set(visit.deeds.flatMap(({ link }) => testers(link)))],
    }));
    free = fetch.map(({ id }) => id);
    visits.push(...put, ...test, ...fetch);
  }
  return visits;
}

const errandAt = (
  { place, outdoors }: EndLeft,
  deed: Deed,
  times: readonly PlaceTimes[],
): Errand => ({ place, deed, tools: [], open: openAt(times, place, outdoors) });

/** Links from the same place to the same one beside each other, in the order in which places come first. */
function byPlaces(links: readonly LinkLeft[]): LinkLeft[] {
  const groups = new Map<string, LinkLeft[]>();
  for (const link of links) {
    const key = JSON.stringify([link.near.place, link.far.place]);
    groups.set(key, [...(groups.get(key) ?? []), link]);
  }
  const nears = [...new Set(links.map(({ near }) => near.place))];
  return nears.flatMap((place) =>
    [...groups.values()].filter(([one]) => one?.near.place === place).flat(),
  );
}

/** Ids of the visits that do something of a link. */
const visitsOf =
  (visits: readonly PlaceVisit[]) =>
  (link: string, what?: Deed['what']): string[] =>
    visits
      .filter(({ deeds }) =>
        deeds.some((deed) => deed.link === link && (!what || deed.what === what)),
      )
      .map(({ id }) => id);
