import {
  FAR_ENDS,
  FAULT_KINDS,
  METHODS,
  SHOWS,
  SUBJECTS,
  TESTER_IDS,
} from '@near-spoke/core/verify';
import { LIMIT_CLASSES, LIMIT_STANDARDS, PARAMETERS } from '@near-spoke/core/verify/limits';
import * as z from 'zod';
import { contact, id, scheme, speaksIn } from '../primitives';
import { circuit, done, happened, testReading, testTrial } from '../tests';
import type { Shared } from '../shared';

const place = z.enum(['near', 'cable', 'far', 'either']);
const temperatureC = z.number().min(-50).max(90).default(20);

/** A link that is kept, or one that is described on the spot. */
export const linkOrInline = z
  .union([
    id,
    z.strictObject({
      scheme: z.union([scheme, z.strictObject({ near: scheme, far: scheme })]).default('T568B'),
      shielded: z.boolean().default(false),
      lengthM: z.number().min(1e-3).max(10_000).nullable().default(null),
      gaugeAwg: z.number().min(0).max(40).default(24),
    }),
  ])
  .meta({ id: 'LinkOrInline', description: 'The id of a link, or a four-pair link in short.' });

const faultInput = z
  .strictObject({
    kind: z.enum(FAULT_KINDS),
    near: z.array(contact).max(50).optional(),
    far: z.array(contact).max(50).optional(),
    pairs: z.array(z.int().positive()).max(25).optional(),
    end: place.default('either'),
  })
  .meta({
    id: 'FaultInput',
    description: 'What is not named follows from what is: the far contacts of near ones, of pairs.',
  });

const told = z.object({
  kind: z.enum(FAULT_KINDS),
  near: z.array(contact),
  far: z.array(contact),
  pairs: z.array(z.int().positive()),
  end: place,
  title: z.string(),
  sentence: z.string(),
});

export const testerList = z
  .object({
    testers: z.array(
      z.object({
        id: z.enum(TESTER_IDS),
        name: z.string(),
        short: z.string(),
        method: z.enum(METHODS),
        subject: z.enum(SUBJECTS),
        how: z.string(),
        far: z.enum(FAR_ENDS).meta({ description: 'What has to be put on at the far end.' }),
        minutes: z.number().meta({ description: 'For one use with both ends open and in reach.' }),
        blindTo: z.array(z.enum([...FAULT_KINDS, 'performance'])),
        shows: z.enum(SHOWS),
        isOnLive: z
          .boolean()
          .meta({ description: 'Whether what feeds the link stays on; else it has to be dead.' }),
        caution: z.string().meta({ description: 'What can be harmed; empty where nothing can.' }),
      }),
    ),
  })
  .meta({ id: 'TesterList' });

/** What a firm's own remade ends say of what goes wrong. */
export const experience = z
  .object({
    links: z.int().nonnegative().meta({ description: 'Links that were tested.' }),
    faults: z.array(
      z.object({
        kind: z.enum(FAULT_KINDS),
        end: z.enum(['near', 'far']),
        count: z.int().positive(),
      }),
    ),
  })
  .meta({ id: 'Experience' });

export const predictRequest = z
  .strictObject({
    link: linkOrInline,
    faults: z.array(faultInput).max(6).default([]),
    tester: z.union([z.enum(TESTER_IDS), z.strictObject({ circuit }).meta({ id: 'OwnTester' })]),
    temperatureC,
  })
  .meta({ id: 'PredictRequest' });

export const prediction = z
  .object({
    tester: z.string(),
    /** Every reading that the class takes of the whole link. */
    good: z.array(testReading),
    shown: z.array(testReading),
    /** Whether the faults pass unseen. */
    looksGood: z.boolean(),
    faults: z.array(told),
  })
  .meta({ id: 'Prediction' });

const conditions = z
  .strictObject({
    testers: z.array(z.enum(TESTER_IDS)).max(20).optional(),
    at: z.enum(['near', 'far']).optional(),
    walkMinutes: z.number().min(0).max(600).optional(),
    openMinutes: z.number().min(0).max(600).optional(),
  })
  .meta({ id: 'Conditions', description: 'What is at hand, and what it costs to go and look.' });

export const explainRequest = z
  .strictObject({
    link: linkOrInline,
    readings: z.array(happened).max(200).meta({
      description: 'In order; between two readings what was done to the link.',
    }),
    done: z
      .array(done)
      .max(10)
      .default([])
      .meta({ description: 'What was done to the link since the last reading.' }),
    conditions: conditions.default({}),
    upTo: z.int().min(1).max(3).default(3),
    temperatureC,
  })
  .meta({ id: 'ExplainRequest' });

const share = z.object({ at: z.enum(['near', 'cable', 'far']), share: z.number() });

