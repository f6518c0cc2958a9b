import { adapterEndpoints } from '@near-spoke/contract/map';
import { addFact, listFacts } from '../facts/repository';
import { here, type Mounted } from '../http/mount';
import type { Services } from '../services';
import { getAdapter, listAdapters } from './repository';

/** Adapters; what solves one, to write it or to draw its sheets, is a job. */
export const adapterOperations = ({ db }: Services): Mounted[] => [
  here(adapterEndpoints.list, async () => ({ adapters: await listAdapters(db) })),
  here(adapterEndpoints.one, ({ id }) => getAdapter(db, id)),
  here(adapterEndpoints.facts, async ({ id }) => {
    const adapter = await getAdapter(db, id);
    return { facts: await listFacts(db, 'adapter', adapter.id) };
  }),
  here(adapterEndpoints.keepFact, async ({ id, body }) => {
    const adapter = await getAdapter(db, id);
    return addFact(db, 'adapter', { subject: adapter.id }, body);
  }),
];
