import { seenOf, testInput } from '@near-spoke/contract/tests';
import { benchOf, judgeTest } from '@near-spoke/core/verify/explain';
import type { Database } from '../db/database';
import { json, type Ask } from '../http/ask';
import { bodyOf, idOf } from '../http/parse';
import { getLink } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { refuseStrangers } from './refuse-strangers';
import { addTest } from './repository';

/** Keeps what a tester of another class showed, judged. */
export async function keepTest(ask: Ask, db: Database) {
  const link = await getLink(db, idOf(ask, 'link'));
  const input = bodyOf(testInput, ask);
  const job = await jobOf(db, await getSite(db, link.siteId));
  const bench = benchOf(link, job);
  refuseStrangers([input.reading], bench.wiring, () => 'reading.');
  const judged = judgeTest(seenOf(input.reading), bench);
  return json(await addTest(db, link.id, input, bench.wiring, judged), 201);
}
