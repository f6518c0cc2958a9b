import { partEndpoints } from '@near-spoke/contract';
import { inTransaction } from '../db/database';
import { here, type Mounted } from '../http/mount';
import type { Services } from '../services';
import { createPart, listParts, setAway, updatePart } from './repository';

export const partOperations = ({ db }: Services): Mounted[] => [
  here(partEndpoints.list, async () => ({ parts: await listParts(db) })),
  here(partEndpoints.add, ({ body }) => createPart(db, body)),
  here(partEndpoints.change, ({ id, body, author }) =>
    inTransaction(db, (tx) => updatePart(tx, id, body, author)),
  ),
  here(partEndpoints.putAway, async ({ id, query, author }) => {
    await setAway(db, id, true, author, query.version);
  }),
  here(partEndpoints.restore, ({ id, author }) => setAway(db, id, false, author)),
];
