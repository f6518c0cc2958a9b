import { linkEndpoints } from '@near-spoke/contract';
import { scheduleEndpoints } from '@near-spoke/contract/schedule';
import { hubOf } from '@near-spoke/core/link';
import { repin } from '../adapters/repository';
import { inTransaction, type Database } from '../db/database';
import { putAway } from '../edits/away';
import { mergedPatch } from '../edits/merged-patch';
import { here, type Mounted } from '../http/mount';
import { busy } from '../http/problem-error';
import { jsonText } from '../http/reply';
import { refuseUnknownParts } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';
import type { Services } from '../services';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { exportSchedule } from './export-schedule';
import { linksAsJson, rowsAsJson, standingInNumbers } from './lists';
import { refuseRoute } from './refuse-route';
import { LINK, createLink, getLink, getRow, getRows, restoreLink, updateLink } from './repository';
import { standingOf } from './standing';

/** Links; to take them along and to read a schedule are jobs. */
export const linkOperations = ({ db, refresher }: Services): Mounted[] => [
  here(linkEndpoints.list, async ({ id, query }) => {
    const page = () => linksAsJson(db, id, query);
    let { text, staleIds } = await fresh({ db, refresher }, id, page);
    // What is on the page is true at any rate, however much of the site is not worked out yet.
    for (let turn = 0; staleIds.length > 0; turn += 1) {
      if (turn === STALE_TURNS) throw busy('Ask again in a moment.');
      const job = await jobOf(db, await getSite(db, id));
      await standingOf(db, await getRows(db, id, staleIds), job);
      ({ text, staleIds } = await page());
    }
    return jsonText(text);
  }),
  here(linkEndpoints.rows, async ({ id, query: { after, limit } }) => {
    const { text } = await fresh({ db, refresher }, id, () => rowsAsJson(db, id, after, limit));
    return jsonText(text);
  }),
  here(linkEndpoints.standing, ({ id }) =>
    fresh({ db, refresher }, id, () => standingInNumbers(db, id)),
  ),
  here(scheduleEndpoints.write, ({ id }) => exportSchedule(db, id)),
  here(linkEndpoints.make, async ({ id, body: { id: given, ...input } }) => {
    const site = await getSite(db, id);
    refuseUnknownParts(input, await loadCatalogue(db));
    refuseRoute(input);
    const link = { ...input, hub: input.hub ?? hubOf(input.near.place) };
    const made = await createLink(db, site.id, link, given);
    return summaryOf(db, made.id);
  }),
  here(linkEndpoints.one, ({ id }) => summaryOf(db, id)),
  here(linkEndpoints.change, async ({ id, body: sent, author }) => {
    // The link and the cores of the adapter that it may be are changed together.
    await inTransaction(db, async (tx) => {
      const body = await mergedPatch(tx, LINK, id, sent);
      const current = await getLink(tx, id);
      const catalogue = await loadCatalogue(tx);
      refuseUnknownParts(body, catalogue);
      if (body.route ?? body.lengthM !== undefined) refuseRoute({ ...current, ...body });
      await updateLink(tx, current, body, author);
      await repin(tx, id, catalogue);
    });
    return summaryOf(db, id);
  }),
  here(linkEndpoints.putAway, ({ id, query, author }) =>
    putAway(db, LINK, id, query.version, author),
  ),
  here(linkEndpoints.restore, async ({ id, author }) =>
    summaryOf(db, (await restoreLink(db, id, author)).id),
  ),
];

/** Facts that come while a page is worked out make it stale again: so often it is worked out anew. */
const STALE_TURNS = 5;

/** What is read of a site, once nothing of it is stale or a list has waited long enough. */
async function fresh<T extends { readonly stale: number; readonly total: number }>(
  { db, refresher }: Pick<Services, 'db' | 'refresher'>,
  siteId: string,
  read: () => Promise<T>,
): Promise<T> {
  const first = await read();
  if (first.total === 0) await getSite(db, siteId);
  if (first.stale === 0) return first;
  await refresher.beforeList(siteId);
  return read();
}

/** A link with where it stands now. */
async function summaryOf(db: Database, id: string) {
  const row = await getRow(db, id);
  const job = await jobOf(db, await getSite(db, row.siteId));
  const [stands] = await standingOf(db, [row], job);
  if (!stands) throw new Error(`Link ${id} stands nowhere`);
  return stands;
}
