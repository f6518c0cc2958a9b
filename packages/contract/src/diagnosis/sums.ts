import { LAMPS, SUPPLIES } from '@near-spoke/core/verify/build';
import * as z from 'zod';
import { cableId } from '../primitives';

const uncertain = z.object({ value: z.number(), u: z.number() });
const volts = z.number().min(-1000).max(1000).nullable().default(null);

export const lossRequest = z
  .strictObject({
    cable: cableId,
    lengthM: z.number().min(1e-3).max(100_000),
    mhz: z.number().min(0.1).max(6000),
    temperatureC: z.number().min(-50).max(90).default(20),
    connectors: z.int().min(0).max(100).default(2),
    splitters: z.array(z.int().min(2).max(64)).max(20).default([]),
    sheet: z
      .strictObject({
        mhz: z.number().min(0.1).max(6000),
        dbPer100M: z.number().min(1e-6).max(1e6),
      })
      .nullable()
      .default(null)
      .meta({ description: 'What the reel’s own sheet says at one frequency.' }),
  })
  .meta({ id: 'LossRequest' });

export const lossAnswer = z
  .object({
    rows: z.array(z.object({ what: z.string(), db: uncertain })),
    total: uncertain,
    share: z.number(),
  })
  .meta({ id: 'LossBudget' });

export const lineRequest = z
  .strictObject({
    idleV: volts,
    aloneV: volts,
    demarcationV: volts,
    offHookV: volts,
    ringingV: volts,
    ringers: z.array(z.number().min(0).max(100)).max(50).default([]),
    ringersMost: z.number().min(1e-3).max(100).default(4),
  })
  .meta({
    id: 'LineRequest',
    description: 'Contact 2 over contact 5, signed; null where not measured.',
  });

export const lineAnswer = z
  .object({
    next: z.string().nullable(),
    side: z.enum(['ours', 'theirs', 'set', 'nobody']).nullable(),
    sentence: z.string(),
    remarks: z.array(z.string()),
    ringers: z.object({ sum: z.number(), enough: z.boolean(), sentence: z.string() }),
  })
  .meta({ id: 'LineVerdict' });

export const lampBuildRequest = z
  .strictObject({
    supply: z.enum(SUPPLIES.map(({ id }) => id)),
    lampV: z.number().min(1).max(5).default(LAMPS[0].lampV),
    wantedA: z.number().min(0.0005).max(0.05).default(0.01),
    loopOhm: z.number().min(0).max(10_000).default(17),
    lamps: z.int().min(1).max(25).default(4),
  })
  .meta({ id: 'LampBuildRequest' });

const choice = z.object({
  ohm: z.number(),
  newA: z.number(),
  worstA: z.number(),
  atWorst: z.enum(['bright', 'dim', 'dark']),
  resistorW: z.number(),
  hours: z.number(),
});

export const lampBuildAnswer = z
  .object({
    exactOhm: z.number().nullable(),
    choices: z.array(choice),
    best: choice.nullable(),
    warnings: z.array(z.string()),
  })
  .meta({ id: 'LampBuild' });
