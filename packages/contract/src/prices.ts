import * as z from 'zod';
import { endpoints } from './endpoint';
import { author, cableId, connectorId, end, id, language, scheme } from './primitives';
import { importText } from './schedule';
import type { Shared } from './shared';
import { metres, uncertain } from './uncertain';

const money = z.number().min(0).max(1_000_000);

const priceList = z
  .object({
    currency: z.string(),
    at: z.string().nullable().meta({ description: 'When it was brought in; null of none.' }),
    prices: z.array(
      z.object({
        part: z.string(),
        name: z.string(),
        price: z.number(),
        pack: z.number().meta({ description: 'Pieces, or metres of cable, for that price.' }),
        date: z.string().nullable(),
      }),
    ),
    unknown: z.array(z.string()).meta({
      description: 'Names in the list that are no part of the catalogue: they count for nothing.',
    }),
  })
  .meta({ id: 'PriceList' });
export type PriceListAnswer = Shared<z.output<typeof priceList>>;

const cordEnd = z.strictObject({ connector: connectorId, scheme: scheme.default('T568B') });

const costRequest = z
  .strictObject({
    near: cordEnd,
    far: cordEnd,
    cable: cableId,
    lengthM: metres.min(0.001),
    count: z.int().min(1).max(100_000).default(1),
    wagePerHour: money.default(0),
    boughtEach: money,
    tools: z
      .strictObject({ price: money, uses: z.number().min(1).max(10_000_000) })
      .nullable()
      .default(null)
      .meta({ description: 'What the tools cost, and for how many cords they last.' }),
    author: author.nullable().default(null).meta({
      description: 'At the pace of this person’s own ticks.',
    }),
    language,
  })
  .meta({ id: 'CostRequest' });

const cost = z
  .object({
    currency: z.string(),
    parts: z.array(
      z.object({
        name: z.string(),
        count: z.number(),
        cable: z.boolean().meta({ description: 'Counted in metres.' }),
        cost: z.number().nullable().meta({ description: 'Null where the list has no price.' }),
      }),
    ),
    minutes: z.number(),
    failureRate: uncertain.meta({
      description: 'Share of cords of which an end is made again, from the remakes of this site.',
    }),
    madeEach: uncertain,
    boughtEach: z.number(),
    breakEvenCount: z.int().nullable(),
  })
  .meta({ id: 'CostOfMaking' });
export type CostAnswer = Shared<z.output<typeof cost>>;

const leftRequest = z
  .strictObject({
    wagePerHour: money.default(0),
    link: id.nullable().default(null).meta({ description: 'Of this link only.' }),
    end: end.nullable().default(null).meta({ description: 'Its end at this side only.' }),
    author: author.nullable().default(null).meta({
      description: 'At the pace of this person’s own ticks.',
    }),
    language,
  })
  .meta({ id: 'CostLeftRequest' });

const costLeft = z
  .object({
    currency: z.string(),
    ends: z.int().meta({ description: 'Ends that are not made yet.' }),
    refused: z.int().meta({ description: 'Of these, ends whose parts do not fit: not counted.' }),
    unknown: z
      .int()
      .meta({ description: 'Cables to pull whose length is not known: not counted.' }),
    parts: cost.shape.parts.meta({
      description: 'With those that are made again, by the remakes of this site.',
    }),
    minutes: uncertain,
    cost: uncertain,
  })
  .meta({ id: 'CostLeft' });
export type CostLeftAnswer = Shared<z.output<typeof costLeft>>;

export const priceEndpoints = endpoints({
  list: {
    method: 'get',
    path: '/api/price-list',
    summary: 'The firm’s price list',
    answer: priceList,
  },
  keep: {
    method: 'post',
    path: '/api/price-list',
    summary: 'Bring a price list in (text/csv, or JSON with the text), in place of the one before',
    body: importText,
    files: ['text/csv', 'text/plain', 'text/tab-separated-values', 'application/octet-stream'],
    answer: priceList,
  },
  template: {
    method: 'get',
    path: '/api/sites/{id}/price-list.csv',
    of: 'site',
    summary:
      'All parts that a site’s links take, to be filled in with prices; those known are there',
    query: z.strictObject({ language }),
    answer: 'text/csv',
  },
  cost: {
    method: 'post',
    path: '/api/sites/{id}/plan/cost',
    of: 'site',
    summary: 'What a cord costs that is made here, beside one that is bought',
    body: costRequest,
    answer: cost,
  },
  left: {
    method: 'post',
    path: '/api/sites/{id}/plan/cost-left',
    of: 'site',
    summary: 'What costs that which is left to make and pull: of a site, a link or an end',
    body: leftRequest,
    answer: costLeft,
  },
});
