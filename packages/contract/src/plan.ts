import * as z from 'zod';
import { endpoints } from './endpoint';
import { lengthsAnswer, lengthsRequest } from './lengths';
import { named, unlike } from './named';
import { author, cableId, id, numberText } from './primitives';
import type { Shared } from './shared';
import { span } from './span';
import { metres, uncertain } from './uncertain';

const minutes = z.number().min(0).max(10_000);
const price = z.number().min(0).max(1_000_000);
const share = z.number().min(0).max(1);

const reel = z.strictObject({ id: named, lengthM: metres.min(0.001) });

const cutRequest = z
  .strictObject({
    runs: unlike(reel, 500),
    reels: unlike(reel, 100),
    slackM: metres.default(0).meta({ description: 'More than its length that each run is cut.' }),
    leastRestM: metres.nullable().default(null).meta({
      description:
        'From this length on what is left of a reel is of use. Without it, what is left of an opened reel is waste.',
    }),
    buy: z
      .strictObject({
        lengthM: metres.min(0.001),
        price: price.nullable().default(null),
      })
      .nullable()
      .default(null)
      .meta({ description: 'A box that more can be bought of.' }),
  })
  .meta({ id: 'CutRequest' });
const cutAnswer = z
  .object({
    cuts: z.array(
      z.object({ run: z.string(), reel: z.string(), fromM: z.number(), toM: z.number() }),
    ),
    buy: z.int().min(0),
    price: z.number().nullable().meta({ description: 'Of all that is to be bought.' }),
    wasteM: z.number(),
    unplaced: z.array(z.string()),
    boundWasteM: z.number(),
    proven: z.boolean().meta({ description: 'No plan is better.' }),
  })
  .meta({
    id: 'CutPlan',
    description:
      'As few runs left out as can be, then as few boxes bought, then as little waste. Bought boxes are called buy-1, buy-2 …',
  });

const siteCutsRequest = z
  .strictObject({
    slackM: metres.default(0),
    leastRestM: metres.nullable().default(null),
    boxM: metres.min(0.001).nullable().default(null).meta({
      description: 'A box that more can be bought of, of every cable.',
    }),
    boxes: z
      .array(z.strictObject({ cable: cableId, lengthM: metres.min(0.001) }))
      .max(100)
      .default([])
      .meta({ description: 'Boxes of some cables that are otherwise than that.' }),
    ownReels: z.boolean().default(true).meta({
      description:
        'With the reels that are kept of the site, and without the links that were cut from them.',
    }),
    cut: z
      .array(id)
      .max(20_000)
      .default([])
      .meta({ description: 'Links whose cable is cut already, beside those that the site knows.' }),
    reels: unlike(reel.extend({ cable: cableId }), 100)
      .default([])
      .meta({
        description: 'Begun ones, each of a cable.',
      }),
  })
  .meta({ id: 'SiteCutsRequest' });
const siteCuts = z
  .object({
    cables: z.array(
      z.object({
        cable: z.string(),
        name: z.string(),
        runs: z
          .int()
          .meta({ description: 'Links that are not pulled yet and whose length is known.' }),
        unknown: z.int().meta({ description: 'Links whose length is not known.' }),
        plan: cutAnswer.omit({ price: true }),
      }),
    ),
  })
  .meta({ id: 'SiteCuts', description: 'Runs are called by the ids of their links.' });
export type SiteCuts = Shared<z.output<typeof siteCuts>>;

const crew = z.union([z.literal(1), z.literal(2)]);

const dayRequest = z
  .strictObject({
    places: z.array(named).min(1).max(300),
    walkMinutes: z.array(z.array(minutes).max(300)).max(300),
    visits: unlike(
      z.strictObject({
        id: named,
        place: named,
        minutes,
        tools: z.array(named).max(50).default([]),
        after: z.array(named).max(200).default([]),
        people: crew.default(1).meta({ description: 'How many it takes, at the same time.' }),
        open: z.array(span).min(1).max(20).optional().meta({
          description: 'It is done whole within one of these; at any time if it is not said.',
        }),
      }),
      200,
    ),
    people: z
      .union([crew, z.array(named).min(1).max(2)])
      .default(1)
      .meta({ description: 'How many there are, or their names.' }),
    startPlace: named,
    onlyOne: z.array(named).max(50).default([]).meta({
      description: 'Tools of which there is one: all that takes it is done by the same person.',
    }),
  })
  .meta({ id: 'DayRequest' });
const dayAnswer = z
  .object({
    order: z.array(
      z.object({
        person: z.union([z.int(), z.string()]),
        visit: z.string(),
        place: z.string(),
        startMinute: z.number(),
        walkMinutes: z.number().meta({ description: 'To there, from the stop before.' }),
        tools: z.array(z.string()),
      }),
    ),
    totalMinutes: z.number(),
    boundMinutes: z.number().meta({ description: 'No order is done earlier.' }),
    listedMinutes: z.number().meta({ description: 'The same, gone through as it was listed.' }),
    outside: z.array(z.string()).meta({
      description:
        'Visits for which there is no room in their times: they stand in the order, at a time that is not theirs.',
    }),
  })
  .meta({ id: 'DayPlan' });

