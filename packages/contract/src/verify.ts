import { pairAt } from '@near-spoke/core/catalogue';
import { ARRANGEMENTS, FAULT_KINDS, tester as testerRow } from '@near-spoke/core/verify';
import { REMAKE_CAUSES } from '@near-spoke/core/terminate';
import * as z from 'zod';
import { author, contact, end, id, instant, line, scheme } from './primitives';

const net = z
  .strictObject({ near: z.array(contact).default([]), far: z.array(contact).default([]) })
  .refine(({ near, far }) => near.length + far.length > 0, 'names no contact')
  .meta({ id: 'Net', description: 'Contacts of both ends that are joined to one another.' });

export const tester = z.enum(['identifying-remote', 'pairing']).meta({ id: 'Tester' });

const shown = {
  tester,
  nets: z
    .array(net)
    .max(18)
    .meta({ description: 'A contact that no net names is joined to nothing.' }),
  splitPairs: z
    .array(z.tuple([contact, contact]))
    .max(4)
    .default([])
    .meta({ description: 'Contact pairs that the tester reports as not twisted together.' }),
};

interface Shown {
  readonly tester: z.output<typeof tester>;
  readonly nets: readonly z.output<typeof net>[];
  readonly splitPairs: readonly (readonly [string, string])[];
}

/** Each contact in one net only; split pairs only from a tester that sees them. */
function checkShown(result: Shown, context: z.RefinementCtx): void {
  const seen = new Set<string>();
  result.nets.forEach((row, index) => {
    for (const side of ['near', 'far'] as const)
      row[side].forEach((name, place) => {
        const key = `${side} ${name}`;
        if (seen.has(key))
          context.addIssue({
            code: 'custom',
            path: ['nets', index, side, place],
            message: `${key} stands in two places`,
          });
        seen.add(key);
      });
  });
  if (result.splitPairs.length > 0 && testerRow(result.tester).blindTo.includes('split-pair'))
    context.addIssue({
      code: 'custom',
      path: ['splitPairs'],
      message: 'this tester can’t see split pairs; use the tester "pairing"',
    });
  result.splitPairs.forEach(([a, b], index) => {
    const pair = pairAt('T568B', a as z.output<typeof contact>);
    if (!pair || a === b || ![pair.tip, pair.ring].includes(b as z.output<typeof contact>))
      context.addIssue({
        code: 'custom',
        path: ['splitPairs', index],
        message: 'is not a pair of contacts: 1-2, 3-6, 4-5 or 7-8',
      });
  });
}

export const diagnoseRequest = z
  .strictObject({
    scheme: z.strictObject({ near: scheme, far: scheme }),
    shielded: z.boolean().default(false),
    ...shown,
  })
  .superRefine(checkShown)
  .meta({ id: 'DiagnoseRequest' });

const fault = z
  .object({
    kind: z.enum(FAULT_KINDS),
    near: z.array(contact),
    far: z.array(contact),
    pairs: z.array(z.literal([1, 2, 3, 4])),
    end: z.enum(['near', 'far', 'either']),
    title: z.string(),
    sentence: z.string(),
  })
  .meta({ id: 'Fault', description: 'In faults of order, near[i] arrives at far[i].' });

export const diagnosis = z
  .object({
    verdict: z.enum(['pass', 'fail', 'unproven']),
    arrangement: z.enum(ARRANGEMENTS),
    summary: z.string(),
    faults: z.array(fault),
    actions: z.array(z.object({ end: z.enum(['near', 'far', 'either']), sentence: z.string() })),
    unseen: z.array(
      z.enum([
        ...FAULT_KINDS,
        'high-resistance',
        'intermittent',
        'performance',
        'order-behind-short',
        'order-of-opens',
      ]),
    ),
    unseenNotes: z.array(z.string()),
  })
  .meta({ id: 'Diagnosis' });

export const readingInput = z
  .strictObject({
    id: id.optional(),
    takenAt: instant.optional(),
    author: author.default('unnamed'),
    note: line(500).default(''),
    ...shown,
  })
  .superRefine(checkShown)
  .meta({ id: 'ReadingInput' });

export const reading = z
  .object({
    id,
    linkId: id,
    takenAt: z.string(),
    author: z.string(),
    note: z.string(),
    tester,
    wiring: z.object({ scheme: z.object({ near: scheme, far: scheme }), shielded: z.boolean() }),
    nets: z.array(net),
    splitPairs: z.array(z.tuple([contact, contact])),
    diagnosis,
  })
  .meta({ id: 'Reading' });

export const readingList = z.object({ readings: z.array(reading) }).meta({ id: 'ReadingList' });
export const readingResult = z.object({ reading, diagnosis }).meta({ id: 'ReadingResult' });

const CAUSE_IDS = REMAKE_CAUSES.map(({ id: name }) => name);

export const tickInput = z
  .strictObject({
    id: id.optional(),
    end,
    key: z
      .string()
      .regex(/^[a-z0-9-]{1,60}(\/[a-z0-9-]{1,60})?$/, 'is not a step, or a step/check')
      .meta({ description: 'A step’s id, or "step/check" for one check of a stop point.' }),
    done: z.boolean().default(true),
    measuredMm: z
      .number()
      .nonnegative()
      .max(10_000)
      .nullable()
      .default(null)
      .meta({ description: 'What was measured at this step, mm.' }),
    cause: z
      .enum(['', ...CAUSE_IDS])
      .default('')
      .meta({ description: 'With a tick taken back: why the end was cut off.' }),
    at: instant.optional(),
    author: author.default('unnamed'),
  })
  .meta({ id: 'TickInput' });

export const tick = z
  .object({
    id,
    linkId: id,
    end,
    key: z.string(),
    done: z.boolean(),
    measuredMm: z.number().nullable(),
    cause: z.string(),
    at: z.string(),
    author: z.string(),
  })
  .meta({ id: 'Tick' });

export const tickList = z.object({ ticks: z.array(tick) }).meta({ id: 'TickList' });

export type DiagnoseRequest = z.input<typeof diagnoseRequest>;
export type DiagnosisReport = z.output<typeof diagnosis>;
export type Reading = z.output<typeof reading>;
export type ReadingInput = z.input<typeof readingInput>;
export type Tick = z.output<typeof tick>;
export type TickInput = z.input<typeof tickInput>;
