import * as z from 'zod';
import { endpoints } from './endpoint';
import { FIT_CODES, MEASURE_KINDS } from '@near-spoke/core/closed-sets';
import { SCHOOLS, SCHOOL_IDS } from '@near-spoke/core/catalogue';
import { cableId, connectorId, end, filled, jacket, language, scheme, spoken } from './primitives';
import type { Shared } from './shared';

const tools = z.array(z.string().max(80)).max(100);

/** One option for each school that is named. */
const schools = z.partialRecord(z.enum(SCHOOL_IDS), z.string()).superRefine((chosen, context) => {
  for (const [id, choice] of Object.entries(chosen)) {
    const options = SCHOOLS.find((school) => school.id === id)?.options.map((row) => row.id) ?? [];
    if (!options.includes(choice))
      context.addIssue({
        code: 'custom',
        path: [id],
        message: `is not one of: ${options.join(', ')}`,
      });
  }
});

const endToPlan = {
  cable: cableId,
  connector: connectorId,
  scheme: scheme.default('T568B'),
  otherEnd: z.enum(['bare', 'made']).default('made'),
  schools: schools.default({}),
  environment: jacket.default('indoor'),
  unit: z.enum(['mm', 'in']).default('mm'),
  shieldFloats: z
    .boolean()
    .default(false)
    .meta({ description: 'This end’s shield stays open, the other end’s is bonded.' }),
  turned: z.boolean().default(false).meta({
    description: 'Of a flat cord: this plug lies the other way round than its other one.',
  }),
};

export const planRequest = z
  .strictObject({
    ...endToPlan,
    tools: tools.optional().meta({ description: 'The tools at hand; all if it is left out.' }),
    without: tools.default([]).meta({ description: 'Tools that are not at hand.' }),
  })
  .meta({ id: 'PlanRequest' });

export const batchRequest = z
  .strictObject({
    ends: z.array(z.strictObject({ id: filled(80), ...endToPlan })).max(500),
  })
  .meta({ id: 'BatchRequest', description: 'Ends that are made together at one bench.' });

export const templateQuery = z.strictObject({
  cable: cableId,
  connector: connectorId,
  strip: z.enum(['two-blade', 'layer-by-layer', '']).default('').meta({
    description: 'How a coaxial end is stripped whose braid is folded back; as usual if empty.',
  }),
  language,
});

const step = z
  .object({
    id: z.string(),
    operation: z.string(),
    part: z.string().optional(),
    layer: z.string().optional(),
    instruction: z.string(),
    why: z.string(),
    irreversible: z.boolean(),
    fixes: z.boolean(),
    checks: z.array(z.object({ id: z.string(), text: z.string() })),
    tools: z.array(z.string()),
    cautions: z.array(z.string()),
    seconds: z.number(),
    measure: z
      .object({
        kind: z.enum(MEASURE_KINDS),
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
          code: z.enum(FIT_CODES),
          what: z.string(),
          have: z.string(),
          need: z.string(),
          off: z.string().meta({ description: 'By how much, where that is a number.' }),
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
    afterwards: z.array(z.string()).meta({
      description: 'What is left for the site, once the end is made and tested.',
    }),
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
        instead: z.string().nullable(),
      }),
    ),
  })
  .meta({ id: 'PlannedTermination' });

export const plannedBatch = z
  .object({
    sessions: z.array(
      z.object({
        tool: z.string(),
        work: z.array(z.object({ endId: z.string(), steps: z.array(step) })),
      }),
    ),
    toolChanges: z.int(),
    changesOneByOne: z.int(),
    refused: z.array(z.string()),
    proven: z.boolean(),
  })
  .meta({ id: 'PlannedBatch' });

export const kit = z
  .object({
    parts: z.array(z.object({ name: z.string(), count: z.int() })),
    tools: z.array(z.string()),
    seconds: z.number(),
    refused: z.int(),
    cables: z.array(
      z.object({
        name: z.string(),
        lengthM: z.number().meta({ description: 'Of the links whose length is known.' }),
        unknown: z.int().meta({ description: 'Links whose length is not known.' }),
      }),
    ),
    ends: z.int(),
  })
  .meta({ id: 'Kit' });

export const paceList = z
  .object({
    author: z.string(),
    steps: z.record(z.string(), z.object({ seconds: z.number(), u: z.number(), count: z.int() })),
  })
  .meta({ id: 'PaceList', description: 'Seconds a step takes this person, with its uncertainty.' });

export type Kit = Shared<z.output<typeof kit>>;
export type PaceList = Shared<z.output<typeof paceList>>;

export const kitQuery = z.strictObject({
  link: z.uuid().optional().meta({ description: 'Only this link.' }),
  end: end.optional().meta({ description: 'Only this end.' }),
  author: z.string().max(80).optional().meta({ description: 'At this person’s pace.' }),
  language,
});
export const paceQuery = z.strictObject({
  author: z.string().max(80).meta({ description: 'The person.' }),
});

export const terminateEndpoints = endpoints({
  plan: {
    method: 'post',
    path: '/api/terminate/plan',
    summary: 'How to make one end',
    query: spoken,
    body: planRequest,
    answer: plannedTermination,
  },
  batch: {
    method: 'post',
    path: '/api/terminate/batch',
    summary: 'How to make many ends with the fewest changes of tool',
    query: spoken,
    body: batchRequest,
    answer: plannedBatch,
  },
  kit: {
    method: 'get',
    path: '/api/sites/{id}/kit',
    of: 'site',
    summary: 'Parts, tools, cable and time for what is left to make',
    answer: kit,
    query: kitQuery,
  },
  pace: {
    method: 'get',
    path: '/api/sites/{id}/pace',
    of: 'site',
    summary: 'How long steps take a person, from their own ticks',
    answer: paceList,
    query: paceQuery,
  },
  template: {
    method: 'get',
    path: '/api/terminate/template.pdf',
    summary: 'A strip template to print at 1:1',
    answer: 'application/pdf',
    query: templateQuery,
  },
});
