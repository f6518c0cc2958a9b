import * as z from 'zod';
import { endpoints } from './endpoint';
import { author, filled, id, instant } from './primitives';
import type { Shared } from './shared';

/** What can be taken back: a whole wire map, or a use of any other tester. */
export const VOIDABLE = ['reading', 'test'] as const;

const fields = {
  of: id.meta({ description: 'What is taken back.' }),
  reason: filled(300).meta({ description: 'Why: "read on K05, not K04".' }),
};

export const voidInput = z
  .strictObject({
    id: id.optional(),
    at: instant.optional(),
    author: author.default('unnamed'),
    ...fields,
  })
  .meta({ id: 'VoidInput', description: 'That a fact is not true. The fact itself is kept.' });

/** A fact that was taken back, and why. */
export const voided = z
  .object({
    id,
    linkId: id,
    at: z.string(),
    author: z.string(),
    ...fields,
    kind: z.enum(VOIDABLE),
    takenAt: z.string().meta({ description: 'When what was taken back was taken.' }),
    takenBy: z.string(),
    summary: z.string().meta({ description: 'What it said.' }),
  })
  .meta({ id: 'Voided' });

export const voidedList = z.object({ voided: z.array(voided) }).meta({ id: 'VoidedList' });

export type Voided = Shared<z.output<typeof voided>>;

export const voidEndpoints = endpoints({
  list: {
    method: 'get',
    path: '/api/links/{id}/voids',
    of: 'link',
    summary: 'Facts about a link that were taken back, and why',
    answer: voidedList,
  },
  keep: {
    method: 'post',
    path: '/api/links/{id}/voids',
    of: 'link',
    summary: 'Take a reading or a test back: it counts no more, and stays in the record',
    body: voidInput,
    status: 201,
    answer: voided,
  },
});
