import type { CordBatch } from '@near-spoke/contract/cords';
import { tester } from '@near-spoke/core/verify';
import { cordBenchOf, testersFor, type Bench } from '@near-spoke/core/verify/explain';
import type { Database } from '../db/database';
import { refuse } from '../http/problem-error';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';

/** A batch's cords on the bench. */
export const benchOfBatch = async (
  db: Database,
  { siteId, cord }: Pick<CordBatch, 'siteId' | 'cord'>,
): Promise<Bench> => cordBenchOf(cord, await jobOf(db, await getSite(db, siteId)));

export function refuseTester(id: CordBatch['tester'], { wiring }: Bench): void {
  refuse(
    testersFor(wiring).some((row) => row.id === id)
      ? []
      : [{ path: 'tester', reason: `${tester(id).name} can’t be put to this kind of cord` }],
  );
}
