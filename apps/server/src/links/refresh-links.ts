import type { Database } from '../db/database';
import type { Ask } from '../http/ask';
import { Reply } from '../http/reply';
import type { Job } from '../work/job';
import { refreshSite } from './standing';

/** What the server asks itself for: to work out stale links of a site for so long. */
export const refreshAsk = (siteId: string, ms: number): Ask => ({
  params: { id: siteId },
  query: { ms },
  type: '',
  body: new Uint8Array(),
  author: '',
});

export const refreshLinks: Job = {
  lane: 'quick',
  mostMs: 30_000,
  writes: true,
  endpoint: null,
  run: async ({ params, query }: Ask, db: Database) => {
    const begun = performance.now();
    await refreshSite(
      db,
      params['id'] ?? '',
      () => performance.now() - begun > Number(query['ms']),
    );
    return new Reply(204, {}, new Uint8Array());
  },
};
