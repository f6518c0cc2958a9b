import * as z from 'zod';
import { endpoints } from './endpoint';
import { FACT_KINDS, type FactKindId, type FactOf } from './facts';
import { id, numberText } from './primitives';

/** A fact of any kind, with the place that it has in the order of arrival. */
export type AnyFact = {
  readonly [K in FactKindId]: {
    readonly seq: number;
    readonly kind: K;
    readonly subject: string;
    readonly fact: FactOf<K>;
  };
}[FactKindId];

const [first, ...others] = Object.entries(FACT_KINDS).map(([kind, { fact }]) =>
  z.object({ seq: z.int(), kind: z.literal(kind), subject: id, fact }),
);

// What is made from a table has its types by the table: the compiler does not follow that far.
const anyFact = (first ? z.discriminatedUnion('kind', [first, ...others]) : z.never()).meta({
  id: 'AnyFact',
}) as unknown as z.ZodType<AnyFact>;

export const siteFacts = z
  .object({
    facts: z.array(anyFact),
    next: z
      .string()
      .nullable()
      .meta({ description: 'Ask with ?after= this for what comes next; null where this is all.' }),
  })
  .meta({ id: 'SiteFacts' });

export const siteFactEndpoints = endpoints({
  since: {
    method: 'get',
    path: '/api/sites/{id}/facts',
    of: 'site',
    summary:
      'Everything that was done, seen, measured or taken back on a site’s links, cords, cables and adapters, in the order of arrival. What is being written while this is asked may come later with a smaller number: ask again from a hundred before, and leave out ids that you have',
    query: z.strictObject({
      after: numberText(z.int().nonnegative())
        .default(0)
        .meta({ description: 'Facts that came after this one.' }),
      limit: numberText(z.int().min(1).max(1000))
        .default(200)
        .meta({ description: 'Facts on a page, 1000 at most.' }),
    }),
    answer: siteFacts,
  },
});
