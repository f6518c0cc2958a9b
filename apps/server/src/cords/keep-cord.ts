import type { Asked } from '@near-spoke/contract';
import type { cordEndpoints, cordFactInput } from '@near-spoke/contract/cords';
import { seenOf } from '@near-spoke/contract/tests';
import { compareTest, type Bench } from '@near-spoke/core/verify/explain';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { addFact } from '../facts/repository';
import { refuse } from '../http/problem-error';
import { refuseStrangers } from '../tests/refuse-strangers';
import { benchOfBatch, refuseTester } from './bench';
import { getBatch } from './repository';
import { KEPT } from '../words/teller';

/** Keeps what was seen of a cord. */
export async function keepCord(
  { id, body: input }: Asked<typeof cordEndpoints.keep>,
  db: Database,
) {
  const batch = await getBatch(db, id);
  const bench = await benchOfBatch(db, batch);
  refuseTester(input.tester, bench);
  return addFact(db, 'cord', { subject: batch.id }, input, { summary: summaryOf(input, bench) });
}

/** What is said of a cord; a pass that shows a fault is refused. */
function summaryOf({ verdict, reading }: z.output<typeof cordFactInput>, bench: Bench): string {
  if (!reading) return verdict === 'pass' ? 'As on a good cord.' : 'A fault, not described.';
  refuseStrangers([reading], bench.wiring, () => 'reading.');
  const { good, summary } = compareTest(seenOf(reading), bench);
  if (good !== (verdict === 'pass'))
    refuse([
      {
        path: 'verdict',
        reason: good ? 'the reading shows no fault' : 'the reading shows a fault',
      },
    ]);
  return KEPT(summary);
}
