import { cordEndpoints } from '@near-spoke/contract/cords';
import { countCords } from '@near-spoke/core/record';
import { factsAbout } from '../facts/repository';
import { here, type Mounted } from '../http/mount';
import { refuseUnknownParts } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';
import type { Services } from '../services';
import { getSite } from '../sites/repository';
import { benchOfBatch, refuseTester } from './bench';
import { createBatch, getBatch, listBatches } from './repository';

/** Batches of cords that are alike; to keep what was seen of one, and their sheets, are jobs. */
export const cordOperations = ({ db }: Services): Mounted[] => [
  here(cordEndpoints.list, async ({ id }) => {
    const site = await getSite(db, id);
    const batches = await listBatches(db, site.id);
    const ids = batches.map((batch) => batch.id);
    const seen = await factsAbout(db, 'cord', ids);
    return {
      batches: batches.map((batch) => {
        const { passed, failed } = countCords(seen.get(batch.id) ?? []);
        return { ...batch, passed, failed };
      }),
    };
  }),
  here(cordEndpoints.begin, async ({ id, body }) => {
    const site = await getSite(db, id);
    refuseUnknownParts(body.cord, await loadCatalogue(db));
    refuseTester(body.tester, await benchOfBatch(db, { siteId: site.id, cord: body.cord }));
    return createBatch(db, site.id, body);
  }),
  here(cordEndpoints.one, ({ id }) => getBatch(db, id)),
];
