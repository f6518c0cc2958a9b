import * as z from 'zod';
import { endpoints } from './endpoint';
import { version } from './primitives';
import type { Shared } from './shared';

/** One change of something that people edit. */
export const edit = z
  .object({
    at: z.string(),
    author: z.string().meta({ description: 'As the client said; empty where it said nothing.' }),
    version: version.meta({ description: 'What it was changed to.' }),
    changed: z.array(z.object({ field: z.string(), from: z.unknown(), to: z.unknown() })),
  })
  .meta({ id: 'Edit' });

export const editList = z.object({ edits: z.array(edit) }).meta({ id: 'EditList' });

export type Edit = Shared<z.output<typeof edit>>;

const listed = <const Path extends `/api/${string}`>(path: Path, of: string) =>
  ({
    method: 'get',
    path,
    of,
    summary: `Who has changed what of a ${of}, oldest first`,
    answer: editList,
  }) as const;

export const editEndpoints = endpoints({
  ofLink: listed('/api/links/{id}/edits', 'link'),
  ofSite: listed('/api/sites/{id}/edits', 'site'),
  ofAdapter: listed('/api/adapters/{id}/edits', 'adapter'),
  ofPart: listed('/api/parts/{id}/edits', 'part'),
});
