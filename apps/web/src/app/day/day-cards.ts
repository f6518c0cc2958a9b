import type { SiteDayAnswer } from '@near-spoke/contract/site-day';
import type { Pages } from '@near-spoke/words';
import { clock } from './clock';

type Stop = SiteDayAnswer['stops'][number];

/** One person's day, stop by stop. */
export interface DayCards {
  readonly person: string;
  readonly stops: readonly {
    readonly id: string;
    readonly place: string;
    readonly at: string;
    readonly takes: string;
    readonly outdoors: boolean;
    readonly tasks: readonly {
      readonly name: string;
      /** Of the link, where it is done. */
      readonly page: string;
      readonly links: Stop['deeds'];
    }[];
  }[];
}

/** What is done at a stop, in the order in which it is said, and the page of the link that it is done on. */
const TASKS = [
  { name: 'fetch', whats: ['fetch'], page: 'verify' },
  { name: 'put', whats: ['put'], page: 'verify' },
  { name: 'ends', whats: ['near', 'far'], page: 'terminate' },
  { name: 'tests', whats: ['test'], page: 'verify' },
] as const satisfies readonly {
  readonly name: keyof Pages['day'];
  readonly whats: readonly Stop['deeds'][number]['what'][];
  readonly page: string;
}[];

/**
 * A day as it is shown: of each person in turn, each stop with what is made there and what is tested.
 *
 * @param begin minutes since midnight
 */
export function dayCards({ stops }: SiteDayAnswer, begin: number, words: Pages['day']): DayCards[] {
  const people = [...new Set(stops.map(({ person }) => person))];
  return people.map((person) => ({
    person: people.length > 1 ? words.person(person) : '',
    stops: stops
      .filter((stop) => stop.person === person)
      .map((stop, index) => ({
        id: `${person} ${index} ${stop.place}`,
        place: stop.place,
        at: words.at(clock(begin + stop.startMinute), stop.walkMinutes, stop.waitMinutes),
        takes: words.minutes(stop.minutes),
        outdoors: stop.outdoors,
        tasks: TASKS.map(({ name, whats, page }) => ({
          name: words[name],
          page,
          links: stop.deeds.filter(({ what }) => whats.some((one) => one === what)),
        })).filter(({ links }) => links.length > 0),
      })),
  }));
}
