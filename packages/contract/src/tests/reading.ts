import { SHELL } from '@near-spoke/core/catalogue';
import type { ContactNode } from '@near-spoke/core/link';
import {
  FORMS,
  TESTER_CLASSES,
  classOf,
  type FieldKind,
  type Fields,
  type Seen,
  type Shown,
  type SomeClass,
  type TesterClass,
  type Trial,
} from '@near-spoke/core/verify/explain';
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

/** How each kind of field is written: of what a tester is put to, and of what it shows. */
const FIELDS = {
  moved,
  node,
  contact,
  end,
  joined: z
    .array(contact)
    .max(50)
    .default([])
    .meta({ description: 'Far contacts that a jack joins meanwhile.' }),
  circuit,
  nets: z.array(net).max(200),
  splitPairs: z
    .array(z.tuple([contact, contact]))
    .max(25)
    .nullable()
    .default(null),
  lampSteps,
  flag: z.boolean(),
  ohm: measured.meta({ description: 'Null for open.' }),
  trio: z.tuple([measured, measured, measured]).meta({
    description: 'Far end open, shorted, terminated.',
  }),
  pairEnds: z
    .array(
      z.strictObject({
        pair: z.int().positive(),
        place: place.nullable().meta({ description: 'Null where a meter can’t tell.' }),
        shows: z.enum(['open', 'short']),
      }),
    )
    .max(50),
  heard: z.array(contact).max(50),
  colours: z.record(contact, z.string().max(20)),
  flaws: z.array(contact).max(50).nullable().default(null).meta({
    description:
      'Contacts where something else is to be seen, as a strand; null where nobody said.',
  }),
} as const satisfies Record<FieldKind, z.ZodType>;

type Shape<F extends Fields> = { readonly [Name in keyof F]: (typeof FIELDS)[F[Name]] };
/** Fields as they are written, each by its kind. */
const shapeOf = <F extends Fields>(fields: F): Shape<F> =>
  // Made name by name from the table that the type is made from.
  Object.fromEntries(
    Object.entries(fields).map(([name, kind]) => [name, FIELDS[kind]]),
  ) as unknown as Shape<F>;

type Row<Id extends string, Given extends Fields> = z.ZodObject<
  { readonly tester: z.ZodLiteral<Id> } & Shape<Given>,
  z.core.$strict
>;
type ReadingBy<C> =
  C extends TesterClass<infer Id, infer Put, infer Method>
    ? Row<Id, Put & (typeof FORMS)[Method]['gives']>
    : never;
type TrialBy<C> =
  C extends TesterClass<infer Id, infer Put, SomeClass['method']> ? Row<Id, Put> : never;

/** One of several, told apart by its tester. */
const byTester = <One extends z.core.$ZodTypeDiscriminable>(of: (row: SomeClass) => z.ZodObject) =>
  // One for each class, of which there are some.
  z.discriminatedUnion('tester', TESTER_CLASSES.map(of) as unknown as [One, ...One[]]);

export const testReading = byTester<ReadingBy<SomeClass>>((row) =>
  z.strictObject({
    tester: z.literal(row.id),
    ...shapeOf(row.put),
    ...shapeOf(FORMS[row.method].gives),
  }),
).meta({ id: 'TestReading', description: 'One use of a tester, and what it showed.' });

export type TestReading = Shared<z.output<typeof testReading>>;
export type TestReadingInput = Shared<z.input<typeof testReading>>;

/** A use of a tester, before it has shown anything. */
export const testTrial = byTester<TrialBy<SomeClass>>((row) =>
  z.strictObject({ tester: z.literal(row.id), ...shapeOf(row.put) }),
).meta({ id: 'TestTrial', description: 'A reading without what it showed.' });

export type TestTrial = Shared<z.output<typeof testTrial>>;

/** Kinds that core holds in another way than they are written. */
const HELD: Partial<
  Record<
    FieldKind,
    { readonly read: (written: never) => unknown; readonly write: (held: never) => unknown }
  >
> = {
  colours: {
    read: (written: Readonly<Record<string, string>>) => new Map(Object.entries(written)),
    write: (held: ReadonlyMap<string, string>) => Object.fromEntries(held),
  },
};

const fieldsOf = (fields: Fields, of: object, way: 'read' | 'write'): Record<string, unknown> =>
  Object.fromEntries(
    Object.entries(fields).map(([name, kind]) => {
      const value: unknown = Reflect.get(of, name);
      // A field of a kind holds what that kind's own functions take.
      return [name, HELD[kind]?.[way](value as never) ?? value];
    }),
  );

/** A reading as core takes it. */
export function seenOf(reading: TestReading): Seen {
  const row = classOf(reading);
  // Both are made of the fields by which the reading itself was read.
  const trial = {
    tester: reading.tester,
    moved: null,
    ...fieldsOf(row.put, reading, 'read'),
  } as Trial;
  const shown = {
    method: row.method,
    ...fieldsOf(FORMS[row.method].gives, reading, 'read'),
  } as Shown;
  return { trial, shown: row.kept?.(shown) ?? shown };
}

const written = (trial: Trial) => ({
  tester: trial.tester,
  ...fieldsOf(classOf(trial).put, trial, 'write'),
});

/** What core is to try, as a trial of the contract. */
export const trialOf = (trial: Trial): TestTrial => testTrial.parse(written(trial));

/** The same with what it showed. */
export const readingOf = (trial: Trial, shown: Shown): TestReading =>
  testReading.parse({
    ...written(trial),
    ...fieldsOf(FORMS[shown.method].gives, shown, 'write'),
  });

interface Named {
  readonly path: string;
  readonly node: ContactNode;
}

/** Which contacts a field names, by its kind and its path. */
const NAMES: Partial<Record<FieldKind, (value: never, path: string) => readonly Named[]>> = {
  node: (value: ContactNode, path) => [{ path, node: value }],
  contact: (value: string, path) => [{ path, node: { end: 'near', contact: value } }],
  heard: (value: readonly string[], path) =>
    value.map((name, at) => ({ path: `${path}.${at}`, node: { end: 'far', contact: name } })),
  nets: (value: readonly z.output<typeof net>[], path) =>
    value.flatMap((row, index) =>
      (['near', 'far'] as const).flatMap((side) =>
        row[side].map((name, at) => ({
          path: `${path}.${index}.${side}.${at}`,
          node: { end: side, contact: name },
        })),
      ),
    ),
};

/** Contacts that a reading names and its link does not have, by path. */
export function strangersIn(
  reading: TestReading,
  has: (side: 'near' | 'far', name: string) => boolean,
): { readonly path: string; readonly reason: string }[] {
  const row = classOf(reading);
  const fields: Fields = { ...row.put, ...FORMS[row.method].gives };
  return Object.entries(fields)
    .flatMap(([name, kind]) => NAMES[kind]?.(Reflect.get(reading, name) as never, name) ?? [])
    .filter(({ node: { end: side, contact: name } }) => name !== SHELL && !has(side, name))
    .map(({ path, node: { end: side, contact: name } }) => ({
      path,
      reason: `the ${side} end has no contact ${name}`,
    }));
}
