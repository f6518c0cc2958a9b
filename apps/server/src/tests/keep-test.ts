import type { Asked } from '@near-spoke/contract';
import { seenOf, type testEndpoints } from '@near-spoke/contract/tests';
import { benchOf, judgeTest } from '@near-spoke/core/verify/explain';
import type { Database } from '../db/database';
import { getLink } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { refuseStrangers } from './refuse-strangers';
import { addTest } from './repository';

/** Keeps what a tester of another class showed, judged. */
export async function keepTest(
  { id, body: input }: Asked<typeof testEndpoints.keep>,
  db: Database,
) {
  const link = await getLink(db, id);
  const job = await jobOf(db, await getSite(db, link.siteId));
  const bench = benchOf(link, job);
  refuseStrangers([input.reading], bench.wiring, () => 'reading.');
  const judged = judgeTest(seenOf(input.reading), bench);
  return addTest(db, link.id, input, bench.wiring, judged);
}
