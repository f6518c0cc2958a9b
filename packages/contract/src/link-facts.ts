import * as z from 'zod';
import { LINK_FACT_IDS, type LinkFactId } from './fact-ids';
import type { FactKind } from './fact-kind';
import { noteKind } from './note';
import { photoKind } from './photo';
import { traceKind } from './reflect/trace';
import type { Shared } from './shared';
import { testKind } from './tests';
import { readingKind, tickKind } from './verify';
import { voidKind, voided, type Voided } from './void';

/** Every kind of fact about a link, each a row with what its own file says of it. */
export const LINK_FACTS = {
  tick: tickKind,
  reading: readingKind,
  test: testKind,
  trace: traceKind,
  note: noteKind,
  photo: photoKind,
} as const satisfies Readonly<Record<LinkFactId, FactKind>>;

type Kinds = typeof LINK_FACTS;

export type LinkFactOf<K extends LinkFactId> = Shared<z.output<Kinds[K]['fact']>>;

/** A fact about a link, with its kind. */
export type LinkFact =
  | { readonly [K in LinkFactId]: { readonly of: K; readonly fact: LinkFactOf<K> } }[LinkFactId]
  | { readonly of: 'void'; readonly fact: Voided };

const row = ([of, { fact }]: readonly [string, { readonly fact: z.ZodObject }]) =>
  z.object({ of: z.literal(of), fact });

const [first, ...others] = Object.entries({ ...LINK_FACTS, void: voidKind }).map(row);

// What is made from a table has its types by the table: the compiler does not follow that far.
export const linkFact = (first ? z.discriminatedUnion('of', [first, ...others]) : z.never()).meta({
  id: 'LinkFact',
}) as unknown as z.ZodType<LinkFact>;

type Lists = { readonly [K in LinkFactId as `${K}s`]: z.ZodArray<Kinds[K]['fact']> } & {
  readonly voided: z.ZodArray<typeof voided>;
};

/** All evidence of a link, as fields of an answer. */
export const evidence = {
  ...Object.fromEntries(LINK_FACT_IDS.map((kind) => [`${kind}s`, z.array(LINK_FACTS[kind].fact)])),
  voided: z.array(voided),
} as unknown as Lists;
