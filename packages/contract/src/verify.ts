import {
  ARRANGEMENTS,
  FAULT_KINDS,
  LEFT_OPEN,
  MAP_TESTER_IDS,
  REMAKE_CAUSES,
  SEES_PAIRING,
} from '@near-spoke/core/closed-sets';
import { SHELL, compareContacts } from '@near-spoke/core/catalogue';
import { fourPairWiring, pairsOf, type Wiring } from '@near-spoke/core/link';
import * as z from 'zod';
import { endpoints } from './endpoint';
import { factKind, linkFactEndpoints } from './fact-kind';
import {
  contact,
  end,
  entered,
  id,
  instant,
  keptFact,
  line,
  scheme,
  sentFact,
  spoken,
} from './primitives';
import type { Shared } from './shared';

const net = z
  .strictObject({ near: z.array(contact).default([]), far: z.array(contact).default([]) })
  .refine(({ near, far }) => near.length + far.length > 0, 'names no contact')
  .meta({ id: 'Net', description: 'Contacts of both ends that are joined to one another.' });

export const tester = z.enum(MAP_TESTER_IDS).meta({ id: 'Tester' });

const shown = {
  tester,
  nets: z
    .array(net)
    .max(200)
    .meta({ description: 'A contact that no net names is joined to nothing.' }),
  splitPairs: z
    .array(z.tuple([contact, contact]))
    .max(25)
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
  if (result.splitPairs.length > 0 && !SEES_PAIRING.has(result.tester))
    context.addIssue({
      code: 'custom',
      path: ['splitPairs'],
      message: 'this tester can’t see split pairs; use the tester "pairing"',
    });
}

/** What a reading names that its link does not have, as RFC 9457 errors; null if all is there. */
export function misreadContacts(
  { nets, splitPairs }: Shown,
  wiring: Wiring,
): { readonly path: string; readonly reason: string }[] {
  const has = (end: 'near' | 'far', name: string) =>
    name === SHELL || wiring[end].contacts.some((row) => row.contact === name);
  const strangers = nets.flatMap((row, index) =>
    (['near', 'far'] as const).flatMap((end) =>
      row[end].flatMap((name, place) =>
        has(end, name)
          ? []
          : [
              {
                path: `nets.${index}.${end}.${place}`,
                reason: `the ${end} end has no contact ${name}`,
              },
            ],
      ),
    ),
  );
  const pairs = pairsOf(wiring.near);
  const names = pairs.map(({ tip, ring }) => [tip, ring].sort(compareContacts).join('-'));
  const unpaired = splitPairs.flatMap(([a, b], index) =>
    a !== b && pairs.some(({ tip, ring }) => [tip, ring].includes(a) && [tip, ring].includes(b))
      ? []
      : [
          {
            path: `splitPairs.${index}`,
            reason: `is not a pair of contacts: ${names.sort().join(', ')}`,
          },
        ],
  );
  return [...strangers, ...unpaired];
}

export const diagnoseRequest = z
  .strictObject({
    scheme: z.strictObject({ near: scheme, far: scheme }),
    shielded: z.boolean().default(false),
    ...shown,
  })
  .superRefine(checkShown)
  .superRefine(({ scheme: ends, ...shownNow }, context) => {
    for (const { path, reason } of misreadContacts(shownNow, fourPairWiring(ends.near, ends.far)))
      context.addIssue({
        code: 'custom',
        path: path.split('.').map((part) => (/^\d+$/.test(part) ? Number(part) : part)),
        message: reason,
      });
  })
  .meta({ id: 'DiagnoseRequest' });

