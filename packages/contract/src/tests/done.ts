import { DONE_ACTIONS } from '@near-spoke/core/closed-sets';
import type { Happened } from '@near-spoke/core/verify/explain';
import * as z from 'zod';
import { contact } from '../primitives';
import { seenOf, testReading } from './reading';
import type { Shared } from '../shared';

/** Something that was done to a link. */
export const done = z
  .strictObject({
    action: z.enum(DONE_ACTIONS).meta({
      description:
        '`looked` is a look that found nothing wrong; a cable that is `replaced` has new ends too.',
    }),
    end: z.enum(['near', 'far', 'cable']),
    contacts: z
      .array(contact)
      .max(50)
      .default([])
      .meta({ description: 'What it was about; none for the whole end.' }),
  })
  .meta({ id: 'Done', description: 'Something that was done to a link between two readings.' });

/** What happened to a link, in order: readings, and between them what was done. */
export const happened = z
  .union([testReading, z.strictObject({ done: z.array(done).min(1).max(10) })])
  .meta({ id: 'Happened' });

export type Happening = Shared<z.output<typeof happened>>;

/** The same as core takes it. */
export const happenedOf = (row: Happening): Happened[] =>
  'done' in row ? row.done.map((one) => ({ done: one })) : [seenOf(row)];
