import { DIELECTRICS } from '@near-spoke/core/reflect/cable';
import { POINT_U_M } from '@near-spoke/core/reflect/place';
import { innerSamples, type Simulation } from '@near-spoke/core/reflect/simulate';
import * as z from 'zod';
import { cableId, language, line, numberText, speaksIn } from '../primitives';
import type { Shared } from '../shared';
import { factor, metres, seconds, uncertain, uncertainFactor, uncertainMetres } from '../uncertain';
import { firstPlace } from './first-look';

const ohms = z.number().min(1e-6).max(1e9);
const factorU = z.number().min(0).max(0.5);

/** What is told of a measurement beside its file; all of it optional. */
export const analyseOptions = z
  .strictObject({
    velocityFactor: factor.optional(),
    velocityFactorU: factorU.optional(),
    impedanceOhm: ohms.optional(),
    sourceOhm: ohms.optional(),
    scopeOhm: ohms.optional(),
    pulseWidthS: seconds.optional(),
    riseS: seconds.optional(),
    pulse: z.enum(['auto', 'pulse', 'step']).default('auto'),
    units: speaksIn,
    language,
    cable: cableId.optional(),
    dielectric: z.enum(DIELECTRICS).optional().meta({
      description: 'What is between the conductors, where no velocity factor is told.',
    }),
    name: line(200).optional(),
  })
  .meta({ id: 'AnalyseOptions' });
export type AnalyseOptions = Shared<z.output<typeof analyseOptions>>;

/** The same in a query, where all is text. */
export const analyseQuery = z.strictObject({
  ...analyseOptions.shape,
  velocityFactor: numberText(factor).optional().meta({ description: 'Of the cable, 0.2 to 1.' }),
  velocityFactorU: numberText(factorU)
    .optional()
    .meta({ description: 'Its standard uncertainty.' }),
  impedanceOhm: numberText(ohms).optional().meta({ description: 'Of the cable.' }),
  sourceOhm: numberText(ohms).optional().meta({ description: 'Of the pulser.' }),
  scopeOhm: numberText(ohms).optional().meta({ description: 'Of the scope’s input.' }),
  pulseWidthS: numberText(seconds).optional().meta({ description: 'Of the pulse.' }),
  riseS: numberText(seconds).optional().meta({ description: '10 to 90 % rise of the launch.' }),
});

const captureFile = z.strictObject({
  name: line(200).default(''),
  text: z.string().max(80_000_000),
});

export const analyseRequest = z
  .strictObject({
    file: captureFile,
    options: analyseOptions.prefault({}),
  })
  .meta({ id: 'AnalyseRequest' });

export const eventKind = z.enum([
  'open',
  'short',
  'rise',
  'drop',
  'series',
  'tap',
  'matched',
  'ghost',
]);

export const traceEvent = z
  .object({
    delayS: uncertain,
    distanceM: uncertain,
    kind: eventKind,
    reflection: uncertain,
    end: z.boolean(),
    confidence: z.number(),
    ohm: z.number().nullable(),
    branchS: uncertain.nullable().meta({
      description: 'Of a branch whose open end was seen too: there and back along it.',
    }),
  })
  .meta({ id: 'TraceEvent' });

export const analysis = z
  .object({
    capture: z.object({
      kind: z.enum(['pulse', 'step', 'one-port', 'two-port']),
      samples: z.int(),
      intervalS: z.number(),
    }),
    events: z.array(
      traceEvent.extend({
        sum: z.string().meta({ description: 'How its distance follows from its delay.' }),
        branchM: uncertain.nullable(),
      }),
    ),
    problems: z.array(z.object({ kind: z.string(), sentence: z.string() })),
    firstLook: z
      .object({
        places: z.array(firstPlace),
        changed: z.array(z.string()),
      })
      .nullable()
      .meta({
        description:
          'What a filter matched to the launch sees before anything is explained, and what has become of it; an echo’s echo is a place there like any other.',
      }),
    velocityFactor: uncertain,
    rangeM: z.number(),
    throughDelayS: uncertain.nullable(),
    lossDb: z.array(z.object({ hz: z.number(), db: z.number() })),
    impedance: z
      .object({
        stepM: z.number(),
        smearM: z.number(),
        ohm: z.array(z.number()),
        ohmU: z.array(z.number()),
      })
      .nullable()
      .meta({
        description:
          'Along the line from the launch, as if it had no loss; null of a pulse. What is shorter than `smearM` is smeared.',
      }),
  })
  .meta({ id: 'TraceAnalysis' });

