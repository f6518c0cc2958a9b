import type * as z from 'zod';
import { cordEndpoints, cordFact } from './cords';
import type { Endpoint } from './endpoint';
import { adapterEndpoints, adapterFact } from './map';
import { cableFact, cableFactEndpoints, keptTrace, traceEndpoints } from './reflect';
import type { Shared } from './shared';
import { test, testEndpoints } from './tests';
import { reading, readingEndpoints, tick, tickEndpoints } from './verify';
import { voidEndpoints, voided } from './void';

/** A kind of fact: what is kept of one, how it is kept, and what it is about. */
export interface FactKind {
  readonly fact: z.ZodObject;
  readonly keep: Endpoint & { readonly body: z.ZodObject };
  /** The field that names what the fact is about. */
  readonly subject: string;
  /** The field that the path of its endpoint names, where that is another one. */
  readonly path?: string;
  /** The field with the moment at which it was done or seen. */
  readonly at: 'at' | 'takenAt';
  /** Where in the answer the fact is, if it is not all of it. */
  readonly answered?: string;
}

/** Every kind of fact. A row here, with its schema and endpoint, is what a new kind takes at the border. */
export const FACT_KINDS = {
  tick: { fact: tick, keep: tickEndpoints.keep, subject: 'linkId', at: 'at' },
  reading: {
    fact: reading,
    keep: readingEndpoints.keep,
    subject: 'linkId',
    at: 'takenAt',
    answered: 'reading',
  },
  test: { fact: test, keep: testEndpoints.keep, subject: 'linkId', at: 'takenAt' },
  trace: { fact: keptTrace, keep: traceEndpoints.keep, subject: 'linkId', at: 'at' },
  cord: { fact: cordFact, keep: cordEndpoints.keep, subject: 'batchId', at: 'at' },
  cable: { fact: cableFact, keep: cableFactEndpoints.keep, subject: 'siteId', at: 'at' },
  adapter: { fact: adapterFact, keep: adapterEndpoints.keepFact, subject: 'adapterId', at: 'at' },
  void: { fact: voided, keep: voidEndpoints.keep, subject: 'subject', path: 'of', at: 'at' },
} as const satisfies Readonly<Record<string, FactKind>>;

export type FactKindId = keyof typeof FACT_KINDS;

/** A fact of a kind, as it is kept. */
export type FactOf<K extends FactKindId> = Shared<z.output<(typeof FACT_KINDS)[K]['fact']>>;
