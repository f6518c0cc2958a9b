import * as z from 'zod';
import { endpoints } from './endpoint';
import { linkSummary } from './link';
import { id } from './primitives';
import { linkFact } from './link-facts';
import type { Shared } from './shared';

/** Which links of a site are wanted whole. */
export const alongRequest = z
  .strictObject({ links: z.array(id).min(1).max(200) })
  .meta({ id: 'AlongRequest' });

export const linkAlong = z
  .object({
    link: linkSummary,
    stamp: z.int(),
    /** Those that stand, and those that took others back. */
    facts: z.array(linkFact),
  })
  .meta({ id: 'LinkAlong', description: 'A link with everything that was done and seen on it.' });

export const along = z.object({ links: z.array(linkAlong) }).meta({ id: 'Along' });

export type LinkAlong = Shared<z.output<typeof linkAlong>>;

export const alongEndpoints = endpoints({
  take: {
    method: 'post',
    path: '/api/sites/{id}/along',
    of: 'site',
    summary: 'Links with all facts about them, to be taken along where there is no server',
    body: alongRequest,
    answer: along,
  },
});

export { linkFact } from './link-facts';
