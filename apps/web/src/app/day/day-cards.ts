import type { SiteDayAnswer } from '@near-spoke/contract/site-day';
import type { Pages } from '@near-spoke/words';

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
    readonly tasks: readonly { readonly name: string; readonly links: Stop['deeds'] }[];
  }[];
}

/** Minutes since it began as a clock shows them: "1:05". */
const clock = (minutes: number): string => {
  const whole = Math.round(minutes);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
};

/** A day as it is shown: of each person in turn, each stop with what is made there and what is tested. */
export function dayCards({ stops }: SiteDayAnswer, words: Pages['day']): DayCards[] {
  const people = [...new Set(stops.map(({ person }) => person))];
  return people.map((person) => ({
    person: people.length > 1 ? words.person(person) : '',
    stops: stops
      .filter((stop) => stop.person === person)
      .map((stop, index) => ({
        id: `${person} ${index} ${stop.place}`,
        place: stop.place,
        at: words.at(clock(stop.startMinute), stop.walkMinutes),
        takes: words.minutes(stop.minutes),
        outdoors: stop.outdoors,
        tasks: [
          { name: words.ends, links: stop.deeds.filter(({ what }) => what !== 'test') },
          { name: words.tests, links: stop.deeds.filter(({ what }) => what === 'test') },
        ].filter(({ links }) => links.length > 0),
      })),
  }));
}