const fault = z
  .object({
    kind: z.enum(FAULT_KINDS),
    near: z.array(contact),
    far: z.array(contact),
    pairs: z.array(z.int().positive()),
    end: z.enum(['near', 'cable', 'far', 'either']),
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
    actions: z.array(
      z.object({ end: z.enum(['near', 'cable', 'far', 'either']), sentence: z.string() }),
    ),
    unseen: z.array(
      z.enum([...FAULT_KINDS, 'high-resistance', 'intermittent', 'performance', ...LEFT_OPEN]),
    ),
    unseenNotes: z.array(z.string()),
  })
  .meta({ id: 'Diagnosis' });

export const readingInput = z
  .strictObject({
    ...sentFact,
    takenAt: instant.optional(),
    note: line(500).default(''),
    entered: entered.default('unsaid'),
    ...shown,
  })
  .superRefine(checkShown)
  .meta({ id: 'ReadingInput' });

export const endWiring = z
  .object({
    rule: z.string(),
    contacts: z.array(
      z.object({
        contact,
        core: z.string().nullable(),
        looks: z.string().optional(),
        pair: z.int().nullable(),
        member: z.enum(['tip', 'ring']).nullable(),
      }),
    ),
    turns: z.boolean(),
  })
  .meta({ id: 'EndWiring', description: 'Which core is meant for which contact.' });

export const reading = z
  .object({
    ...keptFact,
    linkId: id,
    takenAt: z.string(),
    note: z.string(),
    entered,
    tester,
    wiring: z.object({ near: endWiring, far: endWiring }),
    nets: z.array(net),
    splitPairs: z.array(z.tuple([contact, contact])),
    diagnosis,
  })
  .meta({ id: 'Reading' });

export const readingList = z.object({ readings: z.array(reading) }).meta({ id: 'ReadingList' });
export const readingResult = z.object({ reading, diagnosis }).meta({ id: 'ReadingResult' });

const cause = z.enum(['', ...REMAKE_CAUSES]);

export const tickInput = z
  .strictObject({
    ...sentFact,
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
    cause: cause
      .default('')
      .meta({ description: 'With a tick taken back: why the end was cut off.' }),
    at: instant.optional(),
  })
  .meta({ id: 'TickInput' });

export const tick = z
  .object({
    ...keptFact,
    linkId: id,
    end,
    key: z.string(),
    done: z.boolean(),
    measuredMm: z.number().nullable(),
    cause,
    at: z.string(),
  })
  .meta({ id: 'Tick' });

export type Reading = Shared<z.output<typeof reading>>;
export type ReadingInput = Shared<z.input<typeof readingInput>>;
export type Tick = Shared<z.output<typeof tick>>;
export type TickInput = Shared<z.input<typeof tickInput>>;

export const readingEndpoints = endpoints({
  list: {
    method: 'get',
    path: '/api/links/{id}/readings',
    of: 'link',
    summary: 'What testers showed, oldest first',
    answer: readingList,
  },
  keep: {
    method: 'post',
    path: '/api/links/{id}/readings',
    of: 'link',
    summary: 'Keep a reading and diagnose it',
    body: readingInput,
    status: 201,
    answer: readingResult,
  },
  diagnose: {
    method: 'post',
    path: '/api/verify/diagnose',
    summary: 'Diagnose a reading without keeping it',
    query: spoken,
    body: diagnoseRequest,
    answer: diagnosis,
  },
});

export const tickEndpoints = linkFactEndpoints('ticks', tickInput, tick, {
  list: 'Ticked steps and checks, oldest first',
  keep: 'Tick a step or check, or take a tick back',
});

export const readingKind = factKind({
  fact: reading,
  keep: readingEndpoints.keep,
  lists: { link: readingEndpoints.list },
  subject: 'linkId',
  at: 'takenAt',
  answered: 'reading',
  said: ({ diagnosis: { summary } }) => summary,
});

export const tickKind = factKind({
  fact: tick,
  keep: tickEndpoints.keep,
  lists: { link: tickEndpoints.list },
  subject: 'linkId',
  at: 'at',
  said: ({ end: at, key, done }) => `${at} end: ${key} ${done ? 'ticked' : 'taken back'}`,
});
