import {
  HANDSHAKES,
  PLAIN_OPTIONS,
  SEVERITIES,
  SHIELD_CHOICES,
  UNUSED,
} from '@near-spoke/core/map';
import * as z from 'zod';
import { endpoints } from '../endpoint';
import { cableId, contact, filled, line, speaksIn } from '../primitives';
import { connectorRef, gender, port } from './port';

const coreId = z.string().regex(/^[A-Za-z0-9.-]{1,12}$/, 'is not a core’s letters');

const join = z.strictObject({
  near: contact.nullable(),
  far: contact.nullable(),
  feeds: z
    .enum(['near', 'far'])
    .optional()
    .meta({ description: 'Of a supply, the end that gives it.' }),
});

export const solveOptions = z
  .strictObject({
    joins: z.array(join).max(200).default([]),
    shield: z.enum(SHIELD_CHOICES).nullable().default(PLAIN_OPTIONS.shield),
    handshake: z.enum(HANDSHAKES).default(PLAIN_OPTIONS.handshake),
    unused: z.enum(UNUSED).default(PLAIN_OPTIONS.unused),
    lengthM: z.number().min(1e-3).max(100_000).nullable().default(PLAIN_OPTIONS.lengthM),
    measured: z
      .array(z.strictObject({ near: coreId, far: coreId }))
      .max(100)
      .default([]),
    temperatureC: z.number().min(-60).max(150).default(PLAIN_OPTIONS.temperatureC),
  })
  .meta({
    id: 'SolveOptions',
    description:
      'joins: made by hand, null leaves the other one open. measured: cores as their two ends were found to look.',
  });

export const solveRequest = z
  .strictObject({
    near: port,
    far: port,
    cable: cableId.nullable().default(null),
    options: solveOptions.prefault({}),
    units: speaksIn,
  })
  .superRefine(({ near, far, options }, context) => {
    options.joins.forEach((row, index) => {
      for (const [end, at] of [
        ['near', near],
        ['far', far],
      ] as const) {
        const name = row[end];
        if (name !== null && !at.contacts.some((own) => own.contact === name))
          context.addIssue({
            code: 'custom',
            path: ['options', 'joins', index, end],
            message: `the ${end} port has no contact ${name}`,
          });
      }
    });
  })
  .meta({ id: 'SolveRequest' });

const net = z.object({
  signal: z.string(),
  near: z.array(contact),
  far: z.array(contact),
  core: z.string().optional(),
  farCore: z.string().optional(),
  more: z.array(z.string()).optional(),
});

const contactsOf = z.object({ near: z.array(contact), far: z.array(contact) });

const finding = z
  .object({
    severity: z.enum(SEVERITIES),
    kind: z.string(),
    near: z.array(contact).optional(),
    far: z.array(contact).optional(),
    sentence: z.string(),
    remedy: z.string().optional(),
  })
  .meta({ id: 'MapFinding' });

export const solution = z
  .object({
    nets: z.array(net),
    unmatched: contactsOf,
    questions: z.array(
      z.object({
        id: z.string(),
        sentence: z.string(),
        choices: z.array(z.object({ label: z.string(), joins: z.array(join) })),
      }),
    ),
    findings: z.array(finding),
    cost: z.number(),
  })
  .meta({
    id: 'MapSolution',
    description: 'A question is answered by sending the joins of one of its choices.',
  });

/** Cores that can be told apart in one go. */
const MOST_CORES = 100;
const names = z
  .array(filled(20))
  .min(1)
  .max(MOST_CORES)
  .refine((all) => new Set(all).size === all.length, { error: 'a name stands twice' });
const label = z.strictObject({ near: line(20), far: line(20) });
const ties = z.array(z.array(z.int().nonnegative().max(MOST_CORES)).min(1)).max(MOST_CORES + 1);

export const buzzPlanRequest = z
  .strictObject({
    cores: z.int().min(1).max(MOST_CORES),
    mode: z.enum(['in-reach', 'walk']),
  })
  .meta({ id: 'BuzzPlanRequest' });

const probe = z.union([
  z.strictObject({ kind: z.literal('pair'), near: line(20), far: line(20) }),
  z.strictObject({ kind: z.literal('bundle'), near: line(20), others: z.array(line(20)).min(1) }),
]);

