import { adapterEndpoints } from '@near-spoke/contract/map';
import { here, type Mounted } from '../http/mount';
import type { Services } from '../services';
import { getAdapter, listAdapters } from './repository';

/** Adapters; what solves one, to write it or to draw its sheets, is a job. */
export const adapterOperations = ({ db }: Services): Mounted[] => [
  here(adapterEndpoints.list, async () => ({ adapters: await listAdapters(db) })),
  here(adapterEndpoints.one, ({ id }) => getAdapter(db, id)),
];
