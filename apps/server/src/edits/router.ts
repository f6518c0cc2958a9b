import { isDeepStrictEqual } from 'node:util';
import { editEndpoints, type Edit } from '@near-spoke/contract/edit';
import type { Fields } from '@near-spoke/core/record';
import { ADAPTER } from '../adapters/repository';
import { inTransaction, type Database } from '../db/database';
import { here, type Mounted } from '../http/mount';
import { notFound } from '../http/problem-error';
import { LINK } from '../links/repository';
import { PART } from '../parts/repository';
import type { Services } from '../services';
import { SITE } from '../sites/repository';
import { asRead, editsOf, storedRow, type Edited } from './edited';

/** Who has changed what of it. */
async function editList<Row>(db: Database, edited: Edited<Row>, id: string): Promise<Edit[]> {
  return inTransaction(db, async (tx) => {
    const stored = await storedRow(tx, edited, id);
    if (!stored) throw notFound(edited.what);
    const edits = await editsOf(tx, id);
    const steps = [...edits.map(({ before }) => before), stored].map((row) => asRead(edited, row));
    return edits.map(({ at, author, version }, index) => {
      const [from, to]: readonly Fields[] = [{ ...steps[index] }, { ...steps[index + 1] }];
      const changed = Object.keys(to ?? {})
        .filter((field) => field !== 'version')
        .map((field) => ({ field, from: from?.[field], to: to?.[field] }))
        .filter((row) => !isDeepStrictEqual(row.from, row.to));
      return { at: at.toISOString(), author, version: version + 1, changed };
    });
  });
}

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
