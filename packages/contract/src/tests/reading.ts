import { SHELL } from '@near-spoke/core/catalogue';
import type { ContactNode } from '@near-spoke/core/link';
import type { Seen, Shown, Trial } from '@near-spoke/core/verify/explain';
import * as z from 'zod';
import { contact, end } from '../primitives';
import type { Shared } from '../shared';

const place = z.enum(['near', 'cable', 'far']);
const moved = place.nullable().default(null).meta({
  description: 'Where the cable is moved meanwhile: what is loose there opens.',
});

const nodeText = z
  .codec(
    z.string().regex(/^(near|far) \S+$/, 'is not "near" or "far" and a contact, as "near 4"'),
    z.strictObject({ end, contact }),
    {
      decode: (text) => {
        const [side, name = ''] = text.split(' ');
        return { end: side === 'far' ? ('far' as const) : ('near' as const), contact: name };
      },
      encode: ({ end: side, contact: name }) => `${side} ${name}`,
    },
  )
  .meta({ id: 'ContactOfEndText', description: '"near 4", "far S".' });

/** A contact of an end, as it is told or as it is kept: what comes out goes in again. */
const node = z.union([nodeText, z.strictObject({ end, contact })]).meta({ id: 'ContactOfEnd' });

const nodeName = z.string().min(1).max(40);
const ohm = z.number().min(0.001).max(1e9);
const circuitPart = z
  .discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('resistor'), a: nodeName, b: nodeName, ohm }),
    z.strictObject({
      kind: z.literal('supply'),
      plus: nodeName,
      minus: nodeName,
      volts: z.number().min(0).max(60),
      ohm,
    }),
    z.strictObject({
      kind: z.literal('diode'),
      name: nodeName,
      anode: nodeName,
      cathode: nodeName,
      forwardV: z.number().min(0).max(20),
      ohm,
    }),
  ])
  .meta({
    id: 'CircuitPart',
    description: 'Between named places; "near:4" and "far:4" are the contacts of the link.',
  });

export const circuit = z
  .array(
    z.strictObject({
      name: nodeName,
      lamps: z.array(nodeName).max(100),
      parts: z.array(circuitPart).min(1).max(200),
    }),
  )
  .min(1)
  .max(64)
  .meta({ id: 'TesterCircuit', description: 'What a lamp tester connects, step by step.' });

const names = z.array(nodeName).max(100);
const lampSteps = z
  .array(z.strictObject({ step: nodeName, lit: names, dim: names.default([]) }))
  .max(64)
  .meta({ id: 'LampSteps' });
const net = z.strictObject({
  near: z.array(contact).default([]),
  far: z.array(contact).default([]),
});
const measured = z.number().nonnegative().max(1e9).nullable();

/** What every class of tester is told to do, without what it showed. */
const TRIALS = {
  'identifying-remote': { moved },
  pairing: { moved },
  'pair-lamps': { moved },
  'sequential-lamps': { moved },
  'own-lamps': { moved, circuit },
  beeper: { moved, from: node, to: node },
  ohmmeter: {
    moved,
    from: node,
    to: node,
    joined: z
      .array(contact)
      .max(50)
      .default([])
      .meta({ description: 'Far contacts that a jack joins meanwhile.' }),
  },
  reflectometer: { moved },
  tone: { moved, from: contact },
  look: { end },
  'coax-trio': { moved },
} as const;

/** What it showed. */
const SHOWN = {
  nets: {
    nets: z.array(net).max(200),
    splitPairs: z
      .array(z.tuple([contact, contact]))
      .max(25)
      .nullable()
      .default(null),
  },
  lamps: { steps: lampSteps },
  beep: { beeps: z.boolean() },
  ohms: { ohm: measured.meta({ description: 'Null for open.' }) },
  lengths: {
    pairs: z
      .array(
        z.strictObject({
          pair: z.int().positive(),
          place,
          shows: z.enum(['open', 'short']),
        }),
      )
      .max(50),
  },
  tone: { heard: z.array(contact).max(50) },
  colours: {
    cores: z.record(contact, z.string().max(20)),
    flaws: z.array(contact).max(50).optional().meta({
      description:
        'Contacts where something else is to be seen, as a strand; left out where nobody said.',
    }),
  },
  trio: {
    ohms: z.tuple([measured, measured, measured]).meta({
      description: 'Far end open, shorted, terminated.',
    }),
  },
} as const;

const row = <T extends keyof typeof TRIALS, S extends keyof typeof SHOWN>(tester: T, shown: S) =>
  z.strictObject({
    tester: z.literal(tester),
    ...TRIALS[tester],
    ...SHOWN[shown],
  });

export const testReading = z
  .discriminatedUnion('tester', [
    row('identifying-remote', 'nets'),
    row('pairing', 'nets'),
    row('pair-lamps', 'lamps'),
    row('sequential-lamps', 'lamps'),
    row('own-lamps', 'lamps'),
    row('beeper', 'beep'),
    row('ohmmeter', 'ohms'),
    row('reflectometer', 'lengths'),
    row('tone', 'tone'),
    row('look', 'colours'),
    row('coax-trio', 'trio'),
  ])
  .meta({ id: 'TestReading', description: 'One use of a tester, and what it showed.' });

