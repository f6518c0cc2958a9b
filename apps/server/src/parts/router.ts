import { partEndpoints } from '@near-spoke/contract';
import { here, type Mounted } from '../http/mount';
import type { Services } from '../services';
import { createPart, listParts, setAway, updatePart } from './repository';

export const partOperations = ({ db }: Services): Mounted[] => [
  here(partEndpoints.list, async () => ({ parts: await listParts(db) })),
  here(partEndpoints.add, ({ body }) => createPart(db, body)),
  here(partEndpoints.change, ({ id, body }) => updatePart(db, id, body)),
  here(partEndpoints.putAway, async ({ id, query }) => {
    await setAway(db, id, true, query.version);
  }),
  here(partEndpoints.restore, ({ id }) => setAway(db, id, false)),
];
