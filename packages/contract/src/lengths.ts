import * as z from 'zod';
import { named, unlike } from './named';
import { metres } from './uncertain';

/** In the drawing’s own units. */
const point = z.strictObject({ x: z.number(), y: z.number() });
const height = z.number().min(-1000).max(1000).default(0);

export const lengthsRequest = z
  .strictObject({
    scale: z
      .strictObject({ from: point, to: point, metres: metres.min(0.001) })
      .meta({ description: 'Two points of the drawing, and how far they are from each other.' }),
    ways: unlike(
      z.strictObject({
        id: named,
        points: z
          .array(point.extend({ heightM: height }))
          .min(2)
          .max(200),
        areaMm2: z.number().min(1).max(1_000_000).nullable().default(null).meta({
          description: 'What cables may fill of a tray, by the rule that you work to.',
        }),
      }),
      200,
    ),
    places: unlike(point.extend({ id: named, heightM: height }), 500),
    runs: unlike(
      z.strictObject({
        id: named,
        from: named,
        to: named,
        diameterMm: z.number().min(0.1).max(200).nullable().default(null),
      }),
      1000,
    ),
    slackM: metres.default(0).meta({ description: 'More than the way takes, at each end.' }),
    reachM: metres.default(10).meta({
      description: 'So far a cable may leave a way; the nearest way is taken in any case.',
    }),
  })
  .meta({ id: 'LengthsRequest' });
const spot = z.object({ x: z.number(), y: z.number(), heightM: z.number() });
export const lengthsAnswer = z
  .object({
    metresPerUnit: z.number(),
    runs: z.array(
      z.object({
        id: z.string(),
        lengthM: z.number().nullable().meta({ description: 'Null where no way leads there.' }),
        by: z.array(z.string()),
        legs: z
          .array(
            z.object({
              from: spot,
              to: spot,
              atM: z.number(),
              way: z.string().nullable(),
            }),
          )
          .meta({
            description:
              'Its straight pieces, in metres: the drawing’s units times its scale. Slack is not counted.',
          }),
      }),
    ),
    ways: z.array(
      z.object({ id: z.string(), runs: z.array(z.string()), fill: z.number().nullable() }),
    ),
  })
  .meta({ id: 'PlanLengths' });
