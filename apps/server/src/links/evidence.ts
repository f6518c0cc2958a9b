import { evidenceBy, type LinkEvidence } from '@near-spoke/contract';
import type { Database } from '../db/database';
import { factsOfAll } from '../facts/repository';

/** The evidence of links, by their ids. */
export async function evidenceOf(
  db: Database,
  ids: readonly string[],
): Promise<(id: string) => LinkEvidence> {
  const facts = await factsOfAll(db, ids);
  return (id) => evidenceBy((kind) => facts(id, kind), facts(id, 'void'));
}
