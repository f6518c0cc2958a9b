import * as z from 'zod';
import type { Database } from '../db/database';
import { json, type Ask } from '../http/ask';
import { idOf, queryOf } from '../http/parse';
import { refreshSite } from './standing';

const refreshQuery = z.strictObject({ ms: z.coerce.number() });

/** The job: works out stale links of a site for so long. */
export async function refreshLinks(ask: Ask, db: Database) {
  const { ms } = queryOf(refreshQuery, ask);
  const begun = performance.now();
  return json({
    done: await refreshSite(db, idOf(ask, 'site'), () => performance.now() - begun > ms),
  });
}
