import * as z from 'zod';
import { endpoints } from './endpoint';
import { VOIDABLE } from './fact-ids';
import { factKind } from './fact-kind';
import { filled, id, instant, keptFact, sentFact } from './primitives';
import type { Shared } from './shared';

const reason = filled(300).meta({ description: 'Why: "read on K05, not K04".' });

export const voidInput = z
  .strictObject({
    ...sentFact,
    at: instant.optional(),
    reason,
  })
  .meta({ id: 'VoidInput', description: 'That a fact is not true. The fact itself is kept.' });

/** A fact that was taken back, and why. */
export const voided = z
  .object({
    ...keptFact,
    subject: id.meta({ description: 'The link, batch, site or adapter that it was about.' }),
    at: z.string(),
    reason,
    of: id.meta({ description: 'What was taken back.' }),
    kind: z.enum(VOIDABLE),
    takenAt: z.string().meta({ description: 'When what was taken back was taken.' }),
    takenBy: z.string(),
    summary: z.string().meta({ description: 'What it said.' }),
  })
  .meta({ id: 'Voided' });

export const voidedList = z.object({ voided: z.array(voided) }).meta({ id: 'VoidedList' });

export type Voided = Shared<z.output<typeof voided>>;

const listed = <const Path extends `/api/${string}`>(path: Path, of: string) =>
  ({
    method: 'get',
    path,
    of,
    summary: `Facts about a ${of} that were taken back, and why`,
    answer: voidedList,
  }) as const;

export const voidEndpoints = endpoints({
  ofLink: listed('/api/links/{id}/voids', 'link'),
  ofBatch: listed('/api/cords/{id}/voids', 'batch of cords'),
  ofSite: listed('/api/sites/{id}/voids', 'site'),
  ofAdapter: listed('/api/adapters/{id}/voids', 'adapter'),
  keep: {
    method: 'post',
    path: '/api/facts/{id}/void',
    of: 'fact',
    summary: 'Take a fact back: it counts no more, and stays in the record',
    body: voidInput,
    status: 201,
    answer: voided,
  },
});

export const voidKind = factKind({
  fact: voided,
  keep: voidEndpoints.keep,
  lists: {
    link: voidEndpoints.ofLink,
    batch: voidEndpoints.ofBatch,
    site: voidEndpoints.ofSite,
    adapter: voidEndpoints.ofAdapter,
  },
  subject: 'subject',
  path: 'of',
  at: 'at',
  said: ({ reason: why }) => why,
});
