import { LINK_STATES } from '@near-spoke/core/closed-sets';
import * as z from 'zod';
import { endpoints } from './endpoint';
import { VOIDABLE } from './fact-ids';
import { SUBJECTS } from './fact-kind';
import { id, language, line, numberText } from './primitives';
import type { Shared } from './shared';

const where = { siteId: id, site: z.string() };

const found = z
  .object({
    links: z
      .array(
        z.object({
          id,
          label: z.string(),
          near: z.string(),
          far: z.string(),
          state: z.enum(LINK_STATES),
          ...where,
        }),
      )
      .meta({ description: 'Those that have all the words in themselves; eight at most.' }),
    entries: z.array(
      z.object({
        id,
        kind: z.enum([...VOIDABLE, 'void']),
        at: z.string(),
        author: z.string(),
        device: z.string(),
        text: z.string(),
        count: z
          .int()
          .min(1)
          .meta({ description: 'Ticks of one end, one right after the other, are one entry.' }),
        taken: z.boolean().meta({ description: 'Whether it was taken back since.' }),
        about: z.object({
          of: z.enum(SUBJECTS),
          id,
          name: z.string(),
          siteId: id.nullable().meta({ description: 'Null of an adapter that is on no link.' }),
          site: z.string(),
        }),
      }),
    ),
    next: id
      .nullable()
      .meta({ description: 'Ask with ?before= this for earlier ones; null where this is all.' }),
  })
  .meta({ id: 'Found' });
export type Found = Shared<z.output<typeof found>>;

export const searchEndpoints = endpoints({
  search: {
    method: 'get',
    path: '/api/search',
    summary:
      'What was done, seen and measured on all sites, the newest first: by place, part, fault, person, and day ("splice last year", "K05 2026-05")',
    query: z.strictObject({
      q: line(200).default(''),
      site: id.optional().meta({ description: 'Of this site alone.' }),
      link: id.optional().meta({ description: 'Of this link alone.' }),
      before: id.optional().meta({ description: 'What came before this entry.' }),
      limit: numberText(z.int().min(1).max(200)).default(60),
      offsetMin: numberText(z.int().min(-900).max(900))
        .default(0)
        .meta({ description: 'How far your clock is before UTC: days are yours.' }),
      language,
    }),
    answer: found,
  },
});
