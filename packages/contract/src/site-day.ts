import * as z from 'zod';
import { endpoints } from './endpoint';
import { author, filled, id, language } from './primitives';
import type { Shared } from './shared';
import { span } from './span';

const body = z
  .strictObject({
    people: z.union([z.literal(1), z.literal(2)]).default(1),
    hours: z.number().min(0.25).max(24).default(8),
    startPlace: filled(500).nullable().default(null).meta({
      description: 'Where everybody begins; where most links begin if it is not said.',
    }),
    hub: z.string().max(500).nullable().default(null).meta({ description: 'Of this hub alone.' }),
    walkMPerMinute: z.number().min(1).max(500).default(40),
    unknownWalkMinutes: z.number().min(0).max(600).default(5),
    testMinutes: z.number().min(0.1).max(240).default(2),
    remotes: z.int().min(1).max(1000).nullable().default(null).meta({
      description:
        'How many far ends the tester can tell apart, each with a remote of its own; enough for all if it is not said.',
    }),
    onlyOne: z.array(filled(80)).max(50).default([]).meta({
      description:
        'Tools of which two people have one, by the names that they are carried by; “tester” for the tester.',
    }),
    times: z
      .array(
        z.strictObject({
          place: filled(500).nullable().default(null).meta({
            description: 'A hub, or where an end is; everywhere if it is not said.',
          }),
          outdoors: z.boolean().default(false).meta({ description: 'Of ends outdoors alone.' }),
          spans: z.array(span).min(1).max(20),
        }),
      )
      .max(50)
      .default([])
      .meta({
        description:
          'When somebody is let in, when it is off, when it is dry. Where several are said of an end, all have to hold.',
      }),
    author: author
      .nullable()
      .default(null)
      .meta({ description: 'At the pace of this person’s own ticks.' }),
    language,
  })
  .meta({ id: 'SiteDayRequest' });

const ofLink = { link: id, label: z.string() };

const answer = z
  .object({
    stops: z.array(
      z.object({
        person: z.int(),
        place: z.string(),
        startMinute: z.number(),
        minutes: z.number(),
        walkMinutes: z.number().meta({ description: 'To there, from the stop before.' }),
        waitMinutes: z.number().meta({
          description: 'There, until it is open or until the other has done what comes before.',
        }),
        deeds: z.array(
          z.object({
            ...ofLink,
            what: z.enum(['near', 'far', 'test', 'put', 'fetch']).meta({
              description:
                'An end to make, the test, or a remote to put at the far end and to fetch from there.',
            }),
            minutes: z.number(),
          }),
        ),
        outdoors: z.boolean().meta({
          description:
            'Whether the far end of a cable that runs outdoors or in the ground is made here.',
        }),
      }),
    ),
    carry: z.object({
      parts: z.array(z.object({ name: z.string(), count: z.int() })),
      tools: z.array(z.string()),
    }),
    totalMinutes: z.number(),
    boundMinutes: z.number().meta({ description: 'No order is done earlier.' }),
    listedMinutes: z.number().meta({ description: 'The same, gone through as it is listed.' }),
    links: z.int().meta({ description: 'Links that the day is of.' }),
    later: z.int().meta({ description: 'Links with something left that the day has no room for.' }),
    faults: z
      .array(z.object(ofLink))
      .meta({ description: 'Links to be repaired: nobody knows how long that takes.' }),
    shut: z
      .array(z.object(ofLink))
      .meta({ description: 'Links for which there is no room in the times of their places.' }),
    unfit: z
      .array(z.object(ofLink))
      .meta({ description: 'Links with an end that can’t be made as it is described.' }),
    unknownLengths: z.int(),
    places: z
      .array(z.string())
      .meta({ description: 'Where something is left to do, today or later.' }),
    unknownPlaces: z
      .array(z.string())
      .meta({ description: 'Places of the times that were given, at which no end is.' }),
    hubs: z.array(z.string()),
  })
  .meta({ id: 'SiteDay' });
export type SiteDayAnswer = Shared<z.output<typeof answer>>;

export const siteDayEndpoints = endpoints({
  day: {
    method: 'post',
    path: '/api/sites/{id}/plan/day',
    of: 'site',
    summary: 'In what order what is left of a site is done today, who is where, and what to carry',
    body,
    answer,
  },
});