export type TestReading = Shared<z.output<typeof testReading>>;
export type TestReadingInput = Shared<z.input<typeof testReading>>;

/** A reading as core takes it. */
export function seenOf(reading: TestReading): Seen {
  switch (reading.tester) {
    case 'identifying-remote':
    case 'pairing': {
      const { nets, splitPairs, ...trial } = reading;
      const pairs = reading.tester === 'pairing' ? (splitPairs ?? []) : null;
      return { trial, shown: { method: 'nets', nets, splitPairs: pairs } };
    }
    case 'pair-lamps':
    case 'sequential-lamps': {
      const { steps, ...trial } = reading;
      return { trial, shown: { method: 'lamps', steps } };
    }
    case 'own-lamps': {
      const { steps, circuit: own, ...trial } = reading;
      return { trial: { ...trial, steps: own }, shown: { method: 'lamps', steps } };
    }
    case 'beeper': {
      const { beeps, ...trial } = reading;
      return { trial, shown: { method: 'beep', beeps } };
    }
    case 'ohmmeter': {
      const { ohm: shown, ...trial } = reading;
      return { trial, shown: { method: 'ohms', ohm: shown } };
    }
    case 'reflectometer': {
      const { pairs, ...trial } = reading;
      return { trial, shown: { method: 'lengths', pairs } };
    }
    case 'tone': {
      const { heard, ...trial } = reading;
      return { trial, shown: { method: 'tone', heard } };
    }
    case 'look': {
      const { cores, flaws, ...trial } = reading;
      return {
        trial: { ...trial, moved: null },
        shown: {
          method: 'colours',
          cores: new Map(Object.entries(cores)),
          ...(flaws ? { flaws } : {}),
        },
      };
    }
    case 'coax-trio': {
      const { ohms, ...trial } = reading;
      return { trial, shown: { method: 'trio', ohms } };
    }
  }
}

/** A use of a tester, before it has shown anything. */
const instruction = <T extends keyof typeof TRIALS>(tester: T) =>
  z.strictObject({ tester: z.literal(tester), ...TRIALS[tester] });

export const testTrial = z
  .discriminatedUnion('tester', [
    instruction('identifying-remote'),
    instruction('pairing'),
    instruction('pair-lamps'),
    instruction('sequential-lamps'),
    instruction('own-lamps'),
    instruction('beeper'),
    instruction('ohmmeter'),
    instruction('reflectometer'),
    instruction('tone'),
    instruction('look'),
    instruction('coax-trio'),
  ])
  .meta({ id: 'TestTrial', description: 'A reading without what it showed.' });

export type TestTrial = Shared<z.output<typeof testTrial>>;

const fieldsOf = (trial: Trial) =>
  trial.tester === 'own-lamps'
    ? { tester: trial.tester, moved: trial.moved, circuit: trial.steps }
    : trial.tester === 'look'
      ? { tester: trial.tester, end: trial.end }
      : trial;

/** What core is to try, as a trial of the contract. */
export const trialOf = (trial: Trial): TestTrial => testTrial.parse(fieldsOf(trial));

/** The same with what it showed. */
export function readingOf(trial: Trial, shown: Shown): TestReading {
  const { method: _, ...what } = shown;
  const plain =
    shown.method === 'colours' ? { ...what, cores: Object.fromEntries(shown.cores) } : what;
  return testReading.parse({ ...fieldsOf(trial), ...plain });
}

/** Contacts that a reading names and its link does not have, by path. */
export function strangersIn(
  reading: TestReading,
  has: (side: 'near' | 'far', name: string) => boolean,
): { readonly path: string; readonly reason: string }[] {
  const { trial, shown } = seenOf(reading);
  const nodes: { readonly path: string; readonly node: ContactNode }[] = [
    ...('to' in trial
      ? [
          { path: 'from', node: trial.from },
          { path: 'to', node: trial.to },
        ]
      : []),
    ...(trial.tester === 'tone'
      ? [{ path: 'from', node: { end: 'near' as const, contact: trial.from } }]
      : []),
    ...(shown.method === 'nets'
      ? shown.nets.flatMap((row, index) =>
          (['near', 'far'] as const).flatMap((side) =>
            row[side].map((name, at) => ({
              path: `nets.${index}.${side}.${at}`,
              node: { end: side, contact: name },
            })),
          ),
        )
      : []),
    ...(shown.method === 'tone'
      ? shown.heard.map((name, at) => ({
          path: `heard.${at}`,
          node: { end: 'far' as const, contact: name },
        }))
      : []),
  ];
  return nodes
    .filter(({ node: { end: side, contact: name } }) => name !== SHELL && !has(side, name))
    .map(({ path, node: { end: side, contact: name } }) => ({
      path,
      reason: `the ${side} end has no contact ${name}`,
    }));
}
