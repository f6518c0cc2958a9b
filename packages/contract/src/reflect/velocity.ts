import { ANY_VELOCITY } from '@near-spoke/core/reflect/told';
import * as z from 'zod';
import { line, speaksIn } from '../primitives';
import { uncertain, uncertainFactor, uncertainMetres, uncertainSeconds } from '../uncertain';
import { eventKind, span } from './reflect';

export const velocityRequest = z
  .strictObject({
    known: z
      .array(
        z.strictObject({
          lengthM: uncertainMetres.extend({ value: span }),
          delayS: uncertainSeconds,
        }),
      )
      .min(1)
      .max(100),
    units: speaksIn,
  })
  .meta({ id: 'VelocityRequest' });
export const velocityAnswer = z
  .object({
    velocityFactor: uncertain,
    leadsS: uncertain.nullable(),
    misfit: z.number().nullable(),
    sums: z.array(z.string()),
  })
  .meta({ id: 'VelocityAnswer' });

export const twoEndsRequest = z
  .strictObject({
    lengthM: uncertainMetres.extend({ value: span }),
    nearS: uncertainSeconds,
    farS: uncertainSeconds,
    velocityFactor: uncertainFactor.nullable().default(null),
    units: speaksIn,
  })
  .meta({ id: 'TwoEndsRequest' });
export const twoEndsAnswer = z
  .object({
    placeM: uncertain,
    velocityFactor: uncertain,
    apart: z.number().nullable(),
    agree: z.boolean().nullable(),
    sentence: z.string(),
  })
  .meta({ id: 'TwoEndsAnswer' });

const seenFromEnd = z.object({ delayS: uncertainSeconds, kind: eventKind, end: z.boolean() });
export const pairEndsRequest = z
  .strictObject({
    near: z.array(seenFromEnd).max(200),
    far: z.array(seenFromEnd).max(200),
    lengthM: uncertainMetres.extend({ value: span }),
    velocityFactor: uncertainFactor.default(ANY_VELOCITY),
    units: speaksIn,
  })
  .meta({
    id: 'PairEndsRequest',
    description: 'Events as an analysis gives them, of a trace from either end.',
  });
export const pairEndsAnswer = z
  .object({
    pairs: z.array(twoEndsAnswer.extend({ near: seenFromEnd, far: seenFromEnd })),
  })
  .meta({ id: 'PairEndsAnswer' });

export const reelRequest = z
  .strictObject({
    delayS: uncertainSeconds,
    velocityFactor: uncertainFactor,
    cableName: line(120),
    date: line(40),
    units: speaksIn,
  })
  .meta({ id: 'ReelRequest' });
export const reelAnswer = z
  .object({ leftM: uncertain, atLeastM: z.number(), atLeast: z.string(), label: z.string() })
  .meta({ id: 'ReelAnswer' });