/** One of two that go in one body. */
const smallCapture = captureFile.extend({ text: z.string().max(8_000_000) });

export const sinceRequest = z
  .strictObject({
    before: smallCapture,
    now: smallCapture,
    velocityFactor: uncertainFactor,
    echoes: z
      .array(z.strictObject({ wasS: seconds, isS: seconds }))
      .max(50)
      .default([])
      .meta({ description: 'There and back, of echoes that may be the same in both.' }),
    units: speaksIn,
  })
  .meta({ id: 'SinceRequest' });

export const sinceAnswer = z
  .object({
    alike: z.boolean().meta({ description: 'Whether the launches of the two are.' }),
    sentence: z.string(),
    changed: z.array(firstPlace),
    shifts: z.array(uncertain.nullable()).meta({
      description: 'Of each echo, how much later it comes now, s; null where it is not the same.',
    }),
  })
  .meta({ id: 'SinceAnswer' });

const loss = z.strictObject({
  a0: z.number().min(0).max(100).default(0),
  a1: z.number().min(0).max(100).default(0),
  a2: z.number().min(0).max(100).default(0),
});
export const span = z.number().min(1e-3).max(20_000);
const segment = z.strictObject({
  lengthM: span,
  velocityFactor: factor,
  impedanceOhm: ohms,
  loss: loss.default({ a0: 0, a1: 0, a2: 0 }),
});
const joint = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('plain') }),
  z.strictObject({ kind: z.enum(['series', 'shunt']), ohm: ohms }),
  z.strictObject({ kind: z.literal('tap'), lengthM: span }),
]);
const termination = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.enum(['open', 'short', 'matched']) }),
  z.strictObject({ kind: z.literal('resistor'), ohm: ohms }),
]);
/** As many samples as an instrument keeps; a line is worked out over them in about a second. */
const MOST_SAMPLES = 200_000;
const probe = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.enum(['pulse', 'step']),
    volts: z.number().min(1e-6).max(1000).default(2),
    riseS: seconds,
    widthS: seconds.default(5e-9),
    sourceOhm: ohms.default(50),
    scopeOhm: ohms.default(1e6),
    intervalS: seconds,
    samples: z.int().min(32).max(MOST_SAMPLES),
    beforeS: z.number().min(0).max(1).default(50e-9),
  }),
  z.strictObject({
    kind: z.enum(['one-port', 'two-port']),
    fromHz: z.number().min(1e-3).max(1e11),
    toHz: z.number().min(1e-3).max(1e11),
    points: z.int().min(16).max(20_001),
    referenceOhm: ohms.default(50),
  }),
]);

export const simulateRequest = z
  .strictObject({
    segments: z.array(segment).min(1).max(20),
    joints: z.array(joint).max(19).default([]),
    termination: termination.default({ kind: 'open' }),
    probe,
    noise: z.number().min(0).max(10).default(0),
    quantumV: z.union([z.literal(0), z.number().min(1e-9).max(10)]).default(0),
    seed: z.int().min(0).max(4294967295).default(1),
  })
  .refine(({ segments, joints }) => joints.length <= segments.length - 1, {
    path: ['joints'],
    message: 'are more than lie between the segments',
  })
  .refine(({ probe: one }) => !('fromHz' in one) || one.fromHz < one.toHz, {
    path: ['probe', 'toHz'],
    message: 'is not above where it begins',
  })
  .superRefine(({ probe: one }, context) => {
    if (!('riseS' in one)) return;
    const refuse = (field: string, message: string) =>
      context.addIssue({ code: 'custom', path: ['probe', field], message });
    const windowS = one.samples * one.intervalS;
    if (one.beforeS > windowS) refuse('beforeS', 'is more than the samples last');
    if (one.riseS > windowS) refuse('riseS', 'is more than the samples last');
    if (innerSamples(one) > MOST_SAMPLES)
      refuse('riseS', `is too fast for samples ${one.intervalS} s apart, so many of them`);
  })
  .meta({ id: 'SimulateRequest' });

/** A simulation with its joints filled up with plain ones. */
export function simulationOf(asked: z.output<typeof simulateRequest>): Simulation {
  const { segments, joints, termination: end, noise, quantumV } = asked;
  return {
    segments,
    joints: segments.slice(1).map((_, index) => joints[index] ?? { kind: 'plain' }),
    termination: end,
    probe: asked.probe,
    noise,
    quantumV,
  };
}

