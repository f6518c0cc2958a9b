import { mergeFields } from '@near-spoke/core/record';
import type { Database } from '../db/database';
import { ProblemError } from '../http/problem-error';
import { asRead, formerRow, heldRow, type Edited, type Versioned } from './edited';

/**
 * A change that was made of an older version, as it has to be written over what is stored: what others have
 * changed since stays, where the change is of other fields. One that was made of what is stored, or of what
 * nobody knows any more, is left as it is.
 *
 * @param tx the transaction that the change is written in
 * @throws ProblemError 409 with the path of each field that both have changed, and what is stored
 */
export async function mergedPatch<Row, P extends Versioned>(
  tx: Database,
  edited: Edited<Row>,
  id: string,
  patch: P,
): Promise<P> {
  const stored = await heldRow(tx, edited, id);
  if (!stored || asRead(edited, stored).version === patch.version || stored['deleted_at'])
    return patch;
  const seen = await formerRow(tx, id, patch.version);
  if (!seen) return patch;
  const [theirs, base] = [asRead(edited, stored), asRead(edited, seen)];
  const { version: _, ...mine } = patch;
  const { changes, conflicts } = mergeFields({ ...base }, mine, { ...theirs });
  if (conflicts.length > 0)
    throw new ProblemError(
      409,
      'Changed meanwhile',
      `Somebody else has changed the same of this ${edited.what}: ${conflicts.join(', ')}. Look at what is stored now, and save again.`,
      {
        // But for those fields, as it would be.
        current: { ...theirs, ...changes },
        errors: conflicts.map((path) => ({ path, reason: 'was changed by somebody else' })),
      },
    );
  // Where all of it is stored by now, nothing is left to write: the same again, whose answer was lost.
  const version = Object.keys(changes).length === 0 ? patch.version : theirs.version;
  // Each field is one of the patch, or what is stored in its place.
  return { ...changes, version } as P;
}
