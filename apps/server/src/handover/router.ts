import { handoverEndpoints } from '@near-spoke/contract/handover';
import { here, type Mounted } from '../http/mount';
import type { Services } from '../services';
import { checkPage } from './check-page';
import { firmKey } from './firm-key';
import { progressOf } from './progress';

export const handoverOperations = ({ db }: Services): Mounted[] => [
  here(handoverEndpoints.progress, ({ id }) => progressOf(db, id)),
  here(handoverEndpoints.key, async () => {
    const { key, spoken } = await firmKey(db);
    return { key, spoken };
  }),
  here(handoverEndpoints.check, ({ query }) => checkPage(query.language, db)),
];