export const explained = z
  .object({
    explanations: z.array(
      z.object({
        faults: z.array(told.extend({ places: z.array(share) })),
        probability: z.number(),
      }),
    ),
    count: z.int(),
    upTo: z.int(),
    cutShort: z.boolean().meta({ description: 'No time was left for larger sets of faults.' }),
    next: z
      .object({
        tester: z.string(),
        action: z.string(),
        minutes: z.number(),
        gainBits: z.number(),
        sentence: z.string(),
        trial: testTrial,
        outcomes: z
          .array(z.object({ words: z.string(), share: z.number(), reading: testReading }))
          .meta({ description: 'What it may show, the likeliest first, as it is sent back.' }),
      })
      .optional(),
    repair: z
      .object({
        places: z
          .array(z.enum(['near', 'cable', 'far']))
          .meta({ description: 'None where nothing is to be mended.' }),
        shares: z.array(
          z.object({ places: z.array(z.enum(['near', 'cable', 'far'])), share: z.number() }),
        ),
        probability: z.number(),
        minutes: z.number(),
        sentence: z.string(),
        provenBy: z
          .string()
          .nullable()
          .meta({ description: 'The quickest at hand that sees these faults; null for none.' }),
      })
      .optional(),
    doubt: z
      .string()
      .optional()
      .meta({ description: 'Where all was made anew in vain: what is left to do.' }),
    unproven: z
      .array(z.enum(FAULT_KINDS))
      .meta({ description: 'Kinds that all that was seen since could have let pass.' }),
    sentence: z.string(),
  })
  .meta({ id: 'Explained' });

export const blindSpotsRequest = z
  .strictObject({ link: linkOrInline, temperatureC })
  .meta({ id: 'BlindSpotsRequest' });

export const blindSpotsAnswer = z
  .object({
    spots: z.array(
      z.object({
        tester: z.enum(TESTER_IDS),
        kind: z.enum(FAULT_KINDS),
        of: z.int(),
        missed: z.int(),
      }),
    ),
    cheapest: z.object({
      testers: z.array(z.enum(TESTER_IDS)),
      minutes: z.number(),
      missed: z.array(z.enum(FAULT_KINDS)),
    }),
    sampled: z.boolean().meta({ description: 'Of very many faults, some were tried for all.' }),
  })
  .meta({ id: 'BlindSpots' });

const ohm = z.number().nonnegative().max(1e6);

export const ohmsRequest = z
  .strictObject({
    link: linkOrInline,
    temperatureC,
    measured: z
      .array(
        z.strictObject({
          pair: z.int().positive(),
          ohm: ohm.nullable(),
          tipOhm: ohm.optional(),
          ringOhm: ohm.optional(),
        }),
      )
      .max(25)
      .default([]),
  })
  .meta({ id: 'OhmsRequest' });

const uncertain = z.object({ value: z.number(), u: z.number() });
const unbalance = z
  .object({ share: z.number(), differenceOhm: z.number(), within: z.boolean() })
  .nullable();

export const ohmsAnswer = z
  .object({
    loop: uncertain,
    verdicts: z.array(
      z.object({
        pair: z.int(),
        measuredOhm: z.number().nullable(),
        apart: z.number().nullable(),
        cause: z.string(),
        sentence: z.string(),
        unbalance,
      }),
    ),
    betweenPairs: unbalance.meta({
      description: 'Between the pairs, by their loops; null where fewer than two are closed.',
    }),
    power: z.array(
      z.object({
        id: z.string(),
        name: z.string(),
        deviceV: z.number().nullable(),
        currentA: z.number().nullable(),
        lostW: z.number().nullable(),
        mostW: z.number(),
        enough: z.boolean(),
        sentence: z.string(),
      }),
    ),
  })
  .meta({ id: 'Ohms' });

const parameter = z.enum(PARAMETERS);
const decibels = z.array(z.object({ mhz: z.number(), db: z.number() }));

export const limitsRequest = z
  .strictObject({
    standard: z.enum(LIMIT_STANDARDS).default('iso').meta({
      description: 'iso: classes of ISO/IEC 11801-1; tia: categories of ANSI/TIA-568.2.',
    }),
    class: z.enum(LIMIT_CLASSES).meta({ description: 'By the category of its components.' }),
    units: speaksIn,
    kind: z.enum(['channel', 'permanent-link']).default('channel'),
    shielded: z.boolean().default(false),
    measuredC: temperatureC.meta({ description: 'On the day of the measurement.' }),
    hottestC: z
      .number()
      .min(-50)
      .max(90)
      .optional()
      .meta({ description: 'The hottest that the cable has to work in; as measured if left out.' }),
    sweep: z
      .strictObject({
        name: z.string().max(200).default(''),
        text: z.string().min(1).max(20_000_000),
      })
      .nullable()
      .default(null)
      .meta({
        description:
          'A Touchstone file of one, two, four or eight ports, or a table whose columns are named.',
      }),
    cords: z
      .strictObject({
        lengthM: z.number().min(0).max(100),
        more: z.number().min(0).max(1).default(0.2),
      })
      .nullable()
      .default(null)
      .meta({ description: 'Cords to be added, and the share by which they lose more.' }),
  })
  .meta({ id: 'LimitsRequest' });

export const limitsAnswer = z
  .object({
    source: z.string(),
    limits: z.array(z.object({ parameter, points: decibels })),
    delayNs: z.number(),
    skewNs: z.number(),
    loopOhm: z.number().meta({ description: 'The most that the loop of a pair may have.' }),
    sweeps: z.array(
      z.object({
        name: z.string(),
        parameter,
        pairs: z.array(z.int()).optional().meta({ description: 'That it is about.' }),
        points: decibels,
        pass: z.boolean().nullable().meta({
          description: 'Null where nothing fails and not all of the range was measured.',
        }),
        worst: z
          .object({
            mhz: z.number(),
            db: z.number(),
            limitDb: z.number(),
            marginDb: z.number(),
          })
          .nullable(),
        sentence: z.string(),
      }),
    ),
    notes: z.array(z.string()),
  })
  .meta({ id: 'Limits' });

export type Explained = Shared<z.output<typeof explained>>;
