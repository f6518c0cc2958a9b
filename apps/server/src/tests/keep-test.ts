import type { Asked } from '@near-spoke/contract';
import { seenOf, type testEndpoints } from '@near-spoke/contract/tests';
import { benchOf, judgeTest } from '@near-spoke/core/verify/explain';
import { told } from '@near-spoke/words';
import type { Database } from '../db/database';
import { addFact } from '../facts/repository';
import { getLink } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { refuseStrangers } from './refuse-strangers';
import { KEPT } from '../words/teller';

/** Keeps what a tester of another class showed, judged. */
export async function keepTest(
  { id, body: input }: Asked<typeof testEndpoints.keep>,
  db: Database,
) {
  const link = await getLink(db, id);
  const job = await jobOf(db, await getSite(db, link.siteId));
  const bench = benchOf(link, job);
  refuseStrangers([input.reading], bench.wiring, () => 'reading.');
  const { verdict, missed, summary } = told(judgeTest(seenOf(input.reading), bench), KEPT);
  const { tester } = input.reading;
  const worked = { tester, wiring: bench.wiring, verdict, missed, summary };
  return addFact(db, 'test', { subject: link.id }, input, worked);
}
