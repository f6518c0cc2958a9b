import { readingEndpoints, tickEndpoints, voidEndpoints } from '@near-spoke/contract';
import { traceEndpoints } from '@near-spoke/contract/reflect';
import { testEndpoints } from '@near-spoke/contract/tests';
import { getAdapter } from '../adapters/repository';
import { refuseUnknownBlob } from '../blobs/repository';
import { getBatch } from '../cords/repository';
import { here, type Mounted } from '../http/mount';
import { getLink } from '../links/repository';
import type { Services } from '../services';
import { getSite } from '../sites/repository';
import { addFact, listFacts } from './repository';
import { addVoid } from './voids';

/** Facts about links, and what takes any fact back; to judge one before it is kept is a job. */
export const factOperations = ({ db }: Services): Mounted[] => [
  here(tickEndpoints.list, async ({ id }) => {
    await getLink(db, id);
    return { ticks: await listFacts(db, 'tick', id) };
  }),
  here(tickEndpoints.keep, async ({ id, body }) => {
    await getLink(db, id);
    return addFact(db, 'tick', { subject: id }, body);
  }),
  here(readingEndpoints.list, async ({ id }) => {
    await getLink(db, id);
    return { readings: await listFacts(db, 'reading', id) };
  }),
  here(testEndpoints.list, async ({ id }) => {
    await getLink(db, id);
    return { tests: await listFacts(db, 'test', id) };
  }),
  here(traceEndpoints.list, async ({ id }) => {
    await getLink(db, id);
    return { traces: await listFacts(db, 'trace', id) };
  }),
  here(traceEndpoints.keep, async ({ id, body }) => {
    await getLink(db, id);
    await refuseUnknownBlob(db, body.blob);
    return addFact(db, 'trace', { subject: id }, body);
  }),
  here(voidEndpoints.keep, (asked) => addVoid(db, asked)),
  here(voidEndpoints.ofLink, async ({ id }) => {
    await getLink(db, id);
    return { voided: await listFacts(db, 'void', id) };
  }),
  here(voidEndpoints.ofBatch, async ({ id }) => {
    await getBatch(db, id);
    return { voided: await listFacts(db, 'void', id) };
  }),
  here(voidEndpoints.ofSite, async ({ id }) => {
    await getSite(db, id);
    return { voided: await listFacts(db, 'void', id) };
  }),
  here(voidEndpoints.ofAdapter, async ({ id }) => {
    await getAdapter(db, id);
    return { voided: await listFacts(db, 'void', id) };
  }),
];
