import { tickEndpoints } from '@near-spoke/contract';
import { here, type Mounted } from '../http/mount';
import { getLink } from '../links/repository';
import type { Services } from '../services';
import { addTick, listTicks } from './repository';

export const tickOperations = ({ db }: Services): Mounted[] => [
  here(tickEndpoints.list, async ({ id }) => {
    const link = await getLink(db, id);
    return { ticks: await listTicks(db, link.id) };
  }),
  here(tickEndpoints.keep, async ({ id, body }) => {
    const link = await getLink(db, id);
    return addTick(db, link.id, body);
  }),
];
