import { editEndpoints } from '@near-spoke/contract/edit';
import { ADAPTER } from '../adapters/repository';
import { here, type Mounted } from '../http/mount';
import { LINK } from '../links/repository';
import { PART } from '../parts/repository';
import type { Services } from '../services';
import { SITE } from '../sites/repository';
import { editList } from './edit-list';

/** The changes of what people edit. */
export const editOperations = ({ db }: Services): Mounted[] => [
  here(editEndpoints.ofLink, async ({ id }) => ({
    edits: await editList(db, LINK, id),
  })),
  here(editEndpoints.ofSite, async ({ id }) => ({
    edits: await editList(db, SITE, id),
  })),
  here(editEndpoints.ofAdapter, async ({ id }) => ({
    edits: await editList(db, ADAPTER, id),
  })),
  here(editEndpoints.ofPart, async ({ id }) => ({
    edits: await editList(db, PART, id),
  })),
];
