import * as z from 'zod';
import { cableId, connectorId, scheme } from './primitives';

export const planRequest = z
  .strictObject({
    cable: cableId,
    connector: connectorId,
    scheme: scheme.default('T568B'),
    otherEnd: z.enum(['bare', 'made']).default('made'),
    without: z
      .array(z.string().max(80))
      .max(50)
      .default([])
      .meta({ description: 'Tools that are not at hand.' }),
  })
  .meta({ id: 'PlanRequest' });

export const templateQuery = z.strictObject({ cable: cableId, connector: connectorId });

const step = z
  .object({
    id: z.string(),
    operation: z.string(),
    part: z.string().optional(),
    layer: z.string().optional(),
    instruction: z.string(),
    why: z.string(),
    irreversible: z.boolean(),
    checks: z.array(z.object({ id: z.string(), text: z.string() })),
    tools: z.array(z.string()),
    cautions: z.array(z.string()),
    seconds: z.number(),
    measure: z
      .object({
        kind: z.enum(['strip', 'exposed', 'untwist']),
        what: z.string(),
        minMm: z.number(),
        maxMm: z.number(),
      })
      .nullable(),
  })
  .meta({ id: 'Step' });

export const terminationPlan = z
  .object({
    fit: z.object({
      ok: z.boolean(),
      problems: z.array(
        z.object({
          what: z.string(),
          have: z.string(),
          need: z.string(),
          suggestion: z.string(),
        }),
      ),
    }),
    parts: z.array(z.string()),
    tools: z.array(z.string()),
    cuts: z.array(
      z.object({
        layer: z.string(),
        fromEndMm: z.number(),
        fromDatumMm: z.number(),
        toleranceMm: z.number(),
      }),
    ),
    steps: z.array(step),
  })
  .meta({ id: 'TerminationPlan' });

/** A plan, and what is missing for it. */
export const plannedTermination = terminationPlan
  .extend({
    gaps: z.array(
      z.object({
        tool: z.string(),
        stepIds: z.array(z.string()),
        canGoOn: z.boolean(),
        sentence: z.string(),
      }),
    ),
  })
  .meta({ id: 'PlannedTermination' });
