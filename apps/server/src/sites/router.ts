import { siteEndpoints } from '@near-spoke/contract';
import { inTransaction } from '../db/database';
import { putAway, takeBack } from '../edits/away';
import { here, type Mounted } from '../http/mount';
import type { Services } from '../services';
import { SITE, createSite, getSite, listSites, listStandings, updateSite } from './repository';

export const siteOperations = ({ db }: Services): Mounted[] => [
  here(siteEndpoints.list, async () => ({ sites: await listSites(db) })),
  here(siteEndpoints.standings, async () => ({ sites: await listStandings(db) })),
  here(siteEndpoints.make, ({ body }) => createSite(db, body)),
  here(siteEndpoints.one, ({ id }) => getSite(db, id)),
  here(siteEndpoints.change, async ({ id, body, author }) => {
    await getSite(db, id);
    return inTransaction(db, (tx) => updateSite(tx, id, body, author));
  }),
  here(siteEndpoints.putAway, ({ id, query, author }) =>
    putAway(db, SITE, id, query.version, author),
  ),
  here(siteEndpoints.restore, ({ id, author }) => takeBack(db, SITE, id, author)),
];
