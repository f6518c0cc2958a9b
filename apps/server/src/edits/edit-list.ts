import { isDeepStrictEqual } from 'node:util';
import type { Edit } from '@near-spoke/contract/edit';
import type { Fields } from '@near-spoke/core/record';
import { inTransaction, type Database } from '../db/database';
import { notFound } from '../http/problem-error';
import { asRead, editsOf, storedRow, type Edited } from './edited';

/** Who has changed what of it. */
export async function editList<Row>(
  db: Database,
  edited: Edited<Row>,
  id: string,
): Promise<Edit[]> {
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
