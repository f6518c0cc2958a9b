import { voidEndpoints } from '@near-spoke/contract';
import { here, type Mounted } from '../http/mount';
import { getLink } from '../links/repository';
import type { Services } from '../services';
import { addVoid, voidedOfLinks } from './voids';

/** Facts that take others back. */
export const voidOperations = ({ db }: Services): Mounted[] => [
  here(voidEndpoints.list, async ({ id }) => {
    const link = await getLink(db, id);
    return { voided: (await voidedOfLinks(db, [link.id])).get(link.id) ?? [] };
  }),
  here(voidEndpoints.keep, async ({ id, body }) => {
    const link = await getLink(db, id);
    return addVoid(db, link.id, body);
  }),
];