export const simulated = z
  .object({
    trace: z
      .object({ intervalS: z.number(), fromS: z.number(), volts: z.array(z.number()) })
      .nullable(),
    touchstone: z.string().nullable(),
  })
  .meta({ id: 'SimulatedCapture' });

export const setupRequest = z
  .strictObject({
    lengthM: metres.pipe(z.number().min(1e-3)),
    velocityFactor: factor.optional(),
    impedanceOhm: ohms.optional(),
    cable: cableId.optional(),
    loss: loss.optional(),
    scope: z
      .strictObject({
        bandwidthHz: z.number().min(1).max(1e12).default(200e6),
        samplesPerS: z.number().min(1).max(1e13).default(1e9),
        memory: z.int().positive().max(1e10).default(10_000),
        noiseShare: z.number().min(1e-9).max(1).default(0.01),
      })
      .prefault({}),
    pulserOhm: ohms.default(50),
    series: z.enum(['E24', 'E96']).default('E24'),
    terminatorOhm: ohms.optional(),
  })
  .meta({ id: 'SetupRequest' });
export const setupAnswer = z
  .object({
    pulseWidthS: z.number(),
    spanS: z.number().meta({ description: 'Record from the launch to behind the far end.' }),
    samplesPerS: z.number(),
    averages: z.number(),
    resolutionNearM: z.number().meta({ description: 'Two places nearer than this look like one.' }),
    resolutionFarM: z.number(),
    deadZoneM: z.number().meta({ description: 'What lies nearer is hidden in the launch.' }),
    farEcho: z.number().meta({ description: 'The far end’s echo, of the launch’s height.' }),
    riseS: z.number(),
    verdicts: z.array(z.object({ ok: z.boolean(), sentence: z.string() })),
    source: z
      .object({
        how: z.enum(['series', 'parallel', 'none']),
        resistors: z.array(z.number()),
        ohm: z.number(),
        error: z.number(),
        ghost: z.number(),
        ghostDb: z.number().nullable().meta({ description: 'Null where there is no ghost.' }),
        launchShare: z.number(),
      })
      .meta({ description: 'How to match the pulser to the line.' }),
    terminator: z
      .object({
        reflection: z.number(),
        returnLossDb: z.number().nullable().meta({ description: 'Null where nothing comes back.' }),
        ok: z.boolean(),
        sentence: z.string(),
      })
      .nullable(),
  })
  .meta({ id: 'SetupAnswer' });

export const locateRequest = z
  .strictObject({
    distanceM: uncertainMetres,
    delayShareM: z.number().min(0).default(0),
    route: z
      .array(
        z.strictObject({
          name: line(120),
          atM: z.union([uncertainMetres, metres.transform((value) => ({ value, u: POINT_U_M }))]),
          extraM: metres.default(0),
        }),
      )
      .max(500)
      .default([]),
    lengthM: uncertainMetres.nullable().default(null),
    units: speaksIn,
  })
  .meta({ id: 'LocateRequest' });
export const locateAnswer = z
  .object({
    distanceM: uncertain,
    after: z.string().nullable().meta({ description: 'The point before it.' }),
    before: z.string().nullable().meta({ description: 'The point behind it.' }),
    behindM: z.number().nullable().meta({ description: 'From the point before it.' }),
    spanM: z.tuple([z.number(), z.number()]),
    openM: z.number().meta({ description: 'Cable that it lies within for 95 %.' }),
    woundM: z.number().meta({ description: 'Of it, what is wound up or drops at a point.' }),
    sentence: z.string(),
    shares: z.array(
      z.object({
        of: z.enum(['velocity', 'delay', 'route']),
        u: z.number().meta({ description: 'What it adds, metres.' }),
      }),
    ),
    better: z
      .object({
        measure: z.enum(['known-length', 'other-end', 'route', 'averages']),
        openM: z.number(),
        sentence: z.string(),
      })
      .nullable()
      .meta({ description: 'What to measure first so that less has to be opened.' }),
  })
  .meta({ id: 'LocateAnswer' });

/** What a reflectometer is set to. */
export const acquireRequest = z
  .strictObject({
    instrument: z.string().max(60).meta({ description: 'Of /api/instruments.' }),
    pulseWidthS: seconds.default(5e-9),
    averages: z.int().min(1).max(1_000_000).default(16),
    spanS: seconds.default(600e-9),
  })
  .meta({ id: 'AcquireRequest' });
export const acquired = z
  .object({ name: z.string(), text: z.string() })
  .meta({ id: 'AcquiredTrace', description: 'A trace as a file that the analysis reads.' });