/** What a beeper said of a pair, or of one core against several held together. */
export const probeReading = z.union([
  z.strictObject({ kind: z.literal('pair'), near: line(20), far: line(20), beep: z.boolean() }),
  z.strictObject({
    kind: z.literal('bundle'),
    near: line(20),
    others: z.array(line(20)).min(1).max(MOST_CORES),
    beep: z.boolean(),
  }),
]);

export const buzzPlan = z
  .union([
    z.object({
      mode: z.literal('in-reach'),
      cores: z.int(),
      expectedProbes: z.number(),
      next: probe.nullable(),
    }),
    z.object({
      mode: z.literal('walk'),
      cores: z.int(),
      walks: z.int(),
      needsReturn: z.boolean(),
      nearTies: ties,
      farSizes: z.array(z.object({ nearSize: z.int(), farSizes: z.array(z.int()) })),
    }),
  ])
  .meta({ id: 'BuzzPlan' });

export const walkTies = ties;

export const buzzResultRequest = z
  .discriminatedUnion('mode', [
    z.strictObject({
      mode: z.literal('in-reach'),
      near: names,
      far: names,
      expected: z.array(label).max(MOST_CORES).default([]),
      readings: z.array(probeReading).max(10_000),
    }),
    z.strictObject({
      mode: z.literal('walk'),
      cores: z.int().min(1).max(MOST_CORES),
      far: ties,
      near: ties.nullable().default(null),
    }),
  ])
  .meta({
    id: 'BuzzResultRequest',
    description:
      'Of a walk: which cores beep together, first at the far end, then at the near end.',
  });

const contradiction = z.object({
  kind: z.enum(['open', 'short', 'impossible']),
  near: z.array(z.string()),
  far: z.array(z.string()),
  sentence: z.string(),
});

export const buzzResult = z
  .union([
    z.object({
      mode: z.literal('in-reach'),
      next: probe.nullable(),
      stage: z.enum(['identify', 'confirm', 'isolate', 'done']),
      labels: z.array(z.object({ near: z.string(), far: z.string() })),
      contradictions: z.array(contradiction),
      differences: z.array(
        z.object({
          id: z.string(),
          kind: z.string(),
          near: z.array(z.string()),
          far: z.array(z.string()),
          sentence: z.string(),
          correction: z.string(),
        }),
      ),
      left: z.number(),
    }),
    z.object({
      mode: z.literal('walk'),
      next: z.enum(['read-far', 'read-near', 'done', 'repair']),
      farTies: ties.nullable(),
      labels: z.array(z.object({ near: z.int(), far: z.int() })),
      contradictions: z.array(contradiction),
      unproven: z.array(z.int()),
    }),
  ])
  .meta({ id: 'BuzzResult' });

export const viewRequest = z
  .strictObject({
    connector: connectorRef,
    gender,
    view: z.enum(['mating', 'wiring']),
    latch: z.enum(['down', 'up']).default('down'),
  })
  .meta({ id: 'ViewRequest' });

export const connectorViewAnswer = z
  .object({
    name: z.string(),
    sentence: z.string(),
    widthMm: z.number(),
    heightMm: z.number(),
    contacts: z.array(z.object({ contact, xMm: z.number(), yMm: z.number() })),
  })
  .meta({
    id: 'ConnectorViewAnswer',
    description: 'Millimetres from the centre: to the right, and up.',
  });

export const mapEndpoints = endpoints({
  solve: {
    method: 'post',
    path: '/api/map/solve',
    summary: 'What joins what between two ports, and whether it makes sense',
    body: solveRequest,
    answer: solution,
  },
  buzzPlan: {
    method: 'post',
    path: '/api/map/buzz-plan',
    summary: 'How to find out which core is which',
    body: buzzPlanRequest,
    answer: buzzPlan,
  },
  buzzResult: {
    method: 'post',
    path: '/api/map/buzz-result',
    summary: 'What the readings so far tell, and what to probe next',
    body: buzzResultRequest,
    answer: buzzResult,
  },
  view: {
    method: 'post',
    path: '/api/map/view',
    summary: 'Where a connector’s contacts are, as it is seen',
    body: viewRequest,
    answer: connectorViewAnswer,
  },
});