const sparesRequest = z
  .strictObject({
    parts: unlike(
      z.strictObject({
        id: named,
        needed: z.int().min(0).max(100_000),
        made: z.int().min(0).max(1_000_000),
        failed: z.int().min(0).max(1_000_000),
        pack: z.int().min(1).max(100_000).default(1),
      }),
      500,
    ).superRefine((rows, context) => {
      for (const [index, { made, failed }] of rows.entries())
        if (failed > made)
          context.addIssue({
            code: 'custom',
            path: [index, 'failed'],
            message: 'are more than were made',
          });
    }),
    service: z
      .number()
      .min(0)
      .max(0.9999)
      .default(0.95)
      .meta({ description: 'Share of days that must not stop for want of any part.' }),
  })
  .meta({ id: 'SparesRequest' });
const sparesAnswer = z
  .object({
    parts: z.array(z.object({ id: z.string(), bring: z.int(), packs: z.int(), rate: uncertain })),
  })
  .meta({ id: 'Spares' });

const siteSpares = z
  .object({
    service: share,
    parts: z.array(
      z.object({
        connector: z.string(),
        name: z.string(),
        needed: z.int().meta({ description: 'Ends of it that are left to make.' }),
        made: z
          .int()
          .meta({ description: 'Times that one was made here, those that were made again too.' }),
        failed: z.int(),
        pack: z.int().meta({ description: 'So many come together by the price list; 1 without.' }),
        packs: z.int(),
        bring: z.int().meta({ description: 'In whole packs.' }),
        rate: uncertain,
      }),
    ),
  })
  .meta({
    id: 'SiteSpares',
    description:
      'A remake is reckoned to take another connector; a jack that is punched again may do without.',
  });
export type SiteSpares = Shared<z.output<typeof siteSpares>>;

const makeOrBuyRequest = z
  .strictObject({
    count: z.int().min(1).max(1_000_000),
    make: z.strictObject({
      parts: z
        .array(z.strictObject({ price, count: z.number().min(0).max(100_000) }))
        .max(200)
        .default([]),
      minutes: minutes.default(0),
      wagePerHour: price.default(0),
      tools: z
        .array(z.strictObject({ price, uses: z.number().min(1).max(10_000_000) }))
        .max(100)
        .default([]),
      failureRate: z
        .union([
          share.transform((value) => ({ value, u: 0 })),
          z.strictObject({ value: share, u: share }),
        ])
        .default({ value: 0, u: 0 }),
    }),
    buy: z.strictObject({ price }),
  })
  .meta({ id: 'MakeOrBuyRequest' });
const makeOrBuyAnswer = z
  .object({
    madeEach: uncertain,
    boughtEach: z.number(),
    breakEvenCount: z.int().nullable().meta({
      description: 'From so many on made ones cost less, with the tools bought for them.',
    }),
  })
  .meta({ id: 'MadeOrBought' });

/** What comes before the tools are out, without keeping anything. */
export const planEndpoints = endpoints({
  cut: {
    method: 'post',
    path: '/api/plan/cut',
    summary: 'Which run is cut from which reel, and how many boxes to buy',
    body: cutRequest,
    answer: cutAnswer,
  },
  siteCuts: {
    method: 'post',
    path: '/api/sites/{id}/plan/cut',
    of: 'site',
    summary: 'How the cable that is not pulled yet is cut, and how many boxes of each to buy',
    body: siteCutsRequest,
    answer: siteCuts,
  },
  siteSpares: {
    method: 'get',
    path: '/api/sites/{id}/plan/spares',
    of: 'site',
    summary:
      'How many of each connector to bring for what is left to make, by how often one was made again here',
    query: z.strictObject({
      author: author.optional().meta({ description: 'By this person’s own remakes.' }),
      service: numberText(z.number().min(0).max(0.9999)).default(0.95),
    }),
    answer: siteSpares,
  },
  day: {
    method: 'post',
    path: '/api/plan/day',
    summary: 'In what order a day’s visits are done, by whom and when',
    body: dayRequest,
    answer: dayAnswer,
  },
  spares: {
    method: 'post',
    path: '/api/plan/spares',
    summary: 'How many of each part to bring so that the day does not stop',
    body: sparesRequest,
    answer: sparesAnswer,
  },
  makeOrBuy: {
    method: 'post',
    path: '/api/plan/make-or-buy',
    summary: 'What one made costs beside one bought, and from how many on making pays',
    body: makeOrBuyRequest,
    answer: makeOrBuyAnswer,
  },
  lengths: {
    method: 'post',
    path: '/api/plan/lengths',
    summary: 'How long runs are by the trays and risers of a drawing, and how full those are',
    body: lengthsRequest,
    answer: lengthsAnswer,
  },
});
