import type { Voided } from '@near-spoke/contract';
import { saidOf, type FactKindId, type FactOf } from '@near-spoke/contract/facts';

type Voidable = Exclude<FactKindId, 'void'>;

/** That a fact is taken back, as it stays in the record: what it said, and why it is not true. */
export const taken = <K extends Voidable>(
  kind: K,
  fact: FactOf<K>,
  reason = 'Taken back.',
): Pick<Voided, 'of' | 'kind' | 'takenAt' | 'takenBy' | 'summary' | 'reason'> => ({
  of: fact.id,
  kind,
  takenAt: 'takenAt' in fact ? fact.takenAt : fact.at,
  takenBy: fact.author,
  summary: saidOf(kind, fact),
  reason,
});
