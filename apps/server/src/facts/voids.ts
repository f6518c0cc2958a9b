import type { Asked, Voided, voidEndpoints } from '@near-spoke/contract';
import { saidOf } from '@near-spoke/contract/facts';
import type { Database } from '../db/database';
import { notFound } from '../http/problem-error';
import { addFact, findFact, readFact } from './repository';

/** Takes a fact back. Sent again with the same id, it is the same: a retry is harmless. */
export async function addVoid(
  db: Database,
  { id: of, body }: Pick<Asked<typeof voidEndpoints.keep>, 'id' | 'body'>,
): Promise<Voided> {
  const row = await findFact(db, of);
  // What takes back is not taken back itself: the fact is taken anew.
  if (!row || row.kind === 'void' || row.kind === 'edit') throw notFound('fact');
  const fact = readFact(row.kind, row);
  return addFact(db, 'void', { subject: row.subject, of }, body, {
    kind: row.kind,
    takenAt: row.at.toISOString(),
    takenBy: row.author,
    summary: saidOf(row.kind, fact),
  });
}
